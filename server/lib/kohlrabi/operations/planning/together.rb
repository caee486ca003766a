# frozen_string_literal: true

module Operations
  module Planning
    # Pieces of a set are worked on together: one wash, one setting-up of the sprayer, each piece ticked by itself.
    module Together
      # A step of several pieces: label, phase; parts: Array of [piece, Core::Planning::Step] in the order of the set.
      Line = Struct.new(:key, :label, :phase, :parts, keyword_init: true)

      extend self

      # Ids of the other pieces of the set that a piece stands in.
      def mates(id) = members(id) - [id]

      # Ids of all pieces of that set, itself included; none where it stands in none.
      def members(id)
        rows = standing.to_a
        own = rows.find { |row| row.piece_id == id } or return []
        rows.select { |row| row.piece_set_id == own.piece_set_id }.map(&:piece_id)
      end

      # Ids with those of the pieces that share a set with one of them.
      def with_mates(ids)
        rows = standing.to_a
        sets = rows.select { |row| ids.include?(row.piece_id) }.map(&:piece_set_id).uniq
        ids | rows.select { |row| sets.include?(row.piece_set_id) }.map(&:piece_id)
      end

      # Of each mate that is in work and has a look, the Set of keys of its steps.
      def keys(piece, house)
        ids = members(piece.id)
        return [] if ids.size < 2 || RecordedWork.closed?(piece)

        of_set(ids, house).except(piece.id).values
      end

      # What was looked up is looked up again: a plan may have changed.
      def forget = Support::Context.forget(:set_keys)

      # [lines of the pieces of a set in the order of the work, seconds to come together, seconds to come one by one].
      def plan(set)
        pieces = Records::Piece.where(id: set.members.map(&:piece_id)).order(:id).preload(Plans::PARTS).to_a
        plans = pieces.to_h { |piece| [piece, Plans.of(piece)] }.compact
        [lines(plans), plans.each_value.sum(&:remaining), pieces.sum do |piece|
          Plans.of(piece, together: [])&.remaining.to_i
        end]
      end

      private

      # Members of all sets that were not sold.
      def standing
        sold = Records::PieceSetEvent.live.where(kind: "sold").select(:piece_set_id)
        Records::PieceSetMember.where.not(piece_set_id: sold).where(piece_set_id: Records::PieceSet.live.select(:id)).order(:id)
      end

      # {id => Set of keys of steps} of the pieces in work of a set, looked up once in a request.
      def of_set(ids, house)
        known = Support::Context.once(:set_keys) { {} }
        known[ids] ||= begin
          pieces = Records::Piece.live.where(id: ids).order(:id).preload(Plans::PARTS).to_a
          pieces.reject { |piece| RecordedWork.closed?(piece) }.to_h do |piece|
            [piece.id, Plans.of(piece, house: house, together: [])&.steps&.to_set(&:key)]
          end.compact
        end
      end

      # plans: {piece => its plan}. Each step once.
      def lines(plans)
        steps = plans.flat_map { |piece, plan| plan.steps.map { |step| [piece, step] } }
        rows = steps.group_by { |_, step| step.key }.sort_by { |_, parts| parts.first.last.position }
        rows.map do |key, parts|
          step = parts.first.last
          Line.new(key: key, label: step.label, phase: Core::Planning::Phases.label(step.phase), parts: parts)
        end
      end
    end
  end
end
