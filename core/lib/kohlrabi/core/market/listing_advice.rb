# frozen_string_literal: true

module Core
  module Market
    # What a listed piece wants today: one thing, the most pressing first. Who fetches it comes before who offers, an
    # offer before a price step, a step before waiting.
    class ListingAdvice
      # headline, why: sentences, why may be nil; action: :pick_up, :record_sale, :take, :counter, :decline, :lower,
      # :price or :none; amount: minor units that the action is about, or nil; id: of the offer or the step it is
      # about, or nil.
      Answer = Struct.new(:headline, :why, :action, :amount, :id, keyword_init: true) do
        def waits_for_answer? = %i[take counter decline].include?(action)
      end
      # who; on: in words or nil; price: minor units or nil; left: minor units still to be paid, or nil.
      Held = Struct.new(:who, :on, :price, :left, keyword_init: true)
      # id; amount: minor units; advice: OfferAdvice::Answer.
      Offered = Struct.new(:id, :amount, :advice, keyword_init: true)
      # id; asking: minor units; on: in words; due.
      Step = Struct.new(:id, :asking, :on, :due, keyword_init: true)

      # asking: minor units or nil; held: Held or nil; offers: Array of Offered, those to answer; taken:
      # minor units of an offer that was taken, or nil; step: Step or nil;
      # most: minor units at the upper end of the likely range, or nil;
      # text: MoneyWriter.
      def initialize(asking:, held: nil, offers: [], taken: nil, step: nil, most: nil, text: nil)
        @asking = asking
        @held = held
        @offers = offers
        @taken = taken
        @step = step
        @most = most
        @text = text
      end

      def answer
        return pick_up if @held
        return give("Sold for #{money(@taken)}? Record it.", "You accepted that offer.", :record_sale, @taken) if @taken
        return offered(@offers.max_by(&:amount)) if @offers.any?
        return lower if @step&.due

        price || give("Nothing to do.",
                      @step ? "Next price drop: #{money(@step.asking)} #{@step.on}." : "No price drop is planned.", :none)
      end

      private

      # Where the price itself wants thinking over.
      def price
        return give("Set a price.", "It needs one before you can sell it.", :price) unless @asking

        return unless @most && !@step && @asking > @most

        give("Priced too high.", "Pieces like this rarely sell above #{@text.about(@most)}.",
             :price)
      end

      def pick_up
        headline = @held.on ? "Pickup #{@held.on}." : "Reserved for #{@held.who}."
        left = "#{money(@held.left)} on the day." if @held.left&.positive?
        give(headline, ["By #{@held.who}.", left].compact.drop(@held.on ? 0 : 1).join(" "), :pick_up, @held.price)
      end

      def offered(offer)
        advice = offer.advice
        case advice.verdict
        when :take then give("Accept #{money(offer.amount)}.", advice.why, :take, offer.amount, offer.id)
        when :counter then give("Counter at #{money(advice.counter)}.", advice.why, :counter, advice.counter, offer.id)
        else give("Decline #{money(offer.amount)}.", advice.why, :decline, offer.amount, offer.id)
        end
      end

      def lower
        give("Lower the price to #{money(@step.asking)}.", "Due #{@step.on}.", :lower, @step.asking, @step.id)
      end

      def give(headline, why, action, amount = nil, id = nil)
        Answer.new(headline: headline, why: why.to_s.empty? ? nil : why, action: action, amount: amount, id: id).freeze
      end

      def money(minor) = @text.price(minor)
    end
  end
end
