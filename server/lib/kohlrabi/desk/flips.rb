# frozen_string_literal: true

module Kohlrabi
  module Desk
    # Loads flips for the core: a few grouped queries for any number of pieces.
    module Flips
      BENCH = Core::Work::Kinds::ALL.select { |row| row[:count] == "bench" }.map { |row| row[:key] }.freeze

      module_function

      # One flip. piece: Records::Piece. Raises Core::Refusal when its events cannot stand.
      def of(piece) = load([piece]).first

      # Array of Flip in the order of the pieces.
      def load(pieces)
        ids = pieces.map(&:id)
        ActiveRecord::Associations::Preloader.new(records: pieces, associations: { events: %i[listing sale refund] }).call
        costs = sums(Records::CostShare.joins(:cost).where(piece_id: ids, costs: { deletion_id: nil }).group(:piece_id, "costs.category").sum("cost_shares.amount_minor"))
        work = sums(shares(ids).group(:piece_id, "work_entries.kind").sum("work_shares.seconds"))
        from = shares(ids).where(work_entries: { kind: BENCH }).group(:piece_id).minimum("work_entries.worked_on")
        pieces.map { |piece| Flip.new(piece, costs: costs[piece.id], work: work[piece.id], worked_from: date(from[piece.id])) }
      end

      def shares(ids)
        Records::WorkShare.joins(:work_entry).where(piece_id: ids, work_entries: { deletion_id: nil })
      end
      private_class_method :shares

      def sums(grouped)
        grouped.each_with_object(Hash.new { |hash, id| hash[id] = {} }) { |((id, key), sum), all| all[id][key] = sum }
      end
      private_class_method :sums

      def date(value)
        value.is_a?(String) ? Date.iso8601(value) : value
      end
      private_class_method :date
    end
  end
end
