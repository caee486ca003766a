# frozen_string_literal: true

module Api
  module Serializers
    module Market
      # An offer, with what to answer where that is still open.
      class Offer < Support::Base
        attributes :id, :who, :note, :answer
        said :money, :amount, :counter
        said :day, :made_on
        attribute(:then, &:advice)
        # advice: {offer id => Core::Market::OfferAdvice::Answer}, by params.
        attribute(:advice) do |offer|
          params.dig(:advice, offer.id)&.then do |advice|
            Advice.present(advice, params[:formatter])
          end
        end
      end
    end
  end
end
