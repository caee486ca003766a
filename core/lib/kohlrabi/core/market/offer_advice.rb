# frozen_string_literal: true

module Kohlrabi
  module Core
    module Market
      # What to answer to an offer: take it, counter, or decline; with the sum behind it. The person decides.
      class OfferAdvice
        # verdict: :take, :counter or :decline; at: minor units at which taking and waiting are worth the same; counter: minor units or nil;
        # why, warnings: sentences.
        Answer = Struct.new(:verdict, :at, :counter, :why, :warnings, keyword_init: true)

        # offer, asking: minor units; outlook: Outlook::Answer or nil; profit_per_space_day: own profit of a place a day, minor units, or nil;
        # floor: minor units or nil; decline: Rational share of what it is worth, below which one does not answer with a number;
        # text: writes minor units.
        def initialize(offer:, asking:, outlook:, profit_per_space_day: nil, floor: nil, decline: 6/10r, text: lambda(&:to_s))
          @offer = offer
          @asking = asking
          @outlook = outlook
          @profit_per_space_day = profit_per_space_day
          @floor = floor
          @decline = decline
          @text = text
        end

        def answer
          return asked if @offer >= @asking

          worth = indifference
          return unknown unless worth
          return take(worth) if @offer >= worth

          @offer < worth * @decline ? decline(worth) : counter(worth)
        end

        # E[money] − E[days] × own profit of a place a day; nil without an outlook.
        def indifference = @outlook && (@outlook.money - (@outlook.days * (@profit_per_space_day || 0))).round

        private

        def give(verdict, why, at: nil, counter: nil)
          Answer.new(verdict: verdict, at: at, counter: counter, why: why, warnings: warnings).freeze
        end

        def asked = give(:take, "It is what you ask.", at: @asking)
        def unknown = give(:counter, "There are too few listings to say what waiting brings: meet it half-way.", counter: (@offer + @asking) / 2)

        def take(worth) = give(:take, "Waiting is worth #{@text.call(worth)}: #{waiting}. The offer is no less.", at: worth)
        def counter(worth) = give(:counter, "Waiting is worth #{@text.call(worth)}: #{waiting}. Ask for that.", at: worth, counter: worth)

        def decline(worth)
          share = Units::Numerals.text(@decline * 100, 0)
          give(:decline, "Waiting is worth #{@text.call(worth)}: #{waiting}. The offer is under #{share}% of it.", at: worth)
        end

        def waiting
          days = @outlook.days.round
          held = ", its place counted as free: too few sold to say"
          held = ", less #{days} days of its place at #{@text.call(@profit_per_space_day)} a day" if @profit_per_space_day
          "#{@text.call(@outlook.money.round)} expected within #{days} days#{held}"
        end

        def warnings
          @floor && @offer < @floor ? ["Under the floor price of #{@text.call(@floor)}: hours are spent already, so this only warns."] : []
        end
      end
    end
  end
end
