# frozen_string_literal: true

module Api
  module Serializers
    module Market
      # A planned step of an asking price.
      class PriceStep < Support::Base
        attributes :id, :state
        said :money, :asking
        said :day, :due_on
        attribute(:due) { |step| step.due_on <= Operations::House::WorkshopSettings.today }
      end
    end
  end
end
