# frozen_string_literal: true

module Operations
  module Scout
    # What this workshop's own finished pieces say: what a kind brought and took, how long things stay on the market,
    # what went to somebody else. Remembers within one answer, so that a list of spotted pieces asks once a kind.
    class Histories
      # Sales looked back on, latest first: prices age, and a long history must not slow the answer in the shop.
      LATEST = 200

      # kinds: those that will be asked for, read at once.
      def initialize(kinds = [])
        @kinds = {}
        @gone = {}
        @sales = {}
        read(kinds)
      end

      # {resale:, hours:, materials:}: Arrays over sold pieces of the kind (minor units, seconds).
      def of(kind)
        read([kind])
        @kinds.fetch(key(kind))
      end

      # Has what is known of several kinds read at once.
      def read(kinds)
        new = kinds.map { |kind| key(kind) }.uniq - @kinds.keys
        @kinds.merge!(load(new)) if new.any?
      end

      # [how many of the kind went to somebody else, weeks that all watched ones of it were watched].
      def gone(kind)
        @gone[key(kind)] ||= watched(key(kind))
      end

      # Days on the market of own sales: Array.
      def market_days
        @market_days ||= begin
          sold = Records::FlipSummary.where(live: true,
                                            stage: "sold").where.not(listed_on: nil).where.not(ended_on: nil)
          sold.order(ended_on: :desc).limit(LATEST).pluck(Arel.sql("julianday(ended_on) - julianday(listed_on)")).map(&:to_i)
        end
      end

      # Core::Scout::Pairs of a kind.
      def pairs(kind, pair:)
        single, together = (pair ? sales(key(kind)) : []).partition { |row| row.last.nil? }
        Core::Scout::Pairs.new(pair: pair, singles: single, together: together)
      end

      private

      # "Dressers" and "chest of drawers" are looked up as one.
      def key(kind) = Core::Planning::Shape::Kinds.key(kind).to_s

      # {kind => {resale:, hours:, materials:}} of the pieces of kinds that were sold last.
      def load(kinds)
        sold = sold(kinds)
        ids = by_kind(sold.pluck(:kind_key, :id))
        prices, hours, spent = known(sold.except(:order).select(:id))
        prices = prices.group_by(&:first)
        kinds.to_h do |kind|
          own = ids.fetch(kind, [])
          [kind, { resale: own.flat_map { |id| prices.fetch(id, []).map(&:last) }, hours: hours.values_at(*own).compact,
                   materials: spent.values_at(*own).compact }]
        end
      end

      # Of pieces: [[id, price]], {id => seconds}, {id => cost of materials and hardware}.
      def known(ids)
        sales = Records::Sale.joins(:event).where(events: { piece_id: ids, kind: "sold",
                                                            deletion_id: nil }).where.not(price_minor: nil)
        spent = Records::CostShare.joins(:cost).where(costs: { deletion_id: nil, category: %w[materials hardware] })
        [sales.pluck("events.piece_id", :price_minor),
         Records::FlipSummary.where(piece_id: ids).where.not(bench_seconds: nil).pluck(:piece_id, :bench_seconds).to_h,
         spent.where(piece_id: ids).group(:piece_id).sum("cost_shares.amount_minor")]
      end

      # Pieces of kinds that were sold last, the latest first.
      def sold(kinds)
        turn = "ROW_NUMBER() OVER (PARTITION BY pieces.kind_key ORDER BY flip_summaries.ended_on DESC, pieces.id DESC) AS turn"
        rows = Records::Piece.live.joins(:summary).where(flip_summaries: { stage: "sold" }).where(kind_key: kinds)
        Records::Piece.from(rows.select(:id, :kind_key, turn), :pieces).where(turn: ..LATEST).order(:turn)
      end

      # {kind => ids}.
      def by_kind(rows) = rows.each_with_object({}) { |(kind, id), all| (all[kind] ||= []) << id }

      # [price, days on the market or nil, set event id or nil] of each sale.
      def sales(kind)
        @sales[kind] ||= begin
          days = Arel.sql("CAST(julianday(flip_summaries.ended_on) - julianday(flip_summaries.listed_on) AS INTEGER)")
          ids = sold([kind]).except(:order).select(:id)
          Records::Sale.joins(event: { piece: :summary }).where(events: { kind: "sold", deletion_id: nil, piece_id: ids })
                       .where.not(price_minor: nil).pluck(:price_minor, days, "events.piece_set_event_id")
        end
      end

      def watched(kind)
        rows = Records::Prospect.live.where(kind_key: kind).pluck(:state, :spotted_on, :closed_on)
        today = Support::Workshop.today
        [rows.count { |state, _, _| state == "gone" }, rows.sum { |_, from, to| ((to || today) - from).to_i / 7.0 }]
      end
    end
  end
end
