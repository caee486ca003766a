# frozen_string_literal: true

module Core
  module Market
    # What to answer to an offer: take it, counter, or decline; with the sum behind it. The person decides. Buyers'
    # limits lie between offer and asking price: the counter that brings most is (asking + worth of waiting) ÷ 2
    # where they lie evenly.
    class OfferAdvice
      # verdict: :take, :counter or :decline; at: minor units at which taking and waiting are worth the same;
      # counter: minor units or nil; why, warnings: sentences.
      Answer = Struct.new(:verdict, :at, :counter, :why, :warnings, keyword_init: true)
      TRIFLE = 2/100r # of the asking price: a counter that brings less more is not worth risking a no for

      # offer, asking: minor units; waiting: Model::Waiting or nil where nothing tells what it brings; counters:
      # Model::Counters; floor: minor units or nil; decline: Rational share of the worth of waiting, below which one
      # does not answer with a number; text: MoneyWriter; unit: minor units in one, for counters that people
      # say.
      def initialize(offer:, asking:, waiting:, counters: Model::Counters.new, floor: nil, decline: 6/10r,
                     text: nil, unit: 100)
        @offer = offer
        @asking = asking
        @waiting = waiting
        @counters = counters
        @floor = floor
        @decline = decline
        @text = text
        @unit = unit
      end

      def answer
        return give(:take, "It's your asking price.", at: @asking) if @offer >= @asking
        return half_way unless @waiting
        return decline if @offer < worth * @decline

        @offer >= counter || (@offer >= worth && gain < @asking * TRIFLE) ? take : ask
      end

      private

      def worth = @waiting.worth

      # What buyers go up to at the most: what is asked, or the upper end of the likely price.
      def most = [@asking, @waiting.most || @asking].min

      # The counter that brings most, as people say it; above the offer, never above the asking price.
      def counter
        @counter ||= begin
          exact = @counters.best_for(asking: most, worth: worth)
          step = @unit * (exact >= 100 * @unit ? 5 : 1)
          rounded = (exact / step).round * step
          rounded.between?(@offer + 1, most) ? rounded : exact.round
        end
      end

      def chance = @counters.taking(offer: @offer, asking: most, counter: counter)

      # What the counter brings on average over the better of taking and waiting.
      def gain = (chance * counter) + ((1 - chance) * worth) - [@offer, worth].max

      def give(verdict, why, at: nil, counter: nil)
        Answer.new(verdict: verdict, at: at, counter: counter, why: why, warnings: warnings).freeze
      end

      def half_way
        give(:counter, "There's no likely price to go on. Meet in the middle.",
             counter: (@offer + @asking) / 2)
      end

      def take
        more = gain.positive? && @offer < counter ? " A counteroffer would bring at most #{@text.about(gain)} more, and the buyer may walk away." : ""
        give(:take, "#{words} This offer is better.#{more}", at: worth)
      end

      def ask
        after = @offer >= worth ? "if they say no, you lose an offer that's better than waiting" : "if they say no, you wait"
        give(:counter, "#{words} At #{@text.price(counter)}, about #{Units::Numerals.chance(chance)} say yes, " \
                       "which brings about #{@text.about([gain, 0].max)} more on average; #{after} (#{@counters.text}).", at: worth, counter: counter)
      end

      def decline
        share = Units::Numerals.text(@decline * 100, 0)
        give(:decline, "#{words} This offer is under #{share}% of that.", at: worth)
      end

      def words
        today = worth < @unit ? "next to nothing" : "about #{@text.about(worth)}"
        "If you wait, expect about #{@text.about(@waiting.money)} in #{Units::Calendar.about(@waiting.days)}. " \
          "Less #{@text.rate(@waiting.day)} a day for the space, that's worth #{today} today."
      end

      def warnings
        if @floor && @offer < @floor
          ["This is below your lowest price of #{@text.at_least(@floor)}. Your hours are already spent, so it's " \
           "only a reminder."]
        else
          []
        end
      end
    end
  end
end
