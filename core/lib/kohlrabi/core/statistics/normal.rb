# frozen_string_literal: true

module Core
  module Statistics
    # The standard normal distribution.
    module Normal
      extend self

      # Φ(z): the share of it below z, 0..1.
      def below(z) = 0.5 * Math.erfc(-z / Math.sqrt(2))

      # The chance that a normal amount is at least 0. mean, sd: in one unit; sd 0 is certain, 0 or 1.
      def chance_positive(mean, sd)
        return mean >= 0 ? 1.0 : 0.0 if sd.zero?

        below(mean.to_f / sd)
      end
    end
  end
end
