# frozen_string_literal: true

module Operations
  module Bench
    # Steps that somebody moved to another day than the schedule chose.
    module Moves
      extend Support::Refusing

      extend self

      # given: {"steps": [{"piece_id", "step"}], "day"}: an empty day takes the moves back. All of them are moved, or
      # none.
      def put(given)
        Records::Base.transaction { given["steps"].each { |row| move(row, given["day"].to_s.strip) } }
      end

      # {[piece id, step] => date} of all that were moved.
      def all = Records::SessionMove.live.order(:id).to_h { |row| [[row.piece_id, row.step], row.day] }

      private

      def move(row, text)
        piece = Support::Finder.find(Records::Piece, row["piece_id"])
        step = open_step(piece, row["step"].to_s)
        Records::SessionMove.live.where(piece: piece, deed: Core::Planning::Deed.read(step.key)).destroy_all
        Records::SessionMove.create!(piece: piece, step: step.key, day: day(text)) unless text.empty?
      end

      def open_step(piece, key)
        step = Planning::Plans.of(piece)&.step(key) or refuse(:no_such_step_on_page, field: :step)
        refuse(:done_never_moves, field: :step, step: step.label) if step.done?
        refuse(:running_never_moves, field: :step, step: step.label) if running?(piece, step)
        step
      end

      def running?(piece, step)
        Records::TimerPiece.joins(:timer).where(piece: piece, deed: Core::Planning::Deed.read(step.key),
                                                timers: { deletion_id: nil }).exists?
      end

      def day(text)
        day = Core::Units::Calendar.parse(text)
        refuse(:day_is_over, field: :day, day: Core::Units::Calendar.text(day)) if day < Support::Workshop.today
        last = Support::Workshop.today + Schedules::AHEAD
        if day >= last
          refuse(:too_far_ahead, field: :day, day: Core::Units::Calendar.text(day),
                                 last: Core::Units::Calendar.text(last))
        end
        day
      rescue Core::Refusal => e
        raise Support::Refused, [e.at(:day)]
      end
    end
  end
end
