# frozen_string_literal: true

require "csv"

module Kohlrabi
  module Operations
    module Books
      # Files for other programs: flips, costs, hours and sales as CSV (docs/formats).
      class Exports
        OUTCOMES = { "kept" => "kept", "given away" => "given away", "scrapped" => "scrapped", "parted out" => "scrapped",
                     "lost" => "scrapped" }.freeze
        COSTS = %w[ticket name category what amount whole spent_on].freeze
        HOURS = %w[ticket name person kind worked_on hours note].freeze
        SALES = %w[ticket name channel listed_on sold_on asking_price price tip fee delivery refunded fee_back take_home].freeze

        WHAT = %i[flips costs hours sales journal].freeze

        # Exports.flips and so on: the text of a file.
        WHAT.each { |what| define_singleton_method(what) { new.public_send(what) } }

        def initialize
          @currency = House::WorkshopSettings.workshop.money # asked for once, not for every cell
        end

        # Flips as docs/formats/flips-csv.md has it: what comes in again has the same money in, receipts, profit and hours.
        def flips
          csv(Formats::FlipsCsv::COLUMNS) do |rows|
            each_flip { |flip| rows << flip_row(flip).values_at(*Formats::FlipsCsv::COLUMNS) unless flip.chain.stage == "split" }
          end
        end

        # Every share of every cost: amount is the piece's share, whole the cost.
        def costs
          shares = Records::CostShare.joins(:cost, :piece).where(costs: { deletion_id: nil }, pieces: { deletion_id: nil })
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
          shares = Records::WorkShare.joins(:piece, work_entry: :person).where(work_entries: { deletion_id: nil }, pieces: { deletion_id: nil })
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
          csv(SALES) do |rows|
            each_flip { |flip| rows << sale_row(flip) if flip.chain.stage == "sold" && flip.sale }
          end
        end

        # The whole as a plain-text accounting journal.
        def journal
          note = ["Kohlrabi, #{House::WorkshopSettings.today.iso8601}. Costs stand in assets:inventory until a piece is sold, lost or kept.",
                  "Profit of flips, as Books has it: income and expenses but tools, overhead, filming, gifts, other and “not counted”."]
          Formats::Journal.new(Ledger.entries, currency: @currency, note: note).to_s
        end

        private

        def csv(head) = CSV.generate { |rows| yield rows.tap { rows << head } }

        def each_flip(&)
          Records::Piece.live.order(:ticket).in_batches(of: 500) { |pieces| Flips::FlipRecords.load(pieces.order(:ticket).to_a).each(&) }
        end

        def flip_row(flip)
          piece = flip.piece
          row = flip.chain
          { "name" => text(piece.name), "kind" => text(piece.kind), "source" => text(piece.source), "bought_on" => piece.bought_on&.iso8601,
            **spent(flip),
            "started_on" => day(row, :first_work), "ready_on" => day(row, :ready), "listed_on" => day(row, :listed),
            "asking_price" => money(flip.asking), "channel" => text(flip.channel), "notes" => text(piece.notes), **sides(piece), **ended(flip) }
        end

        # Written with their unit, so that they come in again alike in any workshop.
        def sides(piece)
          Formats::FlipsCsv::SIDES.to_h do |side|
            mm = piece["#{side}_mm"]
            [side, mm && "#{Core::Units::Numerals.plain(mm.to_r, 4).sub(/\.?0+\z/, '')} mm"]
          end
        end

        def spent(flip)
          money_in = flip.money_in
          { "purchase" => money(money_in.purchase), "materials" => money(money_in.materials), "hardware" => money(money_in.hardware),
            "other_costs" => money(money_in.other + money_in.trips + money_in.sundries), "hours" => decimal(flip.work.bench) }
        end

        def ended(flip)
          stage = flip.chain.stage
          sale = flip.sale
          return { "outcome" => OUTCOMES[stage], "outcome_on" => (day_of(flip) if OUTCOMES[stage]) } unless stage == "sold" && sale

          { "sold_on" => day(flip.chain, :sold), "sale_price" => money(sale.price), "fees" => money(sale.selling.amount), "tip" => money(sale.tip),
            "refund" => (money(sale.refunded) if sale.refunded.positive?) }
        end

        def day_of(flip) = flip.chain.ending&.on&.iso8601

        def sale_row(flip)
          sale = flip.sale
          row = flip.chain
          take_home = sale.price && (sale.receipts.amount - sale.selling.amount)
          amounts = [flip.asking, sale.price, sale.tip, sale.fee, sale.delivery, sale.refunded, sale.fee_back, take_home]
          [flip.piece.ticket_text, text(flip.piece.name), text(flip.channel), day(row, :listed), day(row, :sold), *amounts.map do |minor|
            money(minor)
          end]
        end

        def day(chain, kind) = chain.on(kind)&.iso8601
        def text(value) = Formats::FormulaGuard.write(value)
        def ticket(number) = format("K-%03d", number)
        def money(minor) = Core::Units::MoneyText.plain(minor, @currency)

        # Four places: exact to the second when it comes in again.
        def decimal(seconds) = seconds && Core::Units::Numerals.plain(Rational(seconds, 3600), 4).sub(/\.?0+\z/, "")
      end
    end
  end
end
