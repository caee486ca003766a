# frozen_string_literal: true

module Core
  module Market
    module Model
      # Prices worth looking at: evenly spaced in proportion, each on an ending that the house likes.
      module Ladder
        COUNT = 36
        BELOW = 0.7 # ln under the low end of the value: where steps may lead
        ABOVE = 1.2 # times the high end: further than is advised, to see how flat it is up there
        # Under so many whole units of currency no ending is looked for.
        SMALL = 20

        extend self

        # value: Value; ending: key of AskingPrice::ENDINGS; unit: minor units in one; also: an amount that must be
        # among them, with what leads down from it. Array of Integer, ascending: the same whatever else is asked for.
        def of(value, ending:, unit:, also: nil)
          low = value.low * Math.exp(-BELOW)
          high = value.high * ABOVE
          ratio = Math.log(high / low) / (COUNT - 1)
          rungs = also.to_f > high ? (Math.log(also / high) / ratio).ceil.clamp(0, COUNT) : 0
          found = (0...(COUNT + rungs)).map { |i| ended(low * Math.exp(ratio * i), ending, unit) }
          most = [high, also.to_f].max
          found = found.reject { |price| price > most } if found.any? { |price| price <= most }
          [*found, also].compact.select(&:positive?).uniq.sort
        end

        # The nearest such amount below or above.
        def ended(price, ending, unit)
          return [price.round, 1].max if price < SMALL * unit && ending == "none"

          above = AskingPrice.ended([price.floor, 1].max, ending == "none" ? "whole" : ending, unit)
          below = AskingPrice.ended([(price - (0.04 * price)).floor, 1].max, ending == "none" ? "whole" : ending, unit)
          [above, below].min_by { |amount| [(amount - price).abs, amount] }
        end
      end
    end
  end
end
