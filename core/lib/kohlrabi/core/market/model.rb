# frozen_string_literal: true

module Core
  module Market
    # What pieces are worth and how buyers come, fitted together (docs/decisions/15). Its small values stand here.
    module Model
      # What is left of a price: × (1 − fee rate) − what is paid however much it brings. Minor units, as Float.
      Net = Struct.new(:fee_rate, :fixed, keyword_init: true) do
        def of(price) = (price * (1 - fee_rate.to_f)) - fixed

        # The price of which so much is left.
        def price(left) = (left + fixed) / (1 - fee_rate.to_f)
      end

      # How a piece stands on the market today: its value, the doubt left after the path it took, and what its sale
      # is worth. value: Value; beta: of the demand; got: share; net: Net; day: worth of a day, minor units; season:
      # how much the coming months speed sales, Array of Float by fortnight or [1.0]; exposure: E of the path so
      # far; enquiries: so many (halved: they cluster); rate: enquiries a sale.
      Position = Struct.new(:value, :beta, :got, :net, :day, :season, :exposure, :enquiries, :rate, keyword_init: true)

      # What follows from it.
      class Position
        FORTNIGHT = 14.0

        def initialize(season: [1.0], exposure: 0.0, enquiries: 0.0, rate: 0.0, **rest) = super

        # The doubt as it is now.
        def frailty = Frailty.of(beta * value.doubt).after(exposure, enquiries: enquiries, rate: rate)

        # By how much what stood so long is likely worth less: ln of the rate now over that at first, ÷ β.
        def sunk
          first = Frailty.of(beta * value.doubt)
          now = frailty
          (Math.log(now.k / now.r) - Math.log(first.k / first.r)) / beta
        end

        # By how much the season speeds sales, so many days from now.
        def season_at(day) = season[[(day / FORTNIGHT).floor, season.size - 1].min]
      end

      # A price that somebody else asks or got for a piece like it, as an observation of its value: ln price less
      # its bias, with a spread. log: ln of the price in minor units (of one known sold: less ln of what is got of
      # what is asked); bias: key of a parameter, nil for one's own; sd: of its noise; weight: 0..1, how far it has
      # faded.
      PriceObservation = Struct.new(:log, :bias, :sd, :weight, keyword_init: true) do
        # price: minor units above 0; got: share of what is asked that is got.
        def self.of(price, sold:, likeness: 3, got: 0.93, weight: 1.0, own: false)
          new(log: Math.log(price) - (sold ? Math.log(got) : 0), bias: bias(sold, own), sd: Priors::ALIKE.fetch(likeness),
              weight: weight).freeze
        end

        def self.bias(sold, own)
          return if own

          sold ? "sold_bias" : "asked_dear"
        end

        def precision = weight / (sd * sd)
      end

      # What a piece is worth on the market: the price asked at which half of pieces like it sell within 21 days,
      # with its doubt and who says so. log: ln of it in minor units; doubt: standard deviation of that; sources:
      # Array of Source, the heaviest first, shares adding up to one.
      Value = Struct.new(:log, :doubt, :sources, keyword_init: true)

      # How it is read.
      class Value
        # key: own, others, comparables, seen, usual, typed or new; number: how many it rests on, or nil; share:
        # 0..1 of the weight; log: ln of what this one says by itself, or nil where it says it only together with
        # others.
        Source = Struct.new(:key, :number, :share, :log, keyword_init: true)
        EIGHTY = 1.2816 # standard deviations either side that hold 80% of a normal spread

        # Minor units as Float: in the middle, and the ends that hold it with 80% probability.
        def middle = Math.exp(log)
        def low = Math.exp(log - (EIGHTY * doubt))
        def high = Math.exp(log + (EIGHTY * doubt))
      end

      # What it is worth to wait for another buyer, from the path a piece has stood. worth: the price at which
      # taking and waiting are the same, minor units, from 0 to the asking price; money, days: what waiting brings
      # on average and how long it takes; day: what a day of it costs; most: what buyers go up to at the most.
      Waiting = Struct.new(:worth, :money, :days, :day, :most, keyword_init: true) do
        # position: Position as it stands today; asking: minor units; prices: Ladder of what may still be asked.
        def self.of(position, asking, prices)
          allowed = prices.select { |price| price <= asking }
          allowed = [asking] if allowed.empty?
          course = Programme.new(position, allowed).best_course
          worth = position.net.price([course.worth, 0.0].max).clamp(0, asking)
          new(worth: worth.floor, money: course.money.round, days: course.days.round, day: position.day.round,
              most: [position.value.high.round, worth.ceil].max).freeze
        end
      end
    end
  end
end
