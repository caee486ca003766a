# frozen_string_literal: true

module Core
  module Books
    # Totals over many flips. Sold flips earn; scrapped, parted-out and lost ones lose; kept and given away ones are
    # closed at cost on a line of their own, outside pay. Nothing is dropped: what is not known is counted.
    class Totals
      PAID = ["sold", *Flips::Chain::LOST].freeze
      AT_COST = ["kept", "given away"].freeze

      attr_reader :paid, :sold, :scrapped, :at_cost

      # by_stage: Hash of stage => Tally. hours_rule: "bench" or "all"; name: which profit the tallies hold.
      def initialize(by_stage, hours_rule: "bench", name: "Cash profit")
        @name = name
        @by_stage = by_stage
        @hours_rule = hours_rule
        @sold = tally("sold")
        @scrapped = Flips::Chain::LOST.sum(Tally.zero) { |stage| tally(stage) }
        @at_cost = AT_COST.sum(Tally.zero) { |stage| tally(stage) }
        @paid = @sold + @scrapped
      end

      # Profit over sold and scrapped flips whose profit is known.
      def profit
        known(:profit, @name, paid.profit, paid.profit_count, "no finished flip has a known profit")
      end

      def receipts
        known(:receipts, "Receipts", paid.receipts, paid.profit_count, "nothing sold yet")
      end

      # What went into pieces that were scrapped, parted out or lost; part of the profit figure already.
      def losses
        known(:losses, "Lost on scrapped and lost pieces", scrapped.cost, scrapped.cost_count,
              "nothing scrapped or lost")
      end

      def closed_at_cost
        known(:at_cost, "Kept and given away, at cost", at_cost.cost, at_cost.cost_count, "nothing kept or given away")
      end

      def hours(rule = @hours_rule)
        label = rule == "all" ? "Hours, all" : "Hands-on hours"
        return Figure.undefined(:hours, label, :effort, "no hours recorded") if paid["#{rule}_count"].zero?

        Figure.plain(:hours, label, :effort, paid["#{rule}_seconds"])
      end

      # Pooled pay: Σ profit ÷ Σ hours over the flips with known hours, in minor units an hour.
      def hourly_pay(rule = @hours_rule)
        over = known(:profit_with_hours, "Profit of flips with hours", paid["#{rule}_profit"], paid["#{rule}_count"],
                     "no flip has both a profit and hours")
        Figure.ratio(:hourly_pay, "Hourly pay", :hourly, over, hours(rule), scale: 3600, zero: "no hours were worked")
      end

      # WhatPays::Sums of the paid flips with hours.
      def sums(rule = @hours_rule)
        WhatPays::Sums.new(paid["#{rule}_count"], paid["#{rule}_profit"], paid["#{rule}_seconds"] / 3600.0,
                           paid["#{rule}_squares"])
      end

      # How many of the paid flips the hourly pay rests on.
      def hours_known(rule = @hours_rule) = paid["#{rule}_count"]

      # Σ profit ÷ Σ receipts.
      def margin
        Figure.ratio(:margin, "Margin", :ratio, profit, receipts, zero: "nothing was received").shown(:about)
      end

      # All lines in the order in which they are read.
      def figures = [profit, receipts, hours, hourly_pay, margin, losses, closed_at_cost]

      private

      def tally(stage) = @by_stage.fetch(stage, Tally.zero)

      def known(key, label, amount, count, why)
        count.zero? ? Figure.undefined(key, label, :money, why) : Figure.plain(key, label, :money, amount)
      end
    end
  end
end
