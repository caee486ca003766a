# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Runners are waxed while the drawers are out.
      class WaxRunners < PieceRule
        rule "Wax the runners",
             on: "every piece with drawers",
             why: "a coat of paint makes a drawer stick more"

        def applies? = fronts.any?
        def plan = add(:wax_runners, drawers, minutes: fronts.size)
      end
    end
  end
end
