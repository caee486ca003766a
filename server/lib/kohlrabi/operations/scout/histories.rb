# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Scout
      # What this workshop's own finished pieces say: what a kind brought and took, how long things stay on the market, what went
      # to somebody else. Remembers within one answer, so that a list of spotted pieces asks once a kind.
      class Histories
        # Sales looked back on, latest first: prices age, and a long history must not slow the answer in the shop.
        LATEST = 200

        def initialize
          @kinds = {}
          @gone = {}
          @sales = {}
        end

        # {resale:, hours:, materials:}: Arrays over sold pieces of the kind (minor units, seconds).
        def of(kind)
          @kinds[kind.to_s.downcase] ||= load(kind.to_s.downcase)
        end

        # [how many of the kind went to somebody else, weeks that all watched ones of it were watched].
        def gone(kind)
          @gone[kind.to_s.downcase] ||= watched(kind.to_s.downcase)
        end

        # Days on the market of own sales: Array.
        def market_days
          @market_days ||= begin
            sold = Records::FlipSummary.where(live: true, stage: "sold").where.not(listed_on: nil).where.not(ended_on: nil)
            sold.order(ended_on: :desc).limit(LATEST).pluck(Arel.sql("julianday(ended_on) - julianday(listed_on)")).map(&:to_i)
          end
        end

        # Core::Scout::Pairs of a kind.
        def pairs(kind, pair:)
          single, together = (pair ? sales(kind.to_s.downcase) : []).partition { |row| row.last.nil? }
          Core::Scout::Pairs.new(pair: pair, singles: single, together: together)
        end

        private

        # Sold pieces of the kind: ids, sale prices, hours.
        def load(kind)
          ids = sold(kind)
          prices = Records::Sale.joins(:event).where(events: { piece_id: ids, kind: "sold",
                                                               deletion_id: nil }).where.not(price_minor: nil).pluck(:price_minor)
          hours = Records::FlipSummary.where(piece_id: ids).where.not(bench_seconds: nil).pluck(:bench_seconds)
          spent = Records::CostShare.joins(:cost).where(piece_id: ids, costs: { deletion_id: nil, category: %w[materials hardware] })
                                    .group(:piece_id).sum(:amount_minor)
          { resale: prices, hours: hours, materials: spent.values }
        end

        # Ids of the pieces of the kind that were sold last.
        def sold(kind)
          Records::Piece.live.joins(:summary).where(flip_summaries: { stage: "sold" }).where("pieces.kind = ? COLLATE NOCASE", kind)
                        .order(Arel.sql("flip_summaries.ended_on DESC, pieces.id DESC")).limit(LATEST).pluck(:id)
        end

        # [price, days on the market or nil, set event id or nil] of each sale.
        def sales(kind)
          @sales[kind] ||= begin
            days = Arel.sql("CAST(julianday(flip_summaries.ended_on) - julianday(flip_summaries.listed_on) AS INTEGER)")
            Records::Sale.joins(event: { piece: :summary }).where(events: { kind: "sold", deletion_id: nil, piece_id: sold(kind) })
                         .where.not(price_minor: nil).pluck(:price_minor, days, "events.piece_set_event_id")
          end
        end

        def watched(kind)
          rows = Records::Prospect.live.where("kind = ? COLLATE NOCASE", kind).pluck(:state, :spotted_on, :closed_on)
          today = House::WorkshopSettings.today
          [rows.count { |state, _, _| state == "gone" }, rows.sum { |_, from, to| ((to || today) - from).to_i / 7.0 }]
        end
      end
    end
  end
end
