# frozen_string_literal: true

module Core
  module Flips
    # The statement of one flip: money in, receipts, selling, profit, hours, hourly pay, margin, return.
    # Every line is a Figure that unfolds to its terms, or is undefined and says why.
    class Statement
      attr_reader :stage, :money_in

      # stage: as Chain#stage; money_in: MoneyIn; sale: Sale or nil; work: Flips::HoursWorked; hours_rule: "bench"
      # or "all", the hours that count in this workshop; stash: replacement value of what was used of the stash,
      # minor units, nil where not all of it is known; overhead: minor units an hour, nil where none is set.
      def initialize(stage:, money_in:, sale:, work:, hours_rule: "bench", stash: 0, overhead: nil)
        @stage = stage
        @money_in = money_in
        @sale = sale
        @work = work
        @hours_rule = hours_rule
        @stash = stash
        @overhead = overhead
      end

      def cash_in = @money_in.figure

      # R; 0 for a piece that was lost, undefined while unsold, for one kept or given away, and for one that was
      # split.
      def receipts
        @receipts ||= case stage
                      when "sold" then @sale.receipts
                      when *Chain::LOST then Figure.plain(:receipts, "Receipts", :money, 0)
                      else Figure.undefined(:receipts, "Receipts", :money, unsold)
                      end
      end

      def selling
        @selling ||= @sale && stage == "sold" ? @sale.selling : Figure.plain(:selling, "Selling", :money, 0)
      end

      # Sale less fees and delivery.
      def take_home
        @take_home ||= Figure.sum(:take_home, "Take-home", :money, [["+", receipts], ["−", selling]])
      end

      # R − (P + M + hardware + O + sundries + S). A scrapped piece is a loss of all that went in.
      def cash_profit
        @cash_profit ||= Figure.sum(:cash_profit, "Cash profit", :money,
                                    [["+", receipts], *@money_in.parts.map { |part| ["−", part] }, ["−", selling]])
      end

      # Cash profit less what the stash would cost to replace, and overhead by the hour.
      def full_cost_profit
        Figure.sum(:full_cost_profit, "Full-cost profit", :money,
                   [["+", cash_profit], ["−", stash_value], ["−", overhead]])
      end

      def stash_value
        if @stash.nil?
          return Figure.undefined(:stash_value, "Stash and gifts", :money,
                                  "the value of something you used from the stash is missing")
        end

        Figure.plain(:stash_value, "Stash and gifts", :money, @stash)
      end

      # No hours known: none are charged, as none are in the pay.
      def overhead = Figure.plain(:overhead, "Shop overhead", :money, FullCost.overhead(@overhead, hours.amount))

      def hours(rule = @hours_rule) = @work.figure(rule)

      # Profit ÷ hours, in minor units an hour; undefined at zero hours.
      def hourly_pay(rule = @hours_rule)
        Figure.ratio(:hourly_pay, "Hourly pay", :hourly, cash_profit, hours(rule), scale: 3600,
                                                                                   zero: "no hours were worked")
      end

      # Profit ÷ receipts.
      def margin
        Figure.ratio(:margin, "Margin", :ratio, cash_profit, receipts, zero: "nothing was received").shown(:about)
      end

      # Profit ÷ money in.
      def return_on_cash
        Figure.ratio(:return_on_cash, "Return on what you spent", :ratio, cash_profit, cash_in, zero: "nothing was spent").shown(:about)
      end

      # The rule that is not the headline, whose figures are shown beside it.
      def other_rule = @hours_rule == "all" ? "bench" : "all"

      # All lines in the order in which a statement is read.
      def figures
        full = @stash != 0 || @overhead.to_i.positive? ? [full_cost_profit] : [] # else it is the cash profit
        [cash_in, receipts, selling, take_home, cash_profit, *full, hours, hourly_pay, margin, return_on_cash]
      end

      private

      def unsold
        case stage
        when "kept" then "kept: counted at cost, not in your hourly pay"
        when "given away" then "given away: counted at cost, not in your hourly pay"
        when "split" then "split: everything spent on it moved to its parts"
        else "not sold yet"
        end
      end
    end
  end
end
