# frozen_string_literal: true

module Kohlrabi
  module Core
    module Units
      # Money as whole minor units, read from and written to text without ever passing through a float.
      module MoneyText
        LIMIT = 10**12 # minor units; keeps every sum of a workshop far within SQLite's integers

        module_function

        # text: "42", "42.50". currency: Currency. decimal: as Numerals has it. Returns Integer minor units.
        # Raises Refusal when negative, not a number, finer than the currency or beyond LIMIT.
        def parse(text, currency:, decimal: :either)
          value = Numerals.parse(text, decimal: decimal)
          raise Refusal.new(:negative, given: text) if value.negative?

          minor = value * currency.unit
          raise Refusal.new(:finer_than_currency, given: text, currency: currency.code, decimals: decimals(currency)) unless minor.denominator == 1
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

        def decimals(currency) = currency.exponent.zero? ? "no decimals" : "#{currency.exponent} decimals"
        private_class_method :decimals
      end
    end
  end
end
