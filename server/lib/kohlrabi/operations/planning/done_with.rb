# frozen_string_literal: true

module Operations
  module Planning
    # Hours that belong to no step reduce the work left only in the steps that the person says are done. The form that
    # records them asks (#offers, #tick); what was recorded without being asked becomes one question per piece
    # (Flips::Questions).
    module DoneWith
      extend self

      # ids: of pieces; hours: {kind of work => seconds}, of each of them. Returns {piece => Array of
      # [Core::Planning::Step, likely]}, without the pieces that have no such open steps.
      def offers(ids, hours)
        pieces = Records::Piece.live.where(id: ids).order(:id).preload(:summary, *Plans::PARTS).to_a
        pieces.to_h { |piece| [piece, of(piece, hours)] }.reject { |_, steps| steps.empty? }
      end

      # The same of one piece that is in work.
      def of(piece, hours)
        plan = RecordedWork.closed?(piece) ? nil : Plans.of(piece)
        plan ? Core::Planning::LikelyDone.of(plan, hours) : []
      rescue Core::Refusal # a plan that cannot be made says so on its own page
        []
      end

      # {kind of work => seconds} recorded on a piece without a step, beyond what is ticked of that kind without hours
      # of its own.
      def unticked_hours(piece)
        plan = Plans.of(piece) or return {}
        loose = piece.work_shares.select { |share| share.deed.nil? && share.work_entry.deletion_id.nil? }
        loose.group_by { |share| share.work_entry.kind }.filter_map do |kind, shares|
          ticked = plan.steps.select { |step| step.kind == kind }.sum do |step|
            [step.seconds - step.unticked - plan.brief.recorded.on_steps.fetch(step.key, 0), 0].max
          end
          spare = shares.sum(&:seconds) - ticked
          [kind, spare] if spare.positive?
        end.to_h
      rescue Core::Refusal # a plan that cannot be made says so on its own page
        {}
      end

      # Marks steps as done. rows: Array of {"piece_id", "step"}; on: the day of the work, or nil for now. Raises
      # Refused for a step of a piece that is not among those worked on.
      def tick(rows, person:, pieces:, on: nil)
        rows = Array(rows)
        other = rows.find { |row| pieces.exclude?(row["piece_id"]) }
        raise Support::Refused, [Core::Refusal.new(:step_of_another_piece, field: :done_steps)] if other

        rows.each { |row| Steps.worked(row["piece_id"], row["step"], person: person, at: moment(on)) }
      end

      private

      # Noon of an earlier day, else now.
      def moment(day)
        return Clock.now if day.nil? || day >= Support::Workshop.today

        Support::Workshop.current.noon(day)
      end
    end
  end
end
