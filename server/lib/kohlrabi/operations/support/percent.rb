# frozen_string_literal: true

module Operations
  module Support
    # Percentages as they are kept: whole hundredths of a percent.
    module Percent
      extend self

      # "12.5" → 1250. most: the highest allowed, in percent; nil: any below 100, as for a fee. Raises Core::Refusal
      # when out of range or finer than a hundredth.
      def parse(text, most: nil)
        hundredths = Core::Units::Numerals.parse(text.to_s.delete_suffix("%").strip) * 100
        return hundredths.to_i if hundredths.denominator == 1 && hundredths.between?(0, most ? most * 100 : 9999)

        raise Core::Refusal.new(:not_a_percentage, given: text, most: most || "under 100")
      end

      # 1250 → "12.5"; nil stays nil.
      def text(hundredths)
        hundredths && Core::Units::Numerals.plain(Rational(hundredths, 100), 2).sub(/\.?0+\z/, "")
      end
    end
  end
end
