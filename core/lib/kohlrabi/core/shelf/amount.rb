# frozen_string_literal: true

module Core
  module Shelf
    # Amounts of material in words.
    module Amount
      extend self

      # amount: Numeric; row: of Products; unit: the workshop's unit of length. "224 ml", "1.12 L", "50 g", "1.5 qt",
      # "2".
      def text(amount, row, unit:)
        case row[:unit]
        when "ml" then Units::Measures.volume(amount, unit: unit)
        when "m²" then Units::Measures.spread(amount, unit: unit)
        when "m" then Units::Measures.run(amount, unit: unit)
        when "g" then Units::Measures.mass(amount, unit: unit)
        else Units::Numerals.text(amount.to_r, amount == amount.to_i ? 0 : 2)
        end
      end

      # As it would be typed into a form: in the house's measures where that says it exactly (to so many decimals of the
      # kept unit), else in the kept unit.
      def typed(amount, row, unit:, places: 3)
        plain = Units::Numerals.plain(amount.to_r, 3).sub(/\.?0+\z/, "")
        return plain if row[:unit] == "pcs" || !Units::Measures.us?(unit)

        said = [text(amount, row, unit: unit),
                (Units::Measures.spread(amount, unit: unit, places: 3) if row[:unit] == "m²")].compact
        said.map do |one|
          one.gsub(Units::Numerals::GROUPS,
                   "")
        end.find { |one| same?(one, amount, row, unit, places) } || "#{plain} #{row[:unit]}"
      end

      # A difference with its sign: "+1 h", "−2 days", "the same"; the block says an amount without sign.
      def signed(difference)
        return "the same" if difference.zero?

        "#{difference.negative? ? Units::Numerals::MINUS : '+'}#{yield(difference.abs)}"
      end

      # packs: {size => number}. "1 × 1.00 L, 1 × 500 ml"; single pieces by their number.
      def packs(packs, row, unit:)
        packs.map do |size, number|
          size == 1 && row[:unit] == "pcs" ? number.to_s : "#{number} × #{text(size, row, unit: unit)}"
        end.join(", ")
      end

      private

      def same?(said, amount, row, unit, places)
        Units::Quantity.parse(said, unit: row[:unit], house: unit).round(places) == amount.to_r.round(places)
      end
    end
  end
end
