# frozen_string_literal: true

module Core
  module Scout
    # How good the estimates before buying were: what came ÷ what was expected, over flips that ended.
    module TrackRecord
      ENOUGH = 5
      # n: pairs; ratio: median of actual ÷ expected, lower and upper its quartiles, nil without pairs.
      Row = Struct.new(:n, :ratio, :lower, :upper, keyword_init: true) do
        def enough? = n >= ENOUGH

        # "8% higher than expected", "as expected", "too few to tell"; nil without pairs.
        def text
          return "nothing to compare yet" if n.zero?

          percent = ((ratio - 1) * 100).round
          word = "#{percent.abs}% #{percent.positive? ? 'more' : 'less'} than expected"
          word = "as expected" if percent.zero?
          enough? ? word : "#{word}; too few to tell"
        end
      end

      extend self

      # pairs: Array of [expected, actual], either may be nil; expected 0 has no ratio.
      def row(pairs)
        ratios = pairs.filter_map { |expected, actual| Rational(actual, 1) / expected if actual && expected&.positive? }
        summary = Statistics::Quantiles.summary(ratios)
        Row.new(n: ratios.size, ratio: summary[:median], lower: summary[:lower], upper: summary[:upper]).freeze
      end
    end
  end
end
