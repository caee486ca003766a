# frozen_string_literal: true

module Core
  module Planning
    module Shape
      module Forms
        # Trunks and blanket boxes: a box whose top is a lid.
        class TrunkForm < Form
          private

          def draw
            lid = height * 0.16
            bottom = height - leg
            base(bottom, leg)
            box(:front, width * 0.01, lid, width * 0.98, bottom - lid, zone: "front")
            box(:top, 0, 0, width, lid, zone: "lid-edge")
            box(:pull, (width / 2) - 30, lid - 12, 60, 40)
            outside(lid, bottom)
          end

          def outside(lid, bottom)
            zone("top", "Lid", "top", "top", width, depth)
            zone("lid-edge", "Rim of the lid", "edge", "top", width, lid, area: 2 * (width + depth) * lid)
            zone("front", "Front", "front", "carcass", width, bottom - lid)
            HANDS.each do |hand|
              zone("side-#{hand}", "#{hand.capitalize} side", "side", "carcass", depth, bottom - lid)
            end
            zone("back", "Back", "back", "hidden", width, bottom - lid)
            zone("inside", "Inside", "inside", "inside", width, bottom,
                 area: (2 * (width + depth) * bottom) + (2 * width * depth))
            zone("underside", "Underside", "underside", "hidden", width, depth, grade: "hard")
          end
        end
      end
    end
  end
end
