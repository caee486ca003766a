# frozen_string_literal: true

module Kohlrabi
  module Desk
    # Percentages as they are kept: whole hundredths of a percent.
    module Percent
      module_function

      # "12.5" → 1250. Raises Core::Refusal when below 0, 100 or more, or finer than a hundredth.
      def parse(text)
        hundredths = Core::Units::Numerals.parse(text.to_s.delete_suffix("%")) * 100
        return hundredths.to_i if hundredths.denominator == 1 && hundredths.between?(0, 9999)

        raise Core::Refusal.new("“#{Core::Units::Numerals.clip(text)}” is not a fee rate.", "Give a percentage from 0 to under 100.")
      end

      # 1250 → "12.5"; nil stays nil.
      def text(hundredths)
        hundredths && Core::Units::Numerals.plain(Rational(hundredths, 100), 2).sub(/\.?0+\z/, "")
      end
    end
  end
end
