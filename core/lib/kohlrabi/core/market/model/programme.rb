# frozen_string_literal: true

module Core
  module Market
    module Model
      # The best price to ask and its steps down, by dynamic programming: over half a year in stages of two weeks,
      # for as long as a price is held at least, and over what the piece has stood without selling, y = ln(1 + E ÷
      # r). At each state the price a is best that gains most: (1 − q)·net(g·a) + q·(worth two weeks on) − λ·days·(1
      # + q) ÷ 2, q the share still unsold after them.
      class Programme
        STAGE = 14 # days that a price is held at least
        LONGEST = 182 # days that are looked ahead
        TOP = 4.0 # of y
        STEPS = 50
        STEP = 0.05 # of the price that stands: a smaller step down is not worth making
        LARGEST = 0.25 # of the price that stands

        attr_reader :prices

        # position: Position; prices: Array of Integer minor units, ascending, at least one; stage: days that a
        # price is held at least; step: share of a price that a step down is at least; advised: those of the prices
        # that may be the best.
        def initialize(position, prices, stage: STAGE, step: STEP, advised: prices)
          @position = position
          @prices = prices
          @stage = stage.to_f
          @stages = (LONGEST / @stage).ceil
          @step = step
          @advised = advised
          @frailty = position.frailty
          @nets = prices.map { |price| position.net.of(price * position.got) }
          @rates = prices.map { |price| DemandCurve::H_REF * DemandCurve.phi(Math.log(price) - position.value.log, position.beta) * @stage / @frailty.r }
          @worths = solve
        end

        # Worth of having it for sale now, minor units: under nothing it would be let go.
        def worth = [@worths.first.first, 0.0].max

        # Array of [price, days]: the best from the first on, or from a given price on; never up again.
        def steps(first: nil)
          state = 0.0
          most = @prices.size - 1
          found = []
          @stages.times do |stage|
            place = stage.zero? && first ? @prices.index(first) : stepped(best(stage, state, most), found.last)
            most = place
            price = @prices[place]
            found.last && found.last.first == price ? found.last[1] += @stage : found << [price, @stage]
            state = beyond(state, place, stage)
          end
          found
        end

        # Projection of the best price and its steps.
        def best_course
          @best_course ||= begin
            asked = courses.select { |course| @advised.include?(course.steps.first.first) }
            (asked.empty? ? courses.first(1) : asked).max_by.with_index { |course, index| [course.worth, -index] }
          end
        end

        # Projection of each price that may be asked at first, with the best steps after it.
        def courses = @courses ||= @prices.map { |price| Projection.new(@position, steps(first: price)) }

        private

        # Worth by stage and state.
        def solve
          worths = Array.new(@stages + 1)
          worths[@stages] = states.map do |y|
            @position.net.of(Projection.tail(@position, @frailty, @frailty.r * (Math.exp(y) - 1)))
          end
          (@stages - 1).downto(0) do |stage|
            @ahead = worths[stage + 1]
            from = @prices.size - 1
            worths[stage] = states.map do |y|
              from, value = climb(stage, y, from)
              value
            end
          end
          worths
        end

        def states = @states ||= (0..STEPS).map { |n| n * TOP / STEPS }

        # The best price lies near that of the state before it: it only falls as the piece stands longer.
        def climb(stage, state, from)
          place = from
          value = gain(stage, state, place)
          down = from - 1
          missed = 0
          while down >= 0 && missed < 4
            other = gain(stage, state, down)
            if other >= value
              value = other
              place = down
              missed = 0
            else
              missed += 1
            end
            down -= 1
          end
          [place, value]
        end

        # No step that is too small to be worth making, none so large that it looks like a slip.
        def stepped(place, before)
          return place unless before

          price = before.first
          return @prices.index(price) if @prices[place] > price * (1 - @step)

          [place, @prices.index { |other| other >= price * (1 - LARGEST) }].max
        end

        def best(stage, state, most)
          @ahead = @worths[stage + 1]
          (0..most).max_by { |place| gain(stage, state, place) }
        end

        def gain(stage, state, place)
          grown = Math.exp(state)
          next_y = Math.log(grown + (@rates[place] * @position.season_at(stage * @stage)))
          unsold = Math.exp(-@frailty.k * (next_y - state))
          ((1 - unsold) * @nets[place]) + (unsold * ahead(next_y)) - (@position.day * @stage * (1 + unsold) / 2)
        end

        def beyond(state, place, stage)
          Math.log(Math.exp(state) + (@rates[place] * @position.season_at(stage * @stage)))
        end

        def ahead(y)
          at = y * STEPS / TOP
          return @ahead[STEPS] if at >= STEPS

          whole = at.floor
          @ahead[whole] + ((@ahead[whole + 1] - @ahead[whole]) * (at - whole))
        end
      end
    end
  end
end
