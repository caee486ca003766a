# frozen_string_literal: true

require "csv"

module Operations
  module Books
    # Files for other programs: flips, costs, hours and sales as CSV (docs/formats).
    class Exports
      OUTCOMES = { "kept" => "kept", "given away" => "given away", "scrapped" => "scrapped", "parted out" => "scrapped",
                   "lost" => "scrapped" }.freeze
      COSTS = %w[ticket name category what amount whole spent_on].freeze
      HOURS = %w[ticket name person kind worked_on hours note].freeze
      SALES = %w[ticket name channel listed_on sold_on asking_price price tip fee delivery refunded fee_back take_home
                 rent].freeze

      WHAT = %i[flips costs hours sales journal].freeze

      # Exports.flips and so on: the text of a file.
      WHAT.each { |what| define_singleton_method(what) { new.public_send(what) } }

      def initialize
        @currency = Support::Workshop.current.money # asked for once, not for every cell
      end

      # Flips as docs/formats/flips-csv.md has it: what comes in again has the same money in, receipts, profit and
      # hours.
      def flips
        csv(Formats::FlipsCsv::COLUMNS) { |rows| FlipRows.all.each { |row| rows << flip(row).values_at(*Formats::FlipsCsv::COLUMNS) } }
      end

      # Every share of every cost: amount is the piece's share, whole the cost.
      def costs
        shares = Records::CostShare.joins(:cost, :piece).where(costs: { deletion_id: nil },
                                                               pieces: { deletion_id: nil })
        found = shares.order("pieces.ticket", "costs.spent_on", "costs.id")
                      .pluck("pieces.ticket", "pieces.name", "costs.category", "costs.what", :amount_minor, "costs.amount_minor", "costs.spent_on")
        csv(COSTS) do |rows|
          found.each do |number, name, kind, what, share, whole, on|
            rows << [ticket(number), text(name), kind, text(what), money(share), money(whole), on&.iso8601]
          end
        end
      end

      # Every share of every stretch of work, in decimal hours.
      def hours
        shares = Records::WorkShare.joins(:piece, work_entry: :person).where(work_entries: { deletion_id: nil },
                                                                             pieces: { deletion_id: nil })
        found = shares.order("pieces.ticket", "work_entries.worked_on", "work_entries.id")
                      .pluck("pieces.ticket", "pieces.name", "people.name", "work_entries.kind", "work_entries.worked_on", :seconds,
                             "work_entries.note")
        csv(HOURS) do |rows|
          found.each do |number, name, person, kind, on, seconds, note|
            rows << [ticket(number), text(name), text(person), kind, on&.iso8601, decimal(seconds), text(note)]
          end
        end
      end

      # Every sale with what it took.
      def sales
        csv(SALES) { |rows| FlipRows.all.each { |row| rows << sale(row) if row.stage == "sold" && row.sold } }
      end

      # The whole as a plain-text accounting journal.
      def journal
        note = ["Kohlrabi, #{Support::Workshop.today.iso8601}. Costs stand in assets:inventory until a piece is sold, lost or kept.",
                "Profit of flips, as Books has it: income and expenses but tools, overhead, filming, gifts, other and “not counted”."]
        Formats::Journal.new(Ledger.entries, currency: @currency, note: note).to_s
      end

      private

      def csv(head) = CSV.generate { |rows| yield rows.tap { rows << head } }

      def flip(row)
        { "name" => text(row.name), "kind" => text(row.kind), "source" => text(row.source), "bought_on" => row.bought_on,
          "purchase" => money(row.purchase_minor), "materials" => money(row.materials_minor), "hardware" => money(row.hardware_minor),
          "other_costs" => money(row.other_minor && (row.other_minor + row.trips_minor + row.sundries_minor)),
          "hours" => decimal(row.bench_seconds), "started_on" => row.started_on, "ready_on" => row.ready_on, "listed_on" => row.listed_on,
          "asking_price" => money(row.asking_minor), "channel" => text(row.channel), "notes" => text(row.notes), **sides(row), **ended(row) }
      end

      # Written with their unit, so that they come in again alike in any workshop.
      def sides(row)
        Formats::FlipsCsv::SIDES.to_h do |side|
          mm = row["#{side}_mm"]
          [side, mm && "#{Core::Units::Numerals.plain(mm.to_r, 4).sub(/\.?0+\z/, '')} mm"]
        end
      end

      def ended(row)
        outcome = OUTCOMES[row.stage]
        unless row.stage == "sold" && row.sold
          return { "outcome" => outcome,
                   "outcome_on" => (row.ended_on if outcome) }
        end

        { "sold_on" => row.ended_on, "sale_price" => money(row.price_minor), "fees" => money(row.selling_minor), "tip" => money(row.tip_minor.to_i),
          "refund" => (money(row.refunded) if row.refunded.positive?) }
      end

      def sale(row)
        amounts = [row.asking_minor, row.price_minor, row.tip_minor.to_i, row.fee_minor.to_i, row.delivery_minor.to_i, row.refunded, row.fee_back,
                   row.take_home, row.rent]
        [row.ticket_text, text(row.name), text(row.channel), row.listed_on, row.ended_on, *amounts.map do |minor|
          money(minor)
        end]
      end

      def text(value) = Formats::FormulaGuard.write(value)
      def ticket(number) = format("K-%03d", number)
      def money(minor) = Core::Units::MoneyText.plain(minor, @currency)

      # Four places: exact to the second when it comes in again.
      def decimal(seconds) = seconds && Core::Units::Numerals.plain(Rational(seconds, 3600), 4).sub(/\.?0+\z/, "")
    end
  end
end
