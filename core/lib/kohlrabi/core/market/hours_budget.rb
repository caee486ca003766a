# frozen_string_literal: true

module Core
  module Market
    # How many hours a piece still bears: what would be left of its price over all costs, at minimum pay, less the
    # hours worked. And what each way to go on pays from here: what was spent and worked is spent, whatever one does
    # now (common practice, no source).
    class HoursBudget
      # A way to go on: label; brings: minor units from here on; seconds: of work to come; pay: minor units an hour that
      # it brings more than stopping (Rational), nil where nothing is to be worked; why: what it takes for granted.
      Way = Struct.new(:label, :brings, :seconds, :pay, :why, keyword_init: true)

      # take_home: at the price aimed at, minor units or nil; cash_in; to_come: costs, minor units; seconds: worked;
      # work: seconds to come; floor_pay: minor units an hour or nil; as_is: minor units it would bring as it
      # stands, or nil, as_is_why: where that comes from; simpler: Array of [label, take-home, costs to come,
      # seconds to come] of looks that take less work.
      def initialize(take_home:, cash_in:, seconds:, to_come: 0, work: 0, floor_pay: nil, as_is: nil, simpler: [],
                     as_is_why: "at what was paid for it, assumed")
        @take_home = take_home
        @cash_in = cash_in
        @seconds = seconds
        @to_come = to_come
        @work = work
        @floor_pay = floor_pay
        @as_is = as_is
        @as_is_why = as_is_why
        @simpler = simpler
      end

      # Minor units left for the hours.
      def left
        return Figure.undefined(:money_left, "Money left for hours", :money, "no expected price yet") if @take_home.nil?
        return Figure.undefined(:money_left, "Money left for hours", :money, "the price you paid is missing") if @cash_in.nil?

        Figure.sum(:money_left, "Money left for hours", :money,
                   [["+", Figure.plain(:take_home, "Expected take-home", :money, @take_home).shown(:about)],
                    ["−", Figure.plain(:cash_in, "Spent so far", :money, @cash_in)],
                    ["−", Figure.plain(:to_come, "Still to spend", :money, @to_come).shown(:about)]]).shown(:about)
      end

      # Seconds that may still be worked at minimum pay; where more were worked than the piece bears, those beyond it (see
      # out?). Never negative.
      def budget
        return undefined("your minimum pay isn't set in House rules") if @floor_pay.nil?
        return undefined("your minimum pay is 0, so there's no limit") if @floor_pay.zero?
        return undefined(left.why) if left.amount.nil?

        hours = Figure.plain(:hours, "Hours so far", :effort, @seconds.to_i)
        return Figure.sum(:hours_over, "Hours over", :effort, [["+", hours], ["−", borne]]).shown(:about) if worked > borne.amount

        Figure.sum(:hours_budget, "Hours left", :effort, [["+", borne], ["−", hours]]).shown(:about)
      end

      def worked = @seconds.to_i

      # Seconds that it bears in all, nil where nobody can tell.
      def bears = (borne.amount if budget.amount)

      # Whether the plan takes more hours than are left.
      def short? = out? || (!budget.amount.nil? && budget.amount < @work)
      def out? = budget.key == :hours_over

      # Array of Way: finishing as planned, simpler looks, stopping.
      def ways
        [way("Finish as planned", @take_home, @to_come, @work), *@simpler.map do |label, take, cost, seconds|
          way("Instead: #{label}", take, cost, seconds)
        end,
         (Way.new(label: "Stop and sell it as it is", brings: @as_is, seconds: 0, why: @as_is_why) if @as_is)].compact
      end

      private

      # In whole minutes, down; none where no money is left for them.
      def borne
        seconds = [Rational(left.amount * 60, @floor_pay).floor * 60, 0].max
        Figure.new(key: :borne, label: "Time budget", unit: :effort, amount: seconds, style: :about,
                   terms: [Figure::Term.new(sign: "+", figure: left), Figure::Term.new(sign: "÷", figure: pay)])
      end

      def pay = Figure.plain(:floor_pay, "Minimum pay", :hourly, @floor_pay)
      def undefined(why) = Figure.undefined(:hours_budget, "Hours left", :effort, why)

      def way(label, take_home, cost, seconds)
        return if take_home.nil?

        brings = take_home - cost
        gain = brings - [@as_is.to_i, 0].max
        Way.new(label: label, brings: brings, seconds: seconds,
                pay: (Rational(gain * 3600, seconds) if seconds.positive?))
      end
    end
  end
end
