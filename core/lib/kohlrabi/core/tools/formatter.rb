# frozen_string_literal: true

module Core
  module Tools
    # Lengths, areas and numbers of the bench in words: to a tenth of a millimetre, or to the nearest 1/16 in.
    class Formatter
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

      # Bits and kerfs: in inches to the nearest 1/64.
      def fine(millimetres)
        return length(millimetres) if unit == "mm"

        part = (millimetres.to_r / Units::Length::MM_PER["in"] * 64).round
        whole, rest = part.divmod(64)
        fraction = Rational(rest, 64)
        return "#{whole} in" if rest.zero?

        "#{"#{whole} " if whole.positive?}#{fraction.numerator}/#{fraction.denominator} in"
      end

      # As it would be typed: without its unit.
      def typed(millimetres) = length(millimetres).sub(/ (mm|in)\z/, "").gsub(Units::Numerals::GROUPS, "")

      def lengths(list) = list.map { |one| typed(one) }.join(", ").then { |text| "#{text} #{unit}" }
      def area(square) = Units::Square.text(square, unit: unit)

      # 3 at most so many decimals, without noughts at the end.
      def number(value, places = 1)
        text = Units::Numerals.text(value.to_r, places)
        places.positive? ? text.sub(/\.?0+\z/, "") : text
      end

      # Of little, to a tenth: "15.4 ml".
      def little(millilitres) = unit == "mm" ? "#{number(millilitres)} ml" : amount(millilitres)

      def mass(grams) = Units::Measures.mass(grams, unit: unit)

      # kg, whole in metric: "34 kg", "75 lb".
      def weight(kilograms, places = 0)
        return mass((kilograms * 1000).round) unless unit == "mm"

        "#{number(kilograms, places)} kg"
      end

      def run(metres) = Units::Measures.run(metres, unit: unit)
      def temperature(celsius) = Units::Measures.temperature(celsius, unit: unit)
      def warmer(celsius) = Units::Measures.warmer(celsius, unit: unit)
      def rate(square_metres) = Units::Measures.rate(square_metres, unit: unit)

      # m³ of wood: "82 L", "2.9 ft³".
      def bulk(cubic_metres)
        unit == "mm" ? "#{number(cubic_metres * 1000)} L" : "#{number(cubic_metres.to_r / (Units::Measures::FOOT**3))} ft³"
      end

      # kg/m³: as it is, or in lb/ft³.
      def density(kilograms)
        return "#{kilograms} kg/m³" if unit == "mm"

        "#{number(kilograms.to_r * 1000 / Units::Measures::POUND * (Units::Measures::FOOT**3))} lb/ft³"
      end

      # Minutes a square metre: as they are, or a square foot.
      def minutes_an_area(minutes)
        if unit == "mm"
          "#{number(minutes)} min a m²"
        else
          "#{number(minutes.to_r * Units::Measures::SQUARE_FOOT, 2)} min a ft²"
        end
      end

      # Whole millilitres from ten on, tenths below; in US measures as said.
      def amount(millilitres)
        return Units::Measures.volume(millilitres, unit: unit) if Units::Measures.us?(unit)

        millilitres >= 10 ? Units::Measures.volume(millilitres.round, unit: unit) : "#{number(millilitres)} ml"
      end

      def count(number, one, many = "#{one}s") = "#{number} #{number == 1 ? one : many}"

      private

      def tenth(millimetres) = number(millimetres, 1)
    end
  end
end
