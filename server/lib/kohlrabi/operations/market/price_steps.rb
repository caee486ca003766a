# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Market
      # Planned steps of an asking price: those to come, and what became of one.
      module PriceSteps
        extend Support::Refusing

        module_function

        # A planned step is taken: the price changes today. given: {"state": "done" or "skipped"}. Returns the step.
        def answer(id, given)
          Records::Base.transaction do
            step = Support::Finder.find(Records::PriceStep, id)
            refuse(:price_step_settled, field: :state, state: step.state) unless step.state == "planned"
            state = given["state"]
            refuse(:price_step_done_or_skipped, field: :state) unless %w[done skipped].include?(state)
            price = { "kind" => "price_changed", "asking" => Core::Units::MoneyText.plain(step.asking_minor, House::WorkshopSettings.workshop.money),
                      "on" => House::WorkshopSettings.today.iso8601 }
            event = Flips::Events.create(step.piece_id, price) if state == "done"
            step.update!(state: state, event: event)
            step
          end
        end

        # Planned ones of listed pieces, to a day.
        def to(day) = Records::PriceStep.live.where(state: "planned", piece: ListedPieces.listings, due_on: ..day).preload(:piece).order(:due_on)
      end
    end
  end
end
