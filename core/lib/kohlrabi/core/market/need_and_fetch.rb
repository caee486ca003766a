# frozen_string_literal: true

module Core
  module Market
    # The two questions of a price side by side: the likely price, and what the hours ask for.
    class NeedAndFetch
      # fetch: [low, middle, high] minor units that such pieces bring; need: minor units that cover cost and the pay
      # aimed for, nil where not set; break_even: minor units or nil; at, pay: a price and what an hour earns at it,
      # minor units, nil where not known; text: MoneyWriter.
      def initialize(fetch:, need:, break_even:, at:, pay:, text:)
        @low, @middle, @high = fetch
        @need = need
        @break_even = break_even
        @at = at
        @pay = pay
        @text = text
      end

      # :content, :short (the hours ask for more than the market is likely to pay) or :loss (not even the costs come
      # in).
      def state
        return :loss if @break_even && @break_even > @high

        @need && @need > @middle ? :short : :content
      end

      # Array of sentences.
      def sentences
        ["Likely to sell for #{@text.between(@low, @high)}.", asks, earns,
         (loss if state == :loss)].compact
      end

      private

      def asks
        return unless @need

        "You need #{@text.at_least(@need)} to cover your costs and hours. #{place}"
      end

      # Where what is needed lies beside what is likely.
      def place
        return "That's within the likely range." if @need <= @middle

        @need <= @high ? "That's above the likely price, but possible." : "That's more than it's likely to bring in."
      end

      def earns = (@at && @pay ? "If it sells for #{@text.price(@at)}, you make about #{@text.rate(@pay)} an hour." : nil)
      def loss = "A sale won't bring back what you've put in. What counts now is what each choice earns from here."
    end
  end
end
