# frozen_string_literal: true

module Core
  module Planning
    # What a look comes to: money and hours still to come, and the pay expected when it sells.
    class Outcome
      attr_reader :plan, :stock

      # plan: Plan; whole: whether whole containers are charged; resale: minor units or nil; cash_in: so far or nil;
      # done: seconds worked or nil; fee_rate: Rational; fixed: minor units of selling that do not follow the price;
      # extra: {label => minor units} of what else is to be bought.
      def initialize(plan, resale:, cash_in:, done:, fee_rate: 0, fixed: 0, extra: {}, whole: false)
        @plan = plan
        @stock = Stock.new(plan.materials_left, plan.brief.products)
        @resale = resale
        @cash_in = cash_in
        @done = done
        @fee_rate = fee_rate
        @fixed = fixed
        @extra = extra
        @whole = whole
      end

      # Figures: materials to come, to buy, hours to come, expected take-home, profit and pay.
      def figures = [materials, to_buy, hours, take_home, profit, pay]

      def materials
        amount = @whole ? stock.price : stock.used
        terms = stock.lines.map do |line|
          ["+", Figure.plain(line.row[:key].to_sym, line.row[:label], :money, @whole ? line.price : line.used)]
        end
        @extra.each do |label, minor|
          if minor.positive?
            terms << ["+",
                      Figure.plain(label.downcase.tr(" ", "_").to_sym, label, :money, minor)]
          end
        end
        return unknown(:materials_to_come, "Materials", :money, priceless) if amount.nil?

        Figure.sum(:materials_to_come, "Materials", :money, terms).shown(:about)
      end

      def to_buy
        return unknown(:to_buy, "To buy, whole containers", :money, priceless) if stock.price.nil?

        Figure.plain(:to_buy, "To buy, whole containers", :money, stock.price + @extra.values.sum).shown(:about)
      end

      def hours = Figure.plain(:hours_to_come, "Work left", :effort, plan.remaining).shown(:about)

      def take_home
        return unknown(:take_home, "Expected take-home", :money, "no expected price yet") if @resale.nil?

        Figure.sum(:take_home, "Expected take-home", :money,
                   [["+", Figure.plain(:resale, "Expected price", :money, @resale).shown(:about)],
                    ["−", Figure.plain(:selling, "Cost of selling", :money, ((@resale * @fee_rate) + @fixed).ceil).shown(:about)]]).shown(:about)
      end

      def profit
        Figure.sum(:profit, "Expected profit", :money, [["+", take_home], ["−", cash_in], ["−", materials]]).shown(:about)
      end

      def pay
        Figure.ratio(:pay, "Expected pay", :hourly, profit, all_hours, scale: Units::Effort::HOUR,
                                                                       zero: "no hours planned").shown(:about)
      end

      private

      def cash_in
        if @cash_in
          Figure.plain(:cash_in, "Spent so far", :money,
                       @cash_in)
        else
          unknown(:cash_in, "Spent so far", :money, "the price you paid is missing")
        end
      end

      def all_hours
        Figure.sum(:all_hours, "Hours in total", :effort,
                   [["+", Figure.plain(:hours_done, "Hours so far", :effort, @done.to_i)], ["+", hours]]).shown(:about)
      end

      def priceless = "the price of #{stock.unpriced.first} is missing"
      def unknown(key, label, unit, why) = Figure.undefined(key, label, unit, why)
    end
  end
end
