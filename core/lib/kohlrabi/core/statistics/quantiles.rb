# frozen_string_literal: true

module Core
  module Statistics
    # Sample quantiles, type 7 of Hyndman and Fan (The American Statistician 50, 1996).
    module Quantiles
      extend self

      # values: Array of numbers; share: 0..1. Returns a Rational, or nil without values.
      def at(values, share)
        return if values.empty?

        sorted = values.sort
        place = (sorted.size - 1) * Rational(share)
        low = sorted[place.floor]
        high = sorted[place.ceil]
        low + ((high - low) * (place - place.floor))
      end

      # {median:, lower:, upper:, n:}; the three nil when there are no values.
      def summary(values)
        { median: at(values, 1/2r), lower: at(values, 1/4r), upper: at(values, 3/4r), n: values.size }
      end
    end
  end
end
