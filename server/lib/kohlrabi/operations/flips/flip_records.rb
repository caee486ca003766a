# frozen_string_literal: true

module Operations
  module Flips
    # Loads flips for the core: a few grouped queries for any number of pieces.
    module FlipRecords
      BENCH = Core::Flips::WorkKinds::ALL.select { |row| row[:count] == "bench" }.map { |row| row[:key] }.freeze
      WORKED = Arel.sql("SUM(work_shares.seconds)")
      SPENT = Arel.sql("SUM(cost_shares.amount_minor)")
      GIVEN = Arel.sql("SUM(cost_shares.value_minor)")
      STARTED = Arel.sql("MIN(work_entries.worked_on)")

      # Associations that a flip is put together from.
      PARTS = [{ events: %i[listing sale refund] }, { lot_member: :lot }].freeze

      extend self

      # One flip. piece: Records::Piece. Raises Core::Refusal when its events cannot stand.
      def of(piece) = load([piece]).first

      # Array of Flip in the order of the pieces.
      def load(pieces)
        ids = pieces.map(&:id)
        Records::Base.preload_all(pieces, PARTS)
        rents = BoothRents.new
        costs, gifts = costs_and_gifts(ids)
        work, from = work_and_start(ids)
        taken = Splits.taken_over(Splits.parted(ids).pluck(:event_id))
        stash = stash_values(Records::StashUse.live.where(piece_id: ids).pluck(:piece_id, :count, :value_minor))
        pieces.map do |piece|
          Flip.new(piece, costs: costs[piece.id], work: work[piece.id], worked_from: from[piece.id], inherited: taken[piece.id], rents: rents,
                          stash: stash.fetch(piece.id, 0)&.+(gifts.fetch(piece.id, 0)))
        end
      end

      private

      # Sums by category, and what was given would have cost, of each piece.
      def costs_and_gifts(ids)
        shares = Records::CostShare.joins(:cost).where(piece_id: ids, costs: { deletion_id: nil })
        rows = shares.group(:piece_id, "costs.category").pluck(:piece_id, "costs.category", SPENT, GIVEN)
        gifts = rows.group_by(&:first).transform_values { |all| all.sum(&:last) }
        [sums(rows.to_h { |id, category, amount, _| [[id, category], amount] }), gifts]
      end

      # Seconds by kind, and the first dated work at the bench, in one pass over the covering index.
      def work_and_start(ids)
        shares = Records::WorkShare.joins(:work_entry).where(piece_id: ids, work_entries: { deletion_id: nil })
        rows = shares.group(:piece_id, "work_entries.kind").pluck(:piece_id, "work_entries.kind", WORKED, STARTED)
        starts = rows.select { |_, kind, _, day| day && BENCH.include?(kind) }.group_by(&:first)
        [sums(rows.to_h { |id, kind, seconds, _| [[id, kind], seconds] }),
         starts.transform_values { |all| Date.iso8601(all.map(&:last).min) }]
      end

      # {piece id => replacement value of what was used of the stash, nil where one is not known}.
      def stash_values(rows)
        rows.group_by(&:first).transform_values do |uses|
          uses.sum { |_, count, value| value ? count * value : (break nil) }
        end
      end

      def sums(grouped)
        grouped.each_with_object(Hash.new { |hash, id| hash[id] = {} }) { |((id, key), sum), all| all[id][key] = sum }
      end
    end
  end
end
