# frozen_string_literal: true

module Api
  module Serializers
    module Market
      # A price that was decided on, with its reason.
      class PriceDecision < Support::Base
        attributes :id, :why
        said :money, :asking
        said :day, :on, from: :decided_on
      end
    end
  end
end
