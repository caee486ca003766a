# frozen_string_literal: true

module Kohlrabi
  module Desk
    # One flip put together for the core from its records: the chain of events, money in, sale and work.
    class Flip
      attr_reader :piece, :chain, :money_in, :sale, :work

      # costs: {category => minor}; work: {kind => seconds}; worked_from: Date of the first dated bench work, or nil.
      def initialize(piece, costs:, work:, worked_from:)
        @piece = piece
        @work = Core::Work::Tally.new(work)
        @chain = Core::Costing::Chain.new(bought_on: piece.bought_on, events: Flip.core_events(piece.events), worked_from: worked_from)
        @money_in = money(costs)
        @sale = sold
      end

      def self.core_events(events)
        events.map do |event|
          Core::Costing::Event.new(kind: event.kind.to_sym, on: event.happened_on, position: event.position,
                                   asking: event.listing&.asking_minor)
        end
      end

      # The asking price that stands, or the one that came with an imported sale; minor units or nil.
      def asking = chain.asking || sale_row&.asking_minor

      def statement(hours_rule)
        Core::Costing::Statement.new(stage: chain.stage, money_in: money_in, sale: sale, work: work, hours_rule: hours_rule)
      end

      def turnaround(today) = Core::Costing::Turnaround.new(chain, today: today)

      # The price by cost and pay, from money and hours so far and what is still to come.
      def prices(workshop)
        done = work.by(workshop.hours_rule)
        cash_in = money_in.figure.amount
        Core::Pricing::CostAndPay.new(
          costs: cash_in && (cash_in + piece.cost_to_come_minor.to_i),
          seconds: (done.to_i + piece.seconds_to_come.to_i if done || piece.seconds_to_come),
          fee_rate: workshop.fee_rate || 0, fixed: workshop.fixed_fee_minor.to_i,
          floor_pay: workshop.floor_pay_minor, target_pay: workshop.target_pay_minor
        )
      end

      private

      def money(costs)
        Core::Costing::MoneyIn.new(purchase: piece.purchase_minor, sundries: piece.sundries_minor.to_i,
                                   materials: costs.fetch("materials", 0), hardware: costs.fetch("hardware", 0),
                                   other: costs.fetch("other", 0))
      end

      def sale_row = piece.events.find { |event| event.kind == "sold" }&.sale

      def sold
        row = sale_row or return
        refunds = piece.events.filter_map(&:refund)
        Core::Costing::Sale.new(price: row.price_minor, tip: row.tip_minor.to_i, fee: row.fee_minor.to_i,
                                delivery: row.delivery_minor.to_i, refunded: refunds.sum(&:amount_minor),
                                fee_back: refunds.sum { |refund| refund.fee_back_minor.to_i })
      end
    end
  end
end
