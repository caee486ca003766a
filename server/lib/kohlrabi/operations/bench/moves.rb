# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Bench
      # Steps that somebody moved to another day than the schedule chose.
      module Moves
        extend Support::Refusing

        module_function

        # given: {"piece_id", "step", "day"}: an empty day takes the move back. Returns the move or nil.
        def put(given)
          Records::Base.transaction do
            piece = Support::Finder.find(Records::Piece, given["piece_id"])
            step = open_step(piece, given["step"].to_s)
            Records::SessionMove.live.where(piece: piece, step: step.key).destroy_all
            text = given["day"].to_s.strip
            Records::SessionMove.create!(piece: piece, step: step.key, day: day(text)) unless text.empty?
          end
        end

        # {[piece id, step] => date} of all that were moved.
        def all = Records::SessionMove.live.to_h { |row| [[row.piece_id, row.step], row.day] }

        def open_step(piece, key)
          step = Planning::Plans.of(piece)&.step(key) or refuse("There is no such step in the plan.", "Load the page anew.", field: :step)
          refuse("“#{step.label}” is done; what is done never moves.", "Move what is still to come.", field: :step) if step.done?
          refuse("“#{step.label}” is running; stop its timer first.", "Then it can be moved.", field: :step) if running?(piece, step)
          step
        end
        private_class_method :open_step

        def running?(piece, step) = Records::TimerPiece.joins(:timer).where(piece: piece, step: step.key, timers: { deletion_id: nil }).exists?
        private_class_method :running?

        def day(text)
          day = Core::Units::Calendar.parse(text)
          refuse("#{Core::Units::Calendar.text(day)} is over.", "Choose today or a day to come.", field: :day) if day < House::WorkshopSettings.today
          last = House::WorkshopSettings.today + Schedules::AHEAD
          if day >= last
            refuse("#{Core::Units::Calendar.text(day)} is too far ahead.", "Choose a day before #{Core::Units::Calendar.text(last)}.",
                   field: :day)
          end
          day
        rescue Core::Refusal => e
          raise Support::Refused, [e.at(:day)]
        end
        private_class_method :day
      end
    end
  end
end
