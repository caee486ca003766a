# frozen_string_literal: true

module Operations
  module Planning
    # A piece is made ready, offered or handed on while steps of its plan stand open: they were done, or they were
    # dropped. Asked once; with the event they are taken back.
    module Settling
      ENDS = %w[ready listed sold kept given_away].freeze
      LEAVES = [*ENDS, "scrapped", "parted_out", "lost"].freeze # events after which nobody works on it
      ANSWERS = { "done" => "they were done", "dropped" => "they were skipped" }.freeze

      extend Support::Refusing

      extend self

      # Steps of a piece in work that stand open, without those that only an answer ends.
      def open_steps(piece)
        return [] if RecordedWork.closed?(piece)

        (Plans.of(piece)&.steps || []).select { |step| Core::Planning::LikelyDone.offered?(step) }
      end

      # The block records the event and returns it. given: {"open_steps"?}: done unless it says otherwise. Raises
      # Refused while a timer runs on one of its steps.
      def around(piece, kind, given)
        return yield unless ENDS.include?(kind)

        answer = answer(given)
        steps = open_steps(piece)
        refuse(:timer_running_on_piece, field: :kind, piece: piece.name) if steps.any? && running?(piece)
        unused = answer == "done" && steps.any? ? Plans.of(piece).materials_left : {}
        yield.tap do |event|
          settle(piece, event, steps) if answer == "done"
          Flips::Questions.ask_materials(piece, unused)
        end
      end

      # What an event settled.
      def marks(event) = Records::StepMark.live.where(event_id: event.id).to_a

      private

      def answer(given)
        params = Support::Params.new(given.slice("open_steps"), Support::Workshop.current)
        params.choice(:open_steps, ANSWERS.keys)
        params.done![:open_steps] || "done"
      end

      def running?(piece)
        Records::TimerPiece.joins(:timer).where(piece: piece, timers: { deletion_id: nil }).where.not(deed: nil).exists?
      end

      # Steps done on the day of the event; nothing dries any more.
      def settle(piece, event, steps)
        at = event.happened_on ? Support::Workshop.current.noon(event.happened_on) : Clock.now
        steps.each do |step|
          (step.zones - step.done_zones).each { |zone| Steps.mark(piece, step, zone, done_at: at, event_id: event.id) }
        end
      end
    end
  end
end
