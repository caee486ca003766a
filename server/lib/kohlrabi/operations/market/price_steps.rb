# frozen_string_literal: true

module Operations
  module Market
    # Planned steps of an asking price: those to come, and what became of one.
    module PriceSteps
      extend Support::Refusing

      extend self

      # A planned step is taken: the price changes today. given: {"state": "done" or "skipped"}. Returns the step.
      def answer(id, given)
        Records::Base.transaction do
          step = Support::Finder.find(Records::PriceStep, id)
          refuse(:price_step_settled, field: :state, state: step.state) unless step.state == "planned"
          state = given["state"]
          refuse(:price_step_done_or_skipped, field: :state) unless %w[done skipped].include?(state)
          price = { "kind" => "price_changed", "asking" => Core::Units::MoneyText.plain(step.asking_minor, Support::Workshop.current.money),
                    "on" => Support::Workshop.today.iso8601 }
          event = Flips::Events.create(step.piece_id, price) if state == "done"
          step.update!(state: state, event: event)
          missed(step).update_all(state: "skipped", updated_at: Clock.now)
          step
        end
      end

      # Planned ones of listed pieces that nobody has held, to a day.
      def to(day)
        held = Records::Hold.live.select(:piece_id)
        Records::PriceStep.live.where(state: "planned", piece: ListedPieces.listings, due_on: ..day).where.not(piece_id: held)
                          .preload(:piece).order(:due_on, :id)
      end

      # Of several missed ones of a piece the last alone. steps: by day.
      def merged(steps) = steps.group_by(&:piece_id).values.map(&:last).sort_by { |step| [step.due_on, step.id] }

      # The step that is due, several missed ones as one, else the next; none while somebody has it held. steps:
      # planned ones of one piece by day.
      def next_of(steps, held:)
        return if held

        steps.reverse.find { |step| step.due_on <= Support::Workshop.today } || steps.first
      end

      private

      # Planned before it on the same piece: they merged into it.
      def missed(step)
        Records::PriceStep.live.where(piece_id: step.piece_id, state: "planned", due_on: ...step.due_on)
      end
    end
  end
end
