# frozen_string_literal: true

module Core
  module Market
    module Model
      # What comes of asking a price and its steps, until it is sold or the last of them is over. Money in minor
      # units, all as Float. steps: Array of [price, days]; money: got on average, what is left unsold let go for
      # half its value; days: on the market on average; within: {days => chance of sale}; net: what is left of the
      # money; worth: net less what its days are worth.
      class Projection
        LEFT = 0.5 # of what it would still fetch: what is unsold at the end goes for that (house practice, weak)
        SLICE = 7.0 # days in which the rate is taken as even
        HORIZON = 182 # days

        attr_reader :steps, :money, :days, :net, :worth, :left

        def initialize(position, steps, horizon: HORIZON)
          @position = position
          @steps = steps
          @horizon = horizon
          @marks = [[0.0, 1.0]]
          run
        end

        # Chance that it is sold within so many days.
        def within(days)
          after = @marks.index { |day, _| day >= days } or return 1 - @marks.last.last
          return 1 - @marks[after].last if after.zero?

          (from, before), (to, then_left) = @marks[after - 1], @marks[after]
          1 - (before + ((then_left - before) * (days - from) / (to - from)))
        end

        # What is unsold at the end, at what it would fetch then.
        def self.tail(position, frailty, exposure)
          first = Frailty.of(position.beta * position.value.doubt)
          sunk = Math.log((frailty.r + exposure) / first.r) / position.beta
          LEFT * position.got * Math.exp(position.value.log - [sunk, 0.0].max)
        end

        private

        def run
          frailty = @position.frailty
          exposure = 0.0
          unsold = 1.0
          day = 0.0
          @money = @days = @net = 0.0
          each_slice do |price, length|
            exposure += rate(price, day) * length
            still = frailty.unsold(exposure)
            @money += (unsold - still) * price * @position.got
            @net += (unsold - still) * @position.net.of(price * @position.got)
            @days += length * (unsold + still) / 2
            unsold = still
            @marks << [day += length, unsold]
          end
          finish(Projection.tail(@position, frailty, exposure), unsold)
        end

        def finish(tail, unsold)
          @left = unsold
          @money += unsold * tail
          @net += unsold * @position.net.of(tail)
          @worth = @net - (@position.day * @days)
        end

        def rate(price, day)
          DemandCurve::H_REF * DemandCurve.phi(Math.log(price) - @position.value.log,
                                               @position.beta) * @position.season_at(day)
        end

        # The last price stands to the horizon.
        def each_slice
          day = 0.0
          @steps.each_with_index do |(price, days), index|
            left = index == @steps.size - 1 ? @horizon - day : [days, @horizon - day].min
            while left > 1e-9
              length = [left, SLICE].min
              yield price, length
              day += length
              left -= length
            end
          end
        end
      end
    end
  end
end
