# frozen_string_literal: true

module Operations
  module Books
    # All flips as files for other programs tell them: what is recorded of a piece, its stored figures
    # (Flips::Summaries) and the parts of its sale, without putting each flip together again. Amounts are minor
    # units; dates are text as kept, "2026-03-01"; nil is not known.
    module FlipRows
      PIECE = %i[id ticket name kind source bought_on notes width_mm depth_mm height_mm created_at].freeze
      FIGURES = %i[stage started_on ready_on listed_on ended_on asking_minor channel cash_in_minor receipts_minor cash_profit_minor bench_seconds
                   purchase_minor sundries_minor materials_minor hardware_minor trips_minor other_minor selling_minor].freeze
      SALE = %i[price_minor tip_minor fee_minor delivery_minor].freeze
      # sold: whether there is a record of its sale; refunds: Array of [date or nil, amount, fee given back].
      Row = Struct.new(*PIECE, *FIGURES, *SALE, :sold, :refunds, keyword_init: true) do
        def ticket_text = format("K-%03d", ticket)
        def refunded = refunds.sum { |_, amount, _| amount }
        def fee_back = refunds.sum { |_, _, back| back.to_i }

        # Its share of the rent of the place where it was sold.
        def rent = sold ? selling_minor - fee_minor.to_i - delivery_minor.to_i + fee_back : 0

        # nil while not sold, or sold at a price that is not known.
        def take_home = sold && price_minor ? receipts_minor - selling_minor : nil

        # What was taken over from a split piece, and costs of its own, apart from its price and sundries.
        def spent = materials_minor + hardware_minor + trips_minor + other_minor
      end

      extend self

      # Array of Row by ticket, what was split left out: it passed all on to its parts.
      def all
        given = refunds
        columns = [*PIECE.map { |name| "pieces.#{name}" }, *FIGURES.map do |name|
          "flip_summaries.#{name}"
        end, *SALE.map do |name|
               "sales.#{name}"
             end,
                   "sales.id IS NOT NULL"]
        found = Records::Piece.live.joins(:summary).joins(<<~SQL).where.not(flip_summaries: { stage: "split" }).order(:ticket)
          LEFT JOIN events sold ON sold.piece_id = pieces.id AND sold.kind = 'sold' AND sold.deletion_id IS NULL
          LEFT JOIN sales ON sales.event_id = sold.id
        SQL
        Records::Base.connection.select_rows(found.select(columns.join(", ")).to_sql).map do |values|
          row = Row.new
          values.each_with_index { |value, index| row[index] = value }
          row.sold = row.sold == 1
          row.refunds = given.fetch(row.id, [])
          row
        end
      end

      private

      # {piece id => Array of [date or nil, amount, fee given back]}.
      def refunds
        Records::Refund.joins(:event).where(events: { deletion_id: nil }).order("events.happened_on", "events.id")
                       .pluck("events.piece_id", "events.happened_on", :amount_minor, :fee_back_minor)
                       .group_by(&:first).transform_values { |rows| rows.map { |row| row.drop(1) } }
      end
    end
  end
end
