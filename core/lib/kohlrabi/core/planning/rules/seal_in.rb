# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # An old finish that may hold lead and stays is made to grip without being broken.
      class SealIn < Rule
        rule "Grip without dust",
             on: "lead is there or not ruled out, and the old finish stays",
             why: "it stays whole under the new one",
             source: "usual cautions; local rules decide"

        def applies? = !left? && surface.sealed_in? && !strips?

        def plan
          row = products.fetch("deglosser")
          add(:seal_in, of: row, key: "seal-in", materials: amount(row))
        end
      end
    end
  end
end
