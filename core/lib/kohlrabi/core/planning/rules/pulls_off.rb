# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Pulls come off before anything is done to what they are on.
      class PullsOff < PieceRule
        rule "Pulls off",
             on: "fronts or doors get more than cleaning, or the pulls do",
             why: "pulls painted round always show it"

        def applies? = pulls_off?
        def plan = add(:hardware_off, pulled + [WholePiece::HARDWARE], minutes: pulls)
      end
    end
  end
end
