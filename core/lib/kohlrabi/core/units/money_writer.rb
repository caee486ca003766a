# frozen_string_literal: true

module Core
  module Units
    # Writes amounts of one currency into sentences, each as exactly as it is known; see MoneyText.
    # Amounts are minor units, Integer or Rational.
    class MoneyWriter
      # currency: Currency.
      def initialize(currency)
        @currency = currency
      end

      attr_reader :currency

      # Recorded: "€255.00".
      def exact(minor) = MoneyText.text(minor, currency)

      # A price that someone asks or offers: "€255", "€254.50".
      def price(minor) = MoneyText.price(minor, currency)

      # An estimate: "€225"; between two ends: "€230–345".
      def about(minor) = MoneyText.about(minor, currency)
      def between(low, high) = MoneyText.between(low, high, currency)

      # As #about, rounded up: so much is enough.
      def enough(minor) = MoneyText.enough(minor, currency)

      # A limit on the safe side: "€116".
      def at_most(minor) = MoneyText.at_most(minor, currency)
      def at_least(minor) = MoneyText.at_least(minor, currency)

      # An hour's pay or a day's cost: "€8.30", "€2"; between two ends: "€9–18".
      def rate(minor) = MoneyText.rate(minor, currency)
      def rates(low, high) = MoneyText.rates(low, high, currency)
    end
  end
end
