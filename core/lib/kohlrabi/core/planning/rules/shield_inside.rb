# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Mist of the sprayer finds every opening: an inside that gets no coat is closed with paper and tape.
      class ShieldInside < PieceRule
        rule "Close the inside against mist",
             on: "paint is sprayed on a piece whose inside gets none",
             why: "mist settles where nobody wants it, and does not come out of bare wood"
        UNCOATED = %w[leave undecided wax oil].freeze

        def applies? = open.any? && sprayed.any?

        # The paper stays until the last sprayed coat is touch dry, on whichever zone that is.
        def plan
          add(:shield, open)
          add(:unshield, open)
          add(:unshield, sprayed, verb: "plain")
        end

        private

        # Drawers stand apart, their fronts up.
        def open
          return [] if look.inside == "sealed"

          within.select { |zone| zone.role != "drawers" && UNCOATED.include?(brief.choice(zone).finish) }
        end

        def sprayed = zones.select { |zone| brief.choice(zone).finish == "paint" && Course.new(zone, brief).sprayed? }
      end
    end
  end
end
