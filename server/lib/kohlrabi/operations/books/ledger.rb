# frozen_string_literal: true

module Operations
  module Books
    # The whole workshop as double entry: flips, the shelf, and money that belongs to no flip.
    module Ledger
      CASH = Core::Books::FlipLedger::CASH
      SHELF = Core::Books::FlipLedger::SHELF
      OPENING = "equity:opening"
      APART = { "tool" => "expenses:tools", "overhead" => "expenses:overhead", "filming" => "income:filming", "gift" => "income:gifts",
                "other" => "income:other" }.freeze
      STANDING = %i[purchase sundries].freeze # without a date of their own
      LABELS = Core::Flips::MoneyIn::LABELS

      extend self

      # Array of Core::Books::Entry by date; what has no date stands on the day it was recorded.
      def entries
        bought = Records::Container.live.where(mix_version_id: nil).where("paid_minor > 0").order(:id)
        all = flips.flat_map(&:entries) + shelf(bought) + apart(Records::WorkshopEntry.live.order(:id))
        all.group_by(&:on).sort_by(&:first).flat_map(&:last)
      end

      # Array of Core::Books::FlipLedger over live pieces.
      def flips = with_costs.map { |row, costs| flip(row, costs) }

      # Array of [FlipRows::Row, [[date or nil, minor units, nil where not known]]]: what was paid for each, for
      # counting stock.
      def stock
        with_costs.map do |row, costs|
          paid = payments(row, costs).map { |payment| [payment.on, payment.amount] }
          [row, row.purchase_minor ? paid : [*paid, [nil, nil]]]
        end
      end

      private

      # Array of [FlipRows::Row, costs]; split pieces passed all on to their parts.
      def with_costs
        costs = costs()
        FlipRows.all.map { |row| [row, costs.fetch(row.id, [])] }
      end

      # {piece id => Array of [date or nil, what, minor units, account it is paid from]}: what was paid for each
      # besides its price.
      def costs
        drawn = "EXISTS (SELECT 1 FROM draws WHERE draws.cost_id = costs.id AND draws.deletion_id IS NULL)"
        rows = Records::CostShare.joins(:cost).where(costs: { deletion_id: nil }).order("costs.spent_on", "costs.id")
                                 .pluck(:piece_id, "costs.spent_on", "costs.what", :amount_minor, Arel.sql(drawn))
        rows.group_by(&:first).transform_values do |own|
          own.map do |_, on, what, amount, shelf|
            [on, what, amount, shelf == 1 ? SHELF : CASH]
          end
        end
      end

      def flip(row, costs)
        bought_on = date(row.bought_on)
        Core::Books::FlipLedger.new(
          ticket: row.ticket_text, name: row.name, stage: row.stage, payments: payments(row, costs), sale: sale(row),
          ended_on: date(row.ended_on), known: !row.cash_in_minor.nil? && (row.stage != "sold" || !row.price_minor.nil?),
          refunds: row.refunds.map do |on, amount, back|
            Core::Books::FlipLedger::Refund.new(on: on, amount: amount, fee_back: back.to_i)
          end,
          fallback: bought_on || Support::Workshop.current.date_of(Time.find_zone("UTC").parse(row.created_at))
        )
      end

      def sale(row)
        return unless row.sold

        Core::Flips::Sale.new(price: row.price_minor, tip: row.tip_minor.to_i, fee: row.fee_minor.to_i, delivery: row.delivery_minor.to_i,
                              refunded: row.refunded, fee_back: row.fee_back, rent: row.rent)
      end

      # The price, sundries and what a part took over from a split piece on the day it was bought; costs on theirs.
      def payments(row, costs)
        bought_on = date(row.bought_on)
        own = costs.map { |on, what, amount, from| payment(on, what, amount, from) }
        standing = STANDING.map { |key| payment(bought_on, LABELS.fetch(key).downcase, row["#{key}_minor"].to_i) }
        rest = row.spent - costs.sum { |cost| cost[2] }
        [*standing, (payment(bought_on, "costs taken over", rest) unless rest.zero?), *own].compact
      end

      def date(text) = text && Date.iso8601(text)

      def payment(on, what, amount, from = CASH)
        Core::Books::FlipLedger::Payment.new(on: on, what: what, amount: amount, from: from)
      end

      # Containers bought; a batch of a mix was taken from others and moves no money.
      def shelf(bought)
        bought.filter_map do |row|
          on = row.bought_on || row.created_at.in_time_zone(Support::Workshop.current.zone).to_date
          Core::Books::Entry.balanced(on, "Shelf: #{Shelf::Containers.product(row.product)[:label]}", { SHELF => row.paid_minor },
                                      row.opening ? OPENING : CASH, note: ("date unknown" unless row.bought_on))
        end
      end

      def apart(entries)
        entries.map do |row|
          sign = -WorkshopMoney::KINDS.fetch(row.kind).last
          Core::Books::Entry.balanced(row.happened_on, row.what, { APART.fetch(row.kind) => sign * row.amount_minor },
                                      CASH)
        end
      end
    end
  end
end
