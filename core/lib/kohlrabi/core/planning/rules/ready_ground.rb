# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # What is glued over is made dull first; an old finish that may hold lead is wiped down wet instead.
      class ReadyGround < Rule
        rule "Make the ground dull",
             on: "slats or wrap go over a finish that stays under them",
             why: "glue holds on by the scratches"
        GRIT = 120

        def applies? = covered? && !fresh? && ground.coating != :bare

        def plan
          place = { seq: -10, why: self.class.told_why }
          return add(:ground, grits: [GRIT], **place) unless ground.sealed_in?

          row = products.fetch("deglosser")
          add(:ground_wet, of: row, key: "ground-wet", materials: amount(row), **place)
        end
      end
    end
  end
end
