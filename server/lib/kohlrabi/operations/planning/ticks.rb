# frozen_string_literal: true

module Operations
  module Planning
    # A step that is ticked, at the bench or on a device that tells it later: somebody else may have ticked it
    # meanwhile.
    module Ticks
      extend self

      # given: as of Steps.finish. Returns {marks: how many, now: what to do now, where it should not have been
      # done, told: that it was done before}; the last two a sentence or nil. Raises as Steps.finish does.
      def tick(piece_id, given)
        already = Support::Facts.noted? && before(piece_id, given)
        return { marks: 0, now: nil, told: already } if already

        after = Steps.aftermath(piece_id, given)
        { marks: Steps.finish(piece_id, given).size, now: after, told: nil }
      end

      private

      # Who ticked it before, and when; nil where something is left to tick.
      def before(piece_id, given)
        piece = Support::Finder.find(Records::Piece, piece_id)
        marks = marks(piece, given)
        said(marks) unless marks.empty? || open?(piece, given)
      end

      def marks(piece, given)
        asked = Core::Planning::Deed.read(given["step"].to_s)
        piece.step_marks.select do |mark|
          mark.deed.serves?(asked) && (given["zones"].nil? || given["zones"].include?(mark.zone))
        end
      end

      def open?(piece, given)
        step = Plans.of(piece)&.step(given["step"].to_s)
        step && ((given["zones"] || step.zones) - step.done_zones).any?
      end

      def said(marks)
        at = marks.map(&:done_at).max.in_time_zone(Support::Workshop.current.zone).strftime("%H:%M")
        who = marks.filter_map(&:person).first
        who ? "#{who.name} did it at #{at}." : "It was done at #{at}."
      end
    end
  end
end
