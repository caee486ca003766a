# frozen_string_literal: true

module Operations
  module Market
    # What a look of a piece comes to: what it costs, how long it takes, and what it pays at what the market is
    # expected to pay for it.
    module Outcomes
      extend self

      # Core::Planning::Outcome of a plan. look: Records::Look.
      def of(piece, look, plan, workshop: Support::Workshop.current)
        flip = Flips::FlipRecords.of(piece)
        Core::Planning::Outcome.new(plan, resale: resale(piece, look), cash_in: flip.money_in.figure.amount,
                                          done: flip.work.by(workshop.hours_rule), fee_rate: workshop.fee_rate || 0, fixed: workshop.selling_minor,
                                          extra: { "New hardware" => Planning::Plans.hardware_left(piece, look, plan),
                                                   "Wood and parts" => Planning::AppliedWorks.cost_left(piece, look,
                                                                                                        plan) }.compact)
      end

      private

      # The likely price: of the chosen look the piece's own.
      def resale(piece, look)
        look.chosen ? Standings.of(piece)&.price : Values.fetch(piece, look: look)&.at(1)
      end
    end
  end
end
