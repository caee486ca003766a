# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Pulls are cleaned where they are kept clean or sprayed.
      class CleanPulls < PieceRule
        rule "Clean the pulls",
             on: "the look has them cleaned or sprayed",
             why: "paint does not hold on grease, and old grease dulls metal"
        EACH = 1.5 # minutes

        def applies? = pulls_off? && %w[cleaned sprayed].include?(look.hardware)
        def plan = add(:hardware_clean, [WholePiece::HARDWARE], minutes: EACH * pulls)
      end
    end
  end
end
