# frozen_string_literal: true

module Core
  module Statistics
    # Student's t, by the normal distribution: t(z) = z(1 − 1 ÷ 4ν) ÷ √(1 + z² ÷ 2ν) (Abramowitz and Stegun 1964,
    # 26.7.8).
    module Student
      extend self

      # Share below z; freedom: degrees of it, above 0.
      def below(z, freedom) = Normal.below(z * (1 - (1.0 / (4 * freedom))) / Math.sqrt(1 + (z * z / (2.0 * freedom))))
    end
  end
end
