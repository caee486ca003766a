# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # What can tip over gets a kit.
      class TipKit < PieceRule
        rule "Anti-tip kit",
             on: "a piece that can tip over, by its form and measures",
             why: "a tall case tips when drawers are open",
             source: "ASTM F2057 (from memory); common practice"

        def applies? = brief.tips
        def plan = add(:tip_kit, zones, materials: { "tip_kit" => 1.0 * alike })
      end
    end
  end
end
