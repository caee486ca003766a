# frozen_string_literal: true

require "csv"

module Operations
  module Books
    # A year of the workshop for whoever does its taxes: purchases, costs, sales, mileage, and stock at cost at both
    # ends. What of it counts, and when, is for local rules.
    class TaxYear
      HEAD = %w[section date ticket name what amount note].freeze
      NOTE = "Local rules decide what counts, when, and how stock is valued. Ask whoever does your taxes."

      # year: Integer, the calendar year.
      def initialize(year)
        @days = Date.new(year, 1, 1)..Date.new(year, 12, 31)
        @currency = Support::Workshop.current.money
      end

      def to_s
        CSV.generate do |rows|
          rows << HEAD
          rows << ["note", nil, nil, nil, NOTE, nil, nil]
          (purchases + costs + sales + mileage + apart + stock).each { |row| rows << guarded(row) }
        end
      end

      # {section => minor units} of the year; mileage stands in distance and is left out.
      def totals
        flows = (purchases + costs + sales + apart).group_by(&:first)
        flows.transform_values do |rows|
          rows.filter_map do |row|
            row[5] && (Rational(row[5]) * @currency.unit).to_i
          end.sum
        end
      end

      TEXTS = [3, 4, 6].freeze # places of name, what and note in a row
      private_constant :TEXTS

      private

      # Purchases, shares of costs, trips and entries of the year.
      def found
        @found ||= {
          purchases: Records::Piece.live.where(bought_on: @days).where("id NOT IN (SELECT piece_id FROM split_parts)").order(
            :bought_on, :ticket
          ),
          shares: Records::CostShare.joins(:cost).where(costs: { deletion_id: nil, spent_on: @days }).order("costs.spent_on", "costs.id")
                                    .preload(:cost, :piece),
          trips: Records::Trip.live.where(happened_on: @days).where.not(metres: nil).order(:happened_on, :id),
          apart: Records::WorkshopEntry.live.where(happened_on: @days).order(:happened_on, :id)
        }
      end

      def guarded(row)
        row.each_with_index.map { |cell, index| TEXTS.include?(index) ? Formats::FormulaGuard.write(cell) : cell }
      end

      def purchases
        found[:purchases].map do |piece|
          row("purchase", piece.bought_on, piece, "price paid", piece.purchase_minor,
              ("price unknown" if piece.purchase_minor.nil?))
        end
      end

      def costs
        shares = found[:shares].reject { |share| share.piece.deletion_id }
        shares.map do |share|
          row("cost", share.cost.spent_on, share.piece, share.cost.what, share.amount_minor, share.cost.category)
        end
      end

      def sales
        scope = Records::Piece.live.joins(:summary).where(flip_summaries: { stage: "sold" })
        sold = scope.where(flip_summaries: { ended_on: @days }).or(scope.where(id: refunded))
        Flips::FlipRecords.load(sold.order(:ticket).to_a).flat_map { |flip| sale(flip) }
      end

      def refunded = Records::Event.live.where(kind: "refunded", happened_on: @days).select(:piece_id)

      def sale(flip)
        on = flip.chain.on(:sold)
        sale = flip.sale
        own = [["sale", "sold#{" at #{flip.channel}" if flip.channel}", sale.price], ["tip", "tip", sale.tip], ["fee", "fee", sale.fee],
               ["delivery", "delivery", sale.delivery], ["rent", "rent for its spot, by day", sale.rent]]
        rows = if @days.cover?(on)
                 own.reject do |_, _, amount|
                   amount&.zero?
                 end.map { |section, what, amount| row(section, on, flip.piece, what, amount) }
               else
                 []
               end
        rows + flip.piece.events.select do |event|
          event.refund && @days.cover?(event.happened_on || on)
        end.flat_map { |event| refund(flip, event, on) }
      end

      def refund(flip, event, on)
        back = event.refund.fee_back_minor.to_i
        [row("refund", event.happened_on || on, flip.piece, "given back", event.refund.amount_minor),
         (row("fee refunded", event.happened_on || on, flip.piece, "fee", back) if back.positive?)].compact
      end

      def mileage
        unit = Support::Workshop.current.distance_unit
        found[:trips].map do |trip|
          distance = Core::Units::Numerals.plain(Rational(trip.metres) / Flips::Trips::METRES.fetch(unit), 1)
          share = trip.private_hundredths.to_i.positive? ? ", #{Support::Percent.text(trip.private_hundredths)}% of it private" : ""
          ["mileage", trip.happened_on.iso8601, nil, nil, trip.what, nil, "#{distance} #{unit}#{share}"]
        end
      end

      def apart
        found[:apart].map do |entry|
          [entry.kind, entry.happened_on.iso8601, nil, nil, entry.what, money(entry.amount_minor), "not part of a flip"]
        end
      end

      # Stock at cost at the end of the day before, and at the end of the year.
      def stock
        take = Core::Books::StockTake.new(stock_pieces)
        { "stock at start" => @days.first - 1, "stock at end" => @days.last }.flat_map do |section, day|
          answer = take.at(day)
          note = [("#{answer.unknown} left out because their cost is unknown" if answer.unknown.positive?),
                  ("#{answer.undated} left out because a date is missing" if answer.undated.positive?)]
          rows = answer.rows.map do |(ticket, name), minor|
            [section, day.iso8601, ticket, name, "at cost", money(minor), ("cost unknown" if minor.nil?)]
          end
          [*rows,
           ["#{section}, total", day.iso8601, nil, nil, "#{answer.rows.size} pieces at cost", money(answer.total),
            note.compact.join("; ").presence]]
        end
      end

      def stock_pieces
        Ledger.stock.map do |row, payments|
          Core::Books::StockTake::Piece.new(name: [row.ticket_text, row.name], bought_on: date(row.bought_on),
                                            ended: Flips::Lists::ENDED.include?(row.stage), ended_on: date(row.ended_on), payments: payments)
        end
      end

      def row(section, day, piece, what, minor, note = nil)
        [section, day&.iso8601, piece.ticket_text, piece.name, what, money(minor), note]
      end

      def date(text) = text && Date.iso8601(text)
      def money(minor) = Core::Units::MoneyText.plain(minor, @currency)
    end
  end
end
