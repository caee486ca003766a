# frozen_string_literal: true

module Core
  module Planning
    module Shape
      module Forms
        # Headboards, screens, racks: an upright panel between two posts.
        class PanelForm < Form
          private

          def draw
            post = [width * 0.06, 70].min
            tall = height - leg
            2.times { |side| box(:leg, side * (width - post), 0, post, height, zone: "legs") }
            box(:body, post, height * 0.03, width - (2 * post), tall - (height * 0.03), zone: "panel")
            zone("panel", "Front of the panel", "panel", "carcass", width - (2 * post), tall)
            zone("back", "Back", "back", "hidden", width - (2 * post), tall)
            zone("legs", "Posts", "leg", "legs", post * 2, height, area: 2 * 4 * post * height, grade: "curved")
          end
        end
      end
    end
  end
end
