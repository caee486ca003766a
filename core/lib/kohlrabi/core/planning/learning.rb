# frozen_string_literal: true

module Core
  module Planning
    # Estimates learn from the workshop's own hours.
    module Learning
      WEIGHT = 5 # flips by which the first guess holds against experience

      extend self

      # ratios: Array of actual ÷ unfactored estimate, one a finished flip. Factor (n × median + 5) ÷ (n + 5); 1 with
      # none.
      def factor(ratios)
        return 1 if ratios.empty?

        ((ratios.size * Statistics::Quantiles.at(ratios, 1/2r)) + WEIGHT) / (ratios.size + WEIGHT)
      end

      # history: Array of [{kind => actual seconds}, {kind => unfactored seconds}]. Returns {kind => [factor, n]} where
      # there is any.
      def factors(history)
        ratios = Hash.new { |hash, kind| hash[kind] = [] }
        history.each do |actual, planned|
          planned.each do |kind, seconds|
            ratios[kind] << Rational(actual[kind], seconds) if seconds.positive? && actual[kind]&.positive?
          end
        end
        ratios.transform_values { |list| [factor(list), list.size] }
      end
    end
  end
end
