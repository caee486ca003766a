# frozen_string_literal: true

module Kohlrabi
  module Core
    module Tools
      # Lengths, areas and numbers of the bench in words: to a tenth of a millimetre, or to the nearest 1/16 in.
      class Say
        GROUPED = /(?<=\d)#{Units::Numerals::GAP}(?=\d{3})/ # the gap in 12 345

        attr_reader :unit

        # unit: "mm" or "in".
        def initialize(unit)
          @unit = unit
        end

        # "148.5 mm", "5 7/8 in"; 0 is "0 mm".
        def length(millimetres)
          return "#{tenth(millimetres)} mm" if unit == "mm"
          return "0 in" if millimetres.abs < 25.4 / 32

          "#{Units::Numerals::MINUS if millimetres.negative?}#{Units::Length.text(millimetres.abs, unit: 'in')}"
        end

        # Bits and kerfs: in inches to the nearest 1/64, with their millimetres.
        def fine(millimetres)
          return length(millimetres) if unit == "mm"

          part = (millimetres.to_r / Units::Length::MM_PER["in"] * 64).round
          whole, rest = part.divmod(64)
          fraction = Rational(rest, 64)
          "#{number(millimetres)} mm (#{"#{whole} " if whole.positive?}#{fraction.numerator}/#{fraction.denominator} in)"
        end

        # As it would be typed: without its unit.
        def typed(millimetres) = length(millimetres).sub(/ (mm|in)\z/, "").gsub(GROUPED, "")

        def lengths(list) = list.map { |one| typed(one) }.join(", ").then { |text| "#{text} #{unit}" }
        def area(square) = Units::Square.text(square, unit: unit)

        # 3 at most so many decimals, without noughts at the end.
        def number(value, places = 1)
          text = Units::Numerals.text(value.to_r, places)
          places.positive? ? text.sub(/\.?0+\z/, "") : text
        end

        # Whole millilitres from ten on, tenths below.
        def amount(millilitres)
          millilitres >= 10 ? Shelf::Amount.text(millilitres.round, { unit: "ml" }) : "#{number(millilitres)} ml"
        end

        def count(number, one, many = "#{one}s") = "#{number} #{number == 1 ? one : many}"

        private

        def tenth(millimetres) = number(millimetres, 1)
      end
    end
  end
end
