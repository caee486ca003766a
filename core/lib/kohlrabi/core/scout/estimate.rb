# frozen_string_literal: true

module Core
  module Scout
    # An estimate of what is not known yet: low, likely, high with mean and deviation. The unit is the caller's
    # (minor units, seconds). source: in words where it comes from; n: own finished pieces it rests on, or nil.
    Estimate = Struct.new(:low, :likely, :high, :mean, :sd, :source, :n, keyword_init: true)

    # How estimates are made.
    class Estimate
      ENOUGH = 5 # own finished pieces before they are believed

      # Three points: mean (a + 4m + b) ÷ 6, sd (b − a) ÷ 6 (PERT; Malcolm, Roseboom, Clark, Fazar, 1959).
      # Raises Refusal unless 0 ≤ low ≤ likely ≤ high. field: named in the refusal.
      def self.three(low, likely, high, source: "as you entered it", field: nil)
        raise Refusal.new(:estimates_out_of_order, field: field) unless low.between?(0, likely) && likely <= high

        new(low: low, likely: likely, high: high, mean: Rational(low + (4 * likely) + high, 6), sd: Rational(high - low, 6),
            source: source).freeze
      end

      # By the market: the ends that hold it with 80% probability, and its doubt on the log scale; from: own pieces
      # that it rests on.
      def self.spread(low, likely, high, doubt:, source:, from: nil)
        new(low: low.round, likely: likely.round, high: high.round, mean: likely.round, sd: Rational((likely * doubt).round), source: source,
            n: from).freeze
      end

      # From own finished pieces: mean (q1 + median + q3) ÷ 3, sd (q3 − q1) ÷ 1.35; nil with fewer than ENOUGH.
      # (The two follow from the quartiles of a normal sample: Wan, Wang, Liu and Tong, 2014; from memory.)
      def self.own(values, source:)
        return if values.size < ENOUGH

        low, likely, high = [1/4r, 1/2r, 3/4r].map { |share| Statistics::Quantiles.at(values, share) }
        new(low: low, likely: likely, high: high, mean: (low + likely + high) / 3, sd: (high - low) / Rational(135, 100),
            source: source, n: values.size).freeze
      end

      # One figure that somebody gave, as the mean, with the spread that is usual for its kind: nobody is that
      # certain. usual: Estimate, or nil where none is known, and then there is no spread.
      def self.around(likely, usual, source: "as you entered it")
        return three(likely, likely, likely, source: source) unless usual&.mean&.positive?

        scale = Rational(likely) / usual.mean
        new(low: usual.low * scale, likely: likely, high: usual.high * scale, mean: likely, sd: usual.sd * scale,
            source: "#{source}, with the usual spread").freeze
      end

      # The same estimate of several alike, or of one in another condition: every figure × factor.
      def times(factor, source: self.source)
        factor = Rational(factor.to_s)
        self.class.new(low: low * factor, likely: likely * factor, high: high * factor, mean: mean * factor, sd: sd * factor,
                       source: source, n: n).freeze
      end
    end
  end
end
