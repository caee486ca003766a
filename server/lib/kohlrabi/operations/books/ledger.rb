# frozen_string_literal: true

module Kohlrabi
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

        module_function

        # Array of Core::Books::Entry by date; what has no date stands on the day it was recorded.
        def entries
          found = Records::AtOnce.rows(bought: Records::Container.live.where(mix_version_id: nil).where("paid_minor > 0").order(:id),
                                       apart: Records::WorkshopEntry.live.order(:id))
          (flips.flat_map(&:entries) + shelf(found[:bought]) + apart(found[:apart])).sort_by.with_index { |entry, index| [entry.on, index] }
        end

        # Array of Core::Books::FlipLedger over live pieces.
        def flips = with_costs.map { |flip, costs| flip(flip, costs) }

        # Array of [Flip, [[date or nil, minor units, nil where not known]]]: what was paid for each, for counting stock.
        def stock
          with_costs.map do |flip, costs|
            paid = payments(flip, costs).map { |payment| [payment.on, payment.amount] }
            [flip, flip.money_in.purchase ? paid : [*paid, [nil, nil]]]
          end
        end

        # Array of [Flip, costs]; split pieces passed all on to their parts.
        def with_costs
          Records::Piece.live.find_in_batches(batch_size: 500).flat_map do |pieces|
            rows = pieces.sort_by(&:ticket)
            costs = costs(rows.map(&:id))
            Flips::FlipRecords.load(rows).reject { |flip| flip.chain.stage == "split" }.map { |flip| [flip, costs.fetch(flip.piece.id, [])] }
          end
        end
        private_class_method :with_costs

        # {piece id => Array of [date or nil, what, minor units, account it is paid from]}: what was paid for each besides its price.
        def costs(ids)
          drawn = "EXISTS (SELECT 1 FROM draws WHERE draws.cost_id = costs.id AND draws.deletion_id IS NULL)"
          rows = Records::CostShare.joins(:cost).where(piece_id: ids, costs: { deletion_id: nil }).order("costs.spent_on", "costs.id")
                                   .pluck(:piece_id, "costs.spent_on", "costs.what", :amount_minor, Arel.sql(drawn))
          rows.group_by(&:first).transform_values { |own| own.map { |_, on, what, amount, shelf| [on, what, amount, shelf == 1 ? SHELF : CASH] } }
        end
        private_class_method :costs

        def flip(flip, costs)
          piece = flip.piece
          row = flip.chain
          Core::Books::FlipLedger.new(
            ticket: piece.ticket_text, name: piece.name, stage: row.stage, payments: payments(flip, costs), sale: flip.sale, ended_on: row.ending&.on,
            known: !flip.money_in.figure.amount.nil? && (row.stage != "sold" || !flip.sale&.price.nil?), refunds: refunds(piece),
            fallback: piece.bought_on || piece.created_at.in_time_zone(House::WorkshopSettings.workshop.zone).to_date
          )
        end
        private_class_method :flip

        # The price, sundries and what a part took over from a split piece on the day it was bought; costs on theirs.
        def payments(flip, costs)
          money = flip.money_in
          own = costs.map { |on, what, amount, from| payment(on, what, amount, from) }
          standing = STANDING.map { |key| payment(flip.piece.bought_on, LABELS.fetch(key).downcase, money.public_send(key).to_i) }
          rest = money.parts.reject { |part| STANDING.include?(part.key) }.sum { |part| part.amount.to_i } - costs.sum { |row| row[2] }
          [*standing, (payment(flip.piece.bought_on, "costs taken over", rest) unless rest.zero?), *own].compact
        end
        private_class_method :payments

        def payment(on, what, amount, from = CASH) = Core::Books::FlipLedger::Payment.new(on: on, what: what, amount: amount, from: from)
        private_class_method :payment

        def refunds(piece)
          piece.events.filter_map do |event|
            next unless event.refund

            Core::Books::FlipLedger::Refund.new(on: event.happened_on, amount: event.refund.amount_minor,
                                                fee_back: event.refund.fee_back_minor.to_i)
          end
        end
        private_class_method :refunds

        # Containers bought; a batch of a mix was taken from others and moves no money.
        def shelf(bought)
          bought.filter_map do |row|
            on = row.bought_on || row.created_at.in_time_zone(House::WorkshopSettings.workshop.zone).to_date
            Core::Books::Entry.balanced(on, "Shelf: #{Shelf::Containers.product(row.product)[:label]}", { SHELF => row.paid_minor },
                                        row.opening ? OPENING : CASH, note: ("date not known" unless row.bought_on))
          end
        end
        private_class_method :shelf

        def apart(entries)
          entries.map do |row|
            sign = -WorkshopMoney::KINDS.fetch(row.kind).last
            Core::Books::Entry.balanced(row.happened_on, row.what, { APART.fetch(row.kind) => sign * row.amount_minor }, CASH)
          end
        end
        private_class_method :apart
      end
    end
  end
end
