# frozen_string_literal: true

module Api
  module Serializers
    module Market
      # A part of the price that was paid.
      class Payment < Support::Base
        attributes :id, :note
        said :money, :amount
        said :day, :on, from: :paid_on
      end
    end
  end
end
