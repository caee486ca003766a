# frozen_string_literal: true

module Kohlrabi
  module Core
    module Shelf
      # Amounts of material in words.
      module Amount
        module_function

        # amount: Numeric; row: of Products. "224 ml", "1.12 L", "50 g", "2".
        def text(amount, row)
          unit = row[:unit]
          return "#{Units::Numerals.text(amount.to_r / 1000, 2)} #{unit == 'ml' ? 'L' : 'kg'}" if %w[ml g].include?(unit) && amount >= 1000

          number = Units::Numerals.text(amount.to_r, amount == amount.to_i ? 0 : 2)
          unit == "pcs" ? number : "#{number} #{unit}"
        end

        # A difference with its sign: "+1 h", "−2 days", "the same"; the block says an amount without sign.
        def signed(difference)
          return "the same" if difference.zero?

          "#{difference.negative? ? Units::Numerals::MINUS : '+'}#{yield(difference.abs)}"
        end

        # packs: {size => number}. "1 × 1.00 L, 1 × 500 ml"; single pieces by their number.
        def packs(packs, row)
          packs.map { |size, number| size == 1 && row[:unit] == "pcs" ? number.to_s : "#{number} × #{text(size, row)}" }.join(", ")
        end
      end
    end
  end
end
