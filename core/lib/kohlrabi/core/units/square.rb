# frozen_string_literal: true

module Core
  module Units
    # Areas: kept in mm², shown in m², or in square feet where the workshop measures in inches (1 ft² = 0.09290304 m²,
    # NIST SP 811).
    module Square
      PER = { "mm" => 1_000_000.0, "in" => 92_903.04 }.freeze
      NAMES = { "mm" => "m²", "in" => "ft²" }.freeze
      MAX_SQUARE_METRES = 100 # m²
      UNITS = /\s*(?:m²|m2|sq\.? ?m(?:et(?:er|re)s?)?|ft²|ft2|sq\.? ?ft|square (?:feet|foot|met(?:er|re)s?))\z/i

      extend self

      # text: a number with its unit, or in m² or ft² by the workshop's. Returns Float mm². Raises Refusal unless above
      # 0.
      def parse(text, unit:)
        value = Numerals.parse(text.to_s.sub(UNITS,
                                             "")).to_f * PER.fetch(text.to_s[UNITS] ? said(text.to_s[UNITS]) : unit)
        return value if value.positive? && value <= MAX_SQUARE_METRES * PER["mm"]

        raise Refusal.new(:not_an_area, given: text, unit: NAMES.fetch(unit))
      end

      # "0.45 m²", "4.84 ft²"; nil stays nil.
      def text(square, unit:)
        square && "#{Numerals.text((square / PER.fetch(unit)).to_r, 2)} #{NAMES.fetch(unit)}"
      end

      private

      def said(written) = written.match?(/f(?:t|ee|oo)/i) ? "in" : "mm"
    end
  end
end
