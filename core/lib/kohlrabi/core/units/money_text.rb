# frozen_string_literal: true

module Core
  module Units
    # Money as whole minor units, read from and written to text without ever passing through a float.
    module MoneyText
      LIMIT = 10**12 # minor units; keeps every sum of a workshop far within SQLite's integers
      TIMES = /\s*[x×*]\s*/i
      NUMBER = /[\d.,\s]*\d[\d.,]*/

      extend self

      # text: "42", "42.50", "$20", "14,50 EUR", "2 x 34.99 + 5". currency: Currency. decimal: as Numerals has it.
      # Returns Integer minor units. Raises Refusal when negative, not an amount, in another currency, finer than the
      # currency or beyond LIMIT.
      def parse(text, currency:, decimal: :either)
        value = value(text, currency, decimal)
        raise Refusal.new(:negative, given: text) if value.negative?

        minor = value * currency.unit
        unless minor.denominator == 1
          raise Refusal.new(:finer_than_currency, given: text, currency: currency.code,
                                                  decimals: decimals(currency))
        end
        raise Refusal.new(:too_large, given: text) if minor >= LIMIT

        minor.to_i
      end

      # For reading: "1 234.50" with a true minus. nil stays nil. amount: Integer or Rational minor units.
      def text(amount, currency)
        amount && Numerals.scaled_text(amount.round(half: :up), currency.exponent)
      end

      # For programs: "-1234.50". nil stays nil.
      def plain(amount, currency)
        amount && Numerals.scaled_plain(amount.round(half: :up), currency.exponent)
      end

      private

      def decimals(currency) = currency.exponent.zero? ? "no decimals" : "#{currency.exponent} decimals"

      # A Rational of the major unit: one number, or a sum of products of numbers.
      def value(text, currency, decimal)
        plain = text.to_s.strip.tr(Numerals::MINUS, "-")
        return number(plain, currency, decimal, text) unless plain.match?(/[x×*+]|\S\s*-/i)

        terms = plain.gsub(/\s+-\s+|(?<=\d)-/, "+-").split("+", -1).map(&:strip)
        raise unreadable(text, currency) if terms.any?(&:empty?)

        terms.sum do |term|
          term.split(TIMES, -1).reduce(1r) do |product, factor|
            product * number(factor, currency, decimal, text)
          end
        end
      end

      def number(part, currency, decimal, text)
        bare = unsigned(part.strip, currency, text)
        raise unreadable(text, currency) unless bare.match?(/\A-?\s*#{NUMBER}\z/o)

        Numerals.parse(bare.sub(/\A-\s+/, "-"), decimal: decimal, house: currency.decimal_mark)
      rescue Refusal => e
        raise e unless e.code == :not_a_number && decimal == :either

        raise unreadable(text, currency)
      end

      # Without the currency's own sign or code. Raises Refusal for another's.
      def unsigned(part, currency, text)
        found = part.match(/\A(?<minus>-?)\s*(?<before>[^\d.,\s-][^\d.,-]*?)?\s*(?<number>-?[\d.,].*?)??\s*(?<after>[^\d.,\s][^\d]*)?\z/)
        signs = [found && found[:before], found && found[:after]].compact.map(&:strip).reject(&:empty?)
        return part if signs.empty? || found[:number].nil?

        signs.each do |sign|
          next if currency.sign?(sign)
          raise Refusal.new(:another_currency, given: text, currency: currency.code) if Currency.sign?(sign)

          raise unreadable(text, currency)
        end
        "#{found[:minus]}#{found[:number]}"
      end

      def unreadable(text, currency) = Refusal.new(:not_an_amount_of_money, given: text, example: example(currency))

      # As the house writes it.
      def example(currency)
        return "1450 or 2 x 700 + 50" if currency.exponent.zero?

        currency.decimal_mark == "," ? "14,50 or 2 x 34,99 + 5" : "14.50 or 2 x 34.99 + 5"
      end
    end
  end
end
