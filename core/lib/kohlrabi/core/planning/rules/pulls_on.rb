# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Pulls go back, or the new ones on, when all may be handled.
      class PullsOn < PieceRule
        rule "Pulls on",
             on: "pulls were taken off",
             why: "parts go back after they may be handled"

        def applies? = pulls_off?

        def plan
          what = pulls_replaced? ? "Fit the new pulls" : "Put the hardware back"
          add(:hardware_on, pulled + [WholePiece::HARDWARE], minutes: 2 * pulls, seq: 0, words: { what: what },
                                                             not_before: (look.hardware_on if pulls_replaced?))
        end
      end
    end
  end
end
