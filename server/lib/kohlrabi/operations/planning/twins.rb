# frozen_string_literal: true

module Operations
  module Planning
    # What a twin takes over beside the look: the shape it has not been given, the shape it will have, and what was
    # found. What is known of it stands, and is said where it differs.
    module Twins
      WORDS = { "width_mm" => "width", "depth_mm" => "depth", "height_mm" => "height", "leg_mm" => "base", "leaf_mm" => "leaf",
                "upper_height_mm" => "upper part", "upper_depth_mm" => "depth of the upper part", "drawer_rows" => "drawers by row" }.freeze

      extend self

      # from, to: Records::Piece. Returns what differs or wants looking at, in sentences.
      def bring(from, to)
        differing = shape(from, to)
        plan_shape(from, to)
        found = findings(from, to)
        [*differing,
         (if found.positive?
            "#{found} #{found == 1 ? 'finding' : 'findings'} copied too: check #{to.name} for problems of its own."
          end)].compact
      end

      # The other pieces in hand that were bought with this one and are just like it, and those of its set that are of
      # the same kind.
      def mates(piece)
        others = Together.mates(piece.id)
        found = alike(piece)
        same = Records::Piece.where(id: others, kind_key: piece.kind_key) if others.any?
        found = found.null_relation? ? same : found.or(same) if same
        found.live.joins(:summary).where(flip_summaries: { stage: Flips::Lists::IN_HAND }).where.not(id: piece.id).order(:ticket).to_a
      end

      # All pieces that were entered with this one as several alike, itself included; none where it came alone.
      def alike(piece)
        member = piece.lot_member
        return Records::Piece.none unless member&.batch && member.lot.deletion_id.nil?

        Records::Piece.where(id: Records::LotMember.where(lot_id: member.lot_id, batch: member.batch).select(:piece_id))
      end

      private

      # Takes over what is empty. Returns sentences of what is not, and differs.
      def shape(from, to)
        differences = Shapes::FIELDS.filter_map do |name|
          next if from[name].nil? || from[name] == to[name]
          next differs(name, from, to) unless to[name].nil?

          to[name] = from[name]
          nil
        end
        to.shape_checked ||= from.shape_checked
        to.save!
        from.zone_changes.each do |row|
          next if to.zone_changes.any? { |own| own.zone == row.zone }

          to.zone_changes.create!(row.attributes.except("id", "piece_id", "created_at", "updated_at"))
        end
        differences
      end

      def differs(name, from, to)
        word = WORDS.fetch(name) { name.tr("_", " ") }
        "#{to.name}: #{word} is #{said(to[name])}, #{said(from[name])} on #{from.name}. It keeps its own."
      end

      def said(value)
        if value.is_a?(Numeric)
          Core::Units::Length.text(value,
                                   unit: Support::Workshop.current.length_unit)
        else
          value.to_s
        end
      end

      def plan_shape(from, to)
        row = from.planned_shape
        return unless row && to.planned_shape.nil?

        to.create_planned_shape!(row.attributes.except("id", "piece_id", "created_at",
                                                       "updated_at"))
      end

      # How many were taken over: those that were not noted on it yet.
      def findings(from, to)
        known = to.findings.map { |row| [row.kind, row.own_finding_id, row.zone] }
        rows = from.findings.reject { |row| known.include?([row.kind, row.own_finding_id, row.zone]) }
        rows.each do |row|
          to.findings.create!(row.attributes.slice("kind", "own_finding_id", "zone", "measure", "note"))
        end
        rows.size
      end
    end
  end
end
