# frozen_string_literal: true

module Core
  module Market
    # What a listing can be expected to bring from today on: days and money, over its price steps, to a horizon.
    class Outlook
      HORIZON = 180 # days
      # days: expected, to the horizon; money: expected sale price, minor units; left: share unsold at the horizon.
      # All Rational.
      Answer = Struct.new(:days, :money, :left, keyword_init: true)

      # survival: Survival; stood: days it has been listed; prices: Array of [day from today, asking in minor
      # units], the first from day 0; ratio: Rational, what is got of what is asked; last: minor units at which what
      # is unsold at the horizon is taken to go.
      def initialize(survival, stood:, prices:, ratio:, last:, horizon: HORIZON)
        @survival = survival
        @stood = stood
        @prices = prices
        @ratio = ratio
        @last = last
        @horizon = horizon
      end

      # E[days] = Σ S(d + t) ÷ S(d); E[money] = Σ (S(t) − S(t + 1)) ÷ S(d) × ratio × the price that stands then, and
      # the rest at the last.
      def answer
        now = @survival.at(@stood)
        return Answer.new(days: @horizon.to_r, money: @last.to_r, left: 1r).freeze if now.zero?

        shares = (0..@horizon).map { |day| @survival.at(@stood + day) / now }
        money = (0...@horizon).sum { |day| (shares[day] - shares[day + 1]) * price(day) * @ratio }
        Answer.new(days: shares[0...@horizon].sum, money: money + (shares.last * @last), left: shares.last).freeze
      end

      private

      def price(day) = @prices.reverse.find { |from, _| from <= day }.last
    end
  end
end
