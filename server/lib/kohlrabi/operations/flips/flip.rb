# frozen_string_literal: true

module Operations
  module Flips
    # One flip put together for the core from its records: the chain of events, money in, sale and work.
    class Flip
      # What a part takes over from the piece it was split from. from: its ticket; money: {part of MoneyIn => minor
      # or nil}; work: {kind => seconds}; started: Date of first work, or nil.
      Inherited = Struct.new(:from, :money, :work, :started, keyword_init: true)
      CATEGORIES = { materials: "materials", hardware: "hardware", other: "other", trips: "trip" }.freeze

      attr_reader :piece, :chain, :money_in, :sale, :work, :stash

      # costs: {category => minor}; work: {kind => seconds}; worked_from: Date of the first dated bench work, or
      # nil; inherited: Inherited or nil; stash: replacement value of what was used, nil where not all of it is
      # known; rents: BoothRents.
      def initialize(piece, costs:, work:, worked_from:, inherited: nil, stash: 0, rents: BoothRents.new({}))
        @piece = piece
        @stash = stash
        @inherited = inherited
        @rents = rents
        @work = Core::Flips::HoursWorked.new(work.merge(inherited&.work || {}) { |_, own, taken| own + taken })
        @chain = Core::Flips::Chain.new(bought_on: piece.bought_on, events: Flip.core_events(piece.events),
                                        worked_from: [worked_from, inherited&.started].compact.min)
        @money_in = money(costs)
        @sale = sold
      end

      def self.core_events(events)
        events.map do |event|
          Core::Flips::Event.new(kind: event.kind.to_sym, on: event.happened_on, position: event.position,
                                 asking: event.listing&.asking_minor)
        end
      end

      # The asking price that stands, or the one that came with an imported sale; minor units or nil.
      def asking = chain.asking || sale_row&.asking_minor

      # Where it was sold, else where it is listed; in the person's words, or nil.
      def channel
        sale_row&.channel.presence || piece.events.filter_map { |event| event.listing&.channel.presence }.last
      end

      # Id of that channel, nil where it is none of the workshop's.
      def channel_id
        return sale_row.channel_id if sale_row&.channel.present?

        piece.events.filter_map { |event| event.listing if event.listing&.channel.present? }.last&.channel_id
      end

      # Kinds of work at the bench with time on them, "painting,sanding"; nil without any. A list that the database
      # can compare by.
      def kinds_worked
        kinds = work.by_kind.filter_map do |kind, seconds|
          kind if seconds.positive? && Core::Flips::WorkKinds.bench?(kind)
        end
        kinds.sort.join(",") if kinds.any?
      end

      def statement(hours_rule, overhead: nil)
        Core::Flips::Statement.new(stage: chain.stage, money_in: money_in, sale: sale, work: work, hours_rule: hours_rule, stash: @stash,
                                   overhead: overhead)
      end

      def turnaround(today) = Core::Flips::Turnaround.new(chain, today: today)

      # The price by cost and pay, from money and hours so far and what is still to come.
      def prices(workshop)
        cash_in = money_in.figure.amount
        Core::Market::CostAndPay.new(
          costs: cash_in && (cash_in + piece.cost_to_come_minor.to_i),
          seconds: ToCome.known_seconds(piece, work.by(workshop.hours_rule)),
          fee_rate: workshop.fee_rate || 0, fixed: workshop.selling_minor,
          floor_pay: workshop.floor_pay_minor, target_pay: workshop.target_pay_minor
        )
      end

      private

      def money(costs)
        own = { purchase: piece.purchase_minor, sundries: piece.sundries_minor.to_i,
                **CATEGORIES.transform_values { |category| costs.fetch(category, 0) } }
        return Core::Flips::MoneyIn.new(**own, sources: lot_sources) unless @inherited

        taken = @inherited.money
        amounts = own.to_h { |key, amount| [key, taken[key] && (amount.to_i + taken[key])] }
        sources = own.filter_map { |key, amount| [key, parted(amount.to_i, taken[key])] if taken[key] }.to_h
        Core::Flips::MoneyIn.new(**amounts, sources: sources)
      end

      def parted(own, taken)
        [(["Recorded on it", own] unless own.zero?), ["From #{@inherited.from}", taken]].compact
      end

      # The price of a lot's member in its parts.
      def lot_sources
        member = piece.lot_member
        return {} unless member&.price_minor && member.lot.deletion_id.nil?

        parts = [["Part of the lot's price", member.price_minor], ["Buyer's premium", member.premium_minor],
                 ["Tax", member.tax_minor]]
        { purchase: parts.reject { |_, amount| amount.to_i.zero? }.presence || [parts.first] }
      end

      def sale_row = piece.events.find { |event| event.kind == "sold" }&.sale

      def sold
        row = sale_row or return
        refunds = piece.events.filter_map(&:refund)
        Core::Flips::Sale.new(price: row.price_minor, tip: row.tip_minor.to_i, fee: row.fee_minor.to_i,
                              delivery: row.delivery_minor.to_i, rent: @rents.of(piece.id, channel_id, chain.on(:listed), chain.ending&.on),
                              refunded: refunds.sum(&:amount_minor),
                              fee_back: refunds.sum { |refund| refund.fee_back_minor.to_i })
      end
    end
  end
end
