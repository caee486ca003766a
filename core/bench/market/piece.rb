# frozen_string_literal: true

module MarketBench
  # One invented piece. kind: index; usual: ln of the table's figure; value: ln of what is true; others: ln of prices
  # asked for three like it; cost: minor units.
  Piece = Struct.new(:kind, :usual, :value, :others, :cost, :listed, keyword_init: true)

  # What a path of prices brings, the truth known: all by sums over half-weeks, so that chance is left out of the
  # comparison.
  module Truly
    SLICE = 3.5
    HORIZON = 182
    LEFT = 0.5
    WAITING = 25 # days a piece takes a place before it is listed

    extend self

    # steps: Array of [ln price, days]. Returns [money, days on the market].
    def of(steps, value, truth, got, date)
      unsold = 1.0
      money = days = 0.0
      each_slice(steps) do |log, day|
        still = unsold * Math.exp(-truth.demand.call(log - value, day + (SLICE / 2), date + day.floor) * SLICE)
        money += (unsold - still) * Math.exp(log) * got
        days += SLICE * (unsold + still) / 2
        unsold = still
      end
      [money + (unsold * LEFT * got * Math.exp(value - 0.3)), days]
    end

    # [days until it sold, or nil; ln of the price at which], by chance.
    def sale(steps, value, truth, date, random)
      day = 0
      each_day(steps) do |log|
        return [day + 1, log] if random.rand < 1 - Math.exp(-truth.demand.call(log - value, day, date + day))

        day += 1
      end
      nil
    end

    def each_slice(steps)
      day = 0.0
      walk(steps, SLICE) do |log|
        yield log, day
        day += SLICE
      end
    end

    def each_day(steps, &) = walk(steps, 1, &)

    def walk(steps, length)
      left = HORIZON
      steps.each_with_index do |(log, days), index|
        stay = index == steps.size - 1 ? left : [days, left].min
        (stay / length).round.times { yield log }
        left -= stay
      end
    end
  end
end
