# frozen_string_literal: true

module Core
  module Market
    # What a price leaves of itself and earns, were the piece sold at it once the work to come is done (arithmetic).
    class AtPrice
      # price: minor units; fee_rate: share of the price; fixed: fee, delivery and rent together, minor units;
      # cash_in: so far, minor units or nil; to_come: costs, minor units; seconds: worked and to come; nil where not
      # known.
      def initialize(price:, fee_rate:, fixed:, cash_in:, to_come:, seconds:)
        @price = price
        @fee_rate = fee_rate || 0
        @fixed = fixed
        @cash_in = cash_in
        @to_come = to_come
        @seconds = seconds
      end

      # Minor units, down: a fee takes the broken one.
      def take_home = (@price * (1 - @fee_rate)).floor - @fixed

      # Minor units; nil where what was paid is not known.
      def profit = @cash_in && (take_home - @cash_in - @to_come)

      # Minor units an hour, or nil.
      def hourly = Flips::HourlyPay.of(profit, @seconds)
    end
  end
end
