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

      # Recorded money, for reading: "€1,234.50", "−$12.00". nil stays nil. amount: Integer or Rational minor units.
      def text(amount, currency) = amount && currency.written(bare(amount, currency))

      # The same in a column whose heading has the symbol: "1,234.50".
      def bare(amount, currency) = amount && Numerals.scaled_text(amount.round(half: :up), currency.exponent)

      # An estimate, no more exact than it is known: "€225", "€1,400".
      def about(amount, currency) = amount && whole(about_minor(amount, currency), currency)

      # As #about, rounded up: so much is enough.
      def enough(amount, currency) = amount && whole(about_minor(amount, currency, :ceil), currency)

      # An estimate between two ends: "€230–345"; one figure where both ends round to the same.
      def between(low, high, currency)
        ends = [low, high].map { |minor| about_minor(minor, currency) }
        return whole(ends.first, currency) if ends.uniq.one?
        return ends.map { |minor| whole(minor, currency) }.join(" to ") if ends.any?(&:negative?)

        currency.written(ends.map { |minor| digits(minor, currency) }.join("–"))
      end

      # A price that someone asks, pays or offers, without cents where it has none: "€255", "€254.50".
      def price(amount, currency)
        return if amount.nil?

        minor = amount.round(half: :up)
        (minor % currency.unit).zero? ? whole(minor, currency) : text(minor, currency)
      end

      # A limit in whole units, on the safe side: no more than this, no less than this. "€116"
      def at_most(amount, currency) = amount && whole(to_whole(amount, currency, :floor), currency)
      def at_least(amount, currency) = amount && whole(to_whole(amount, currency, :ceil), currency)

      # An estimated pay an hour or cost a day, to two figures: "€8.30", "€11", "€2".
      def rate(amount, currency)
        return if amount.nil?

        price(two_figures(amount), currency)
      end

      # Two of them, both as fine as the larger one: "€9–18", "€2.40–5.10".
      def rates(low, high, currency)
        fine = 2 - [low, high].map { |amount| amount.abs.round }.max.to_s.size
        ends = [low, high].map { |amount| price(Rational(amount).round.round(fine), currency) }
        return ends.uniq.join(" to ") if ends.uniq.one? || ends.any? { |text| text.start_with?(Numerals::MINUS) }

        currency.written(ends.map { |text| text[/\d[\d.,]*/] }.join("–"))
      end

      # An estimate in minor units: to 1 under 20, to 5 under 500, to 10 under 1,000, above that to two figures, in the
      # currency's scale. What is more than nothing never becomes 0.
      # way: :round or :ceil.
      def about_minor(amount, currency, way = :round)
        one = currency.unit * currency.scale
        size = amount.abs
        to = [[20, 1], [500, 5], [1000, 10]].find { |limit, _| size < limit * one }&.last
        to = to ? to * one : 10**(size.to_i.to_s.size - 2)
        near = (Rational(size) / to).public_send(way) * to
        near = to if near.zero? && !size.zero?
        amount.negative? ? -near : near
      end

      # For programs: "-1234.50". nil stays nil.
      def plain(amount, currency)
        amount && Numerals.scaled_plain(amount.round(half: :up), currency.exponent)
      end

      private

      def whole(minor, currency) = currency.written(digits(minor, currency))
      def digits(minor, currency) = Numerals.scaled_text(minor / currency.unit, 0)
      def to_whole(amount, currency, way) = (Rational(amount) / currency.unit).public_send(way) * currency.unit

      # To two figures, but to no less than the currency's smallest unit.
      def two_figures(amount)
        return 0 if amount.zero?

        Rational(amount).round.then { |minor| minor.round(2 - minor.abs.to_s.size) }
      end

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
