# frozen_string_literal: true

module Core
  module Units
    # Reads decimal numbers that a person typed, exactly, and writes them for a person or a program.
    module Numerals
      MINUS = "−"
      GAP = "," # between groups of three digits, for reading
      GROUPS = /(?<=\d)#{GAP}(?=\d{3}(?!\d))/

      extend self

      GROUPED = /\A(?<whole>-?\d{1,3}(?<mark>[,.\s])\d{3}(?:\k<mark>\d{3})*)(?:(?!\k<mark>)[.,](?<part>\d+))?\z/

      WORDS = %w[No One Two Three Four Five Six Seven Eight Nine Ten Eleven Twelve].freeze

      # At the head of a sentence: "Five"; in digits beyond twelve.
      def word(number) = WORDS[number] || number.to_s

      # "one sale", "12 sales".
      def counted(number, word) = number == 1 ? "one #{word}" : "#{number} #{word}s"

      # text: digits with at most one decimal mark. decimal: :either takes point or comma, and groups of thousands
      # where there is no doubt; :point and :comma take that mark alone, as a file has it. house: "." where people write
      # 12,500.00, which settles what "12,500" is and makes "12,50" doubtful. Returns a Rational. Raises Refusal naming
      # the remedy.
      def parse(text, decimal: :either, house: nil)
        plain = text.to_s.strip.tr(MINUS, "-")
        return either(plain, text, house) if decimal == :either

        mark = decimal == :comma ? "," : "."
        return Rational(plain.tr(",", ".")) if plain.match?(decimal == :comma ? /\A-?\d+(,\d+)?\z/ : /\A-?\d+(\.\d+)?\z/)

        raise Refusal.new(:not_a_number, given: text, hint: hint(mark, plain))
      end

      # value: Rational or Integer; places: decimals. Rounds half away from zero. "-1234.50"
      def plain(value, places)
        scaled_plain((Rational(value) * (10**places)).round(half: :up), places)
      end

      # The same of a number of units of the last place: 123 at 2 places is "1.23". Long lists write many of these.
      def scaled_plain(scaled, places)
        digits = scaled.abs.to_s.rjust(places + 1, "0")
        whole = digits[0, digits.size - places]
        text = places.zero? ? whole : "#{whole}.#{digits[-places, places]}"
        scaled.negative? ? "-#{text}" : text
      end

      # As #plain, for reading: a true minus, and groups in numbers of five digits or more. "−12,345.50"
      def text(value, places) = readable(plain(value, places))

      # As #scaled_plain, for reading, as amounts of money are written: groups from four digits on. "−1,234.50"
      def scaled_text(scaled, places) = readable(scaled_plain(scaled, places), from: 4)

      # A chance (0..1) in a sentence, to 5%: "80%", "under 5%", "over 95%".
      def chance(share)
        return "under 5%" if share < 0.05
        return "over 95%" if share > 0.95

        "#{(share * 20).round * 5}%"
      end

      # A person's text cut short for a message.
      def clip(text)
        text = text.to_s.scrub("?").gsub(/[[:cntrl:]]/, " ")
        text.size > 40 ? "#{text[0, 40]}…" : text
      end

      private

      # "14,50" and "14.50" are the same; "1,234" may be a thousand or a little over one, and is asked about;
      # "1.234" is what it says.
      def either(plain, text, house = nil)
        if plain.match?(house == "." ? /\A-?\d+,\d{1,2}\z/ : /\A-?[1-9]\d{0,2},\d{3}\z/)
          raise Refusal.new(:ambiguous_number, given: text, grouped: plain.delete(","), decimal: plain.tr(",", "."))
        end
        return Rational(plain.delete(",")) if house == "." && plain.match?(/\A-?[1-9]\d{0,2}(?:,\d{3})+\z/)

        return Rational(plain.tr(",", ".")) if plain.match?(/\A-?\d+([.,]\d+)?\z/)

        found = plain.match(GROUPED) or raise Refusal.new(:not_a_number, given: text, hint: hint)
        Rational([found[:whole].gsub(/[,.\s]/, ""), found[:part]].compact.join("."))
      end

      # from: how many digits before the point make groups.
      def readable(plain, from: 5)
        text = plain.start_with?("-") ? "#{MINUS}#{plain.delete_prefix('-')}" : plain
        whole, part = text.split(".")
        return text if whole.delete(MINUS).size < from

        [whole.gsub(/(?<=\d)(?=(?:\d{3})+\z)/, GAP), part].compact.join(".")
      end

      # plain: where only a point counts, as a file was said to have it, the number with one.
      def hint(mark = ".", plain = nil)
        if mark == "." && plain&.match?(/\A-?\d+,\d{1,2}\z/)
          return "Write the decimals after a point: #{plain.tr(',', '.')}."
        end

        "Write digits only, such as 42#{mark}50, without a currency sign."
      end
    end
  end
end
