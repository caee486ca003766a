# frozen_string_literal: true

module Core
  module Units
    # Lengths: kept in millimetres, read and shown in the workshop's unit.
    # 1 in = 25.4 mm exactly, 1 ft = 12 in (NIST SP 811).
    module Length
      MM_PER = { "mm" => 1, "cm" => 10, "m" => 1000, "in" => Rational(254, 10), "ft" => Rational(254 * 12, 10) }.freeze
      SIGNS = { "\"" => "in", "″" => "in", "”" => "in", "'" => "ft", "′" => "ft", "’" => "ft",
                "inch" => "in", "inches" => "in", "feet" => "ft", "foot" => "ft" }.freeze
      NUMBER = %r{(?:\d+[\s-]+)?\d+/\d+|\d+(?:\.\d+)?}
      UNIT = /mm|cm|m|inches|inch|in|feet|foot|ft|["″”'′’]/
      LIMIT = 10_000 # mm

      extend self

      # text: "600", "60 cm", "23 5/8", "23.625 in", "2 ft 3 in", "4 ft 6" (inches), "60,5 cm". unit: "mm" or "in",
      # meant where none is written. Returns Float millimetres (to 1/10000). Raises Refusal when unreadable, zero, or
      # over 10 m.
      def parse(text, unit:)
        plain = text.to_s.strip.downcase.gsub(/(?<=\d),(?=\d{1,2}(?!\d))/, ".") # a decimal comma
        raise Refusal.new(:not_a_length, given: text, example: example(unit)) unless
          plain.match?(/\A(?:#{NUMBER}\s*(?:#{UNIT})?\s*)+\z/o)

        mm = plain.scan(/(#{NUMBER})\s*(#{UNIT})?/o).each_with_object([]) do |(number, sign), parts|
          parts << [number(number), sign_of(sign, parts, unit)]
        end
                  .sum { |number, sign| number * MM_PER.fetch(sign) }
        raise Refusal.new(:not_a_length, given: text, example: example(unit)) if mm.zero?
        raise Refusal.new(:over_10_m, given: text) if mm > LIMIT

        mm.round(4).to_f
      rescue ZeroDivisionError
        raise Refusal.new(:length_divides_by_zero, given: text, example: example(unit))
      end

      # mm: Numeric or nil; unit: "mm" or "in". "600 mm", "23 5/8 in" (to the nearest 1/16).
      def text(millimetres, unit:)
        return if millimetres.nil?
        return "#{Numerals.plain(millimetres.to_r, 0)} mm" if unit == "mm"

        whole, part = ((millimetres.to_r / MM_PER["in"]) * 16).round.divmod(16)
        fraction = Rational(part, 16)
        return "#{whole} in" if part.zero?

        "#{"#{whole} " unless whole.zero?}#{fraction.numerator}/#{fraction.denominator} in"
      end

      private

      # What a number is in: as written; after feet inches; else in the workshop's unit.
      def sign_of(sign, before, unit) = SIGNS[sign] || sign || (before.any? && before.last.last == "ft" ? "in" : unit)

      def number(text)
        whole, fraction = text.include?("/") ? text.split(%r{[\s-]+(?=\d+/)}) : [text, nil]
        Rational(whole) + (fraction ? Rational(fraction) : 0)
      end

      def example(unit)
        unit == "in" ? "Write 23 5/8, 23.625 or 600 mm." : "Write 600, 60 cm or 23 5/8 in."
      end
    end
  end
end
