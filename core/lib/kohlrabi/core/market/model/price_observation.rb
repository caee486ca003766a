# frozen_string_literal: true

module Core
  module Market
    module Model
      # A price that somebody else asks or got for a piece like it, as an observation of its value: ln price less
      # its bias, with a spread. log: ln of the price in minor units (of one known sold: less ln of what is got of
      # what is asked); bias: key of a parameter, nil for one's own; sd: of its noise; weight: 0..1, how far it has
      # faded.
      PriceObservation = Struct.new(:log, :bias, :sd, :weight, keyword_init: true) do
        # price: minor units above 0; got: share of what is asked that is got.
        def self.of(price, sold:, likeness: 3, got: 0.93, weight: 1.0, own: false)
          new(log: Math.log(price) - (sold ? Math.log(got) : 0), bias: bias(sold, own), sd: Priors::ALIKE.fetch(likeness),
              weight: weight).freeze
        end

        def self.bias(sold, own)
          return if own

          sold ? "sold_bias" : "asked_dear"
        end

        def precision = weight / (sd * sd)
      end
    end
  end
end
