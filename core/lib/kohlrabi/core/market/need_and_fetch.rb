# frozen_string_literal: true

module Core
  module Market
    # The two questions of a price side by side: what the market pays, and what the hours ask for.
    class NeedAndFetch
      # fetch: [low, middle, high] minor units that such pieces bring; need: minor units that cover cost and the pay
      # aimed for, nil where not set; break_even: minor units or nil; at, pay: a price and what an hour earns at it,
      # minor units, nil where not known; text: writes minor units.
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
        ["The market pays #{money(@low)} to #{money(@high)}, four times of five.", asks, earns,
         (loss if state == :loss)].compact
      end

      private

      def asks
        return unless @need

        inside = @need <= @middle ? ", which it likely pays" : (", which it may pay" if @need <= @high)
        "Your costs and hours ask for #{money(@need)}#{inside}."
      end

      def earns = (@at && @pay ? "At #{money(@at)} you earn #{money(@pay)} an hour, over all its hours." : nil)
      def loss = "What went into it does not come back by a sale: what counts now is what each way brings from here on."
      def money(minor) = @text.call(minor.round)
    end
  end
end
