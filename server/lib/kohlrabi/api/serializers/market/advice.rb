# frozen_string_literal: true

module Api
  module Serializers
    module Market
      # What to answer to an offer, and why (Core::Market::OfferAdvice::Answer).
      class Advice < Support::Base
        attributes :why, :warnings
        said :sum, :at, :counter
        attribute(:verdict) { |advice| advice.verdict.to_s }
      end
    end
  end
end
