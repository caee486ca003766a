# frozen_string_literal: true

module Kohlrabi
  module Core
    module Units
      # Reads decimal numbers that a person typed, exactly, and writes them for a person or a program.
      module Numerals
        MINUS = "−"
        GAP = " " # narrow no-break space between groups of three digits

        module_function

        # text: digits with at most one decimal mark, no grouping. decimal: :point or :comma.
        # Returns a Rational. Raises Refusal naming the remedy.
        def parse(text, decimal: :point)
          plain = text.to_s.strip.tr(MINUS, "-")
          mark = decimal == :comma ? "," : "."
          return Rational(plain.tr(",", ".")) if plain.match?(/\A-?\d+(#{Regexp.escape(mark)}\d+)?\z/)

          raise Refusal.new("“#{clip(text)}” is not a number.", hint(plain, mark))
        end

        # value: Rational or Integer; places: decimals. Rounds half away from zero. "-1234.50"
        def plain(value, places)
          scaled = (Rational(value) * (10**places)).round(half: :up)
          digits = scaled.abs.to_s.rjust(places + 1, "0")
          whole = digits[0, digits.size - places]
          text = places.zero? ? whole : "#{whole}.#{digits[-places, places]}"
          scaled.negative? ? "-#{text}" : text
        end

        # As #plain, for reading: a true minus, and gaps in numbers of five digits or more. "−12 345.50"
        def text(value, places)
          whole, fraction = plain(value, places).tr("-", MINUS).split(".")
          grouped = whole.delete(MINUS).size > 4 ? whole.gsub(/(\d)(?=(\d{3})+\z)/, "\\1#{GAP}") : whole
          [grouped, fraction].compact.join(".")
        end

        # A person's text cut short for a message.
        def clip(text)
          text = text.to_s.scrub("?").gsub(/[[:cntrl:]]/, " ")
          text.size > 40 ? "#{text[0, 40]}…" : text
        end

        def hint(plain, mark)
          return "Write the decimals after a point: #{plain.tr(',', '.')}." if mark == "." && plain.match?(/\A-?\d+,\d{1,2}\z/)

          "Write digits only, such as 42#{mark}50, without a currency sign."
        end
        private_class_method :hint
      end
    end
  end
end
