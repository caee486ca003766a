# frozen_string_literal: true

module Core
  module Planning
    module Shape
      module Forms
        # Mirror and picture frames: a border round a pane.
        class FrameForm < Form
          private

          def draw
            border = [width, height].min * 0.12
            pane = [width - (2 * border), height - (2 * border)]
            box(:body, 0, 0, width, height, zone: "frame")
            box(:glass, border, border, *pane)
            zone("frame", "Frame", "frame", "carcass", width, height, area: (width * height) - pane.inject(:*), grade: "detailed",
                                                                      edge: 2 * pane.sum)
            zone("edge", "Outer edge", "edge", "carcass", width, depth, area: 2 * (width + height) * depth)
            zone("back", "Back", "back", "hidden", width, height)
          end
        end
      end
    end
  end
end
