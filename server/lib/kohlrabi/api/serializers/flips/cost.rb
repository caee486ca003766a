# frozen_string_literal: true

module Api
  module Serializers
    module Flips
      # A cost with its shares.
      class Cost < Support::Base
        attributes :id, :what, :category, :trip_id
        attribute(:receipts) { |cost| cost.receipts.map { |photo| Photo.address(photo) } }
        said :money, :amount
        said :day, :spent_on
        attribute(:shares) { |cost| params[:formatter].shares(cost.shares) }
      end
    end
  end
end
