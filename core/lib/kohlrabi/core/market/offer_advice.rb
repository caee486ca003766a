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
      # does not answer with a number; text: writes minor units; unit: minor units in one, for counters that people
      # say.
      def initialize(offer:, asking:, waiting:, counters: Model::Counters.new, floor: nil, decline: 6/10r,
                     text: lambda(&:to_s), unit: 100)
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
        return give(:take, "It is what you ask.", at: @asking) if @offer >= @asking
        return half_way unless @waiting
        return decline if @offer < worth * @decline

        @offer >= counter || (@offer >= worth && gain < @asking * TRIFLE) ? take : ask
      end

      private

      def worth = @waiting.worth

      # What buyers go up to at the most: what is asked, or the upper end of what the market pays.
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
        give(:counter, "Nothing tells what waiting brings: no value is known. Meet it half-way.",
             counter: (@offer + @asking) / 2)
      end

      def take
        more = gain.positive? && @offer < counter ? " A counter would bring #{money(gain)} more at best, and a no may lose the buyer." : ""
        give(:take, "Waiting is worth #{money(worth)}: #{words}. The offer beats waiting.#{more}", at: worth)
      end

      def ask
        after = @offer >= worth ? "a no may lose an offer that beats waiting" : "after a no you wait"
        give(:counter, "Waiting is worth #{money(worth)}: #{words}. At #{money(counter)} about #{(chance * 100).round} in 100 say yes, " \
                       "which brings #{money([gain, 0].max)} more on average; #{after} (#{@counters.text}).", at: worth, counter: counter)
      end

      def decline
        share = Units::Numerals.text(@decline * 100, 0)
        give(:decline, "Waiting is worth #{money(worth)}: #{words}. The offer is under #{share}% of it.", at: worth)
      end

      def words
        days = @waiting.days == 1 ? "1 day" : "#{@waiting.days} days"
        "#{money(@waiting.money)} on average after about #{days}, less #{money(@waiting.day)} for each of them"
      end

      def money(minor) = @text.call(minor.round)

      def warnings
        @floor && @offer < @floor ? ["Under the floor price of #{@text.call(@floor)}: hours are spent already, so this only warns."] : []
      end
    end
  end
end
