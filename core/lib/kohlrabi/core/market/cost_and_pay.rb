# frozen_string_literal: true

module Core
  module Market
    # The price that covers cost and pay:
    # p(pay) = (costs to finish + fixed fee + delivery + rent + H × pay) ÷ (1 − r), rounded up to the minor unit.
    # Break-even at pay 0, floor at the least acceptable pay, target at the pay aimed for.
    class CostAndPay
      # Raises Refusal when the target is under the floor.
      def self.check_pays(floor, target)
        return unless floor && target && target < floor

        raise Refusal.new(:target_below_floor, field: :target_pay)
      end

      # costs: Integer minor units, in so far and still to come (nil: price paid not known).
      # seconds: hours done and to come in seconds, as far as they are known (nil: none). fee_rate: Rational of the
      # price, 0…1.
      # fixed: fixed fee, delivery and rent, minor units. floor_pay, target_pay: minor units an hour, nil = not set.
      # Raises Refusal when the rate leaves nothing, or target pay lies under minimum pay.
      def initialize(costs:, seconds:, fee_rate: 0, fixed: 0, floor_pay: nil, target_pay: nil)
        @costs = costs
        @seconds = seconds
        @fee_rate = Rational(fee_rate)
        @fixed = fixed
        @pays = { break_even: 0, floor: floor_pay, target: target_pay }
        check
      end

      def break_even = price(:break_even, "Break-even")
      def floor = price(:floor, "Lowest price")
      def target = price(:target, "Target price")
      def figures = [break_even, floor, target]

      # The bare price of :break_even, :floor or :target in minor units, nil where it is undefined; for long lists.
      def amount(key)
        total(wages(key)) unless reason(key, @pays[key])
      end

      private

      def check
        raise Refusal.new(:fee_leaves_nothing, field: :fee_rate) if @fee_rate >= 1

        self.class.check_pays(@pays[:floor], @pays[:target])
      end

      def price(key, label)
        pay = @pays[key]
        why = reason(key, pay)
        return Figure.undefined(key, label, :money, why) if why

        wages = wages(key)
        Figure.new(key: key, label: label, unit: :money, amount: total(wages), terms: terms(wages), style: :at_least)
      end

      def wages(key) = Rational(@pays[key] * (@seconds || 0), 3600)
      def total(wages) = ((@costs + @fixed + wages) / (1 - @fee_rate)).ceil

      def terms(wages)
        rows = [["+", Figure.plain(:costs, "Spent and still to spend", :money, @costs)],
                ["+", Figure.plain(:fixed, "Fixed fee, delivery, and rent", :money, @fixed)],
                ["+", Figure.plain(:wages, "Hours × pay", :money, wages)]]
        rows << ["÷", Figure.plain(:kept, "Share left after the fee", :ratio, 1 - @fee_rate)] unless @fee_rate.zero?
        rows.map { |sign, figure| Figure::Term.new(sign: sign, figure: figure) }
      end

      def reason(key, pay)
        return "the price you paid is missing" unless @costs
        return "your #{key == :floor ? 'minimum' : key} pay isn't set in House rules" unless pay

        "no hours are recorded or planned" if pay.positive? && @seconds.nil?
      end
    end
  end
end
