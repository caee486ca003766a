# frozen_string_literal: true

module Core
  module Planning
    module Shape
      module Forms
        # Carts: trays between four posts, on wheels.
        class CartForm < Form
          private

          def draw
            post = [width * 0.04, 30].min
            bottom = height - leg
            2.times { |side| box(:body, side * (width - post), 0, post, bottom, zone: "posts") }
            count = [drawn[:shelves], 2].max
            each_slot(bottom, count, bottom * (1 - (count * 0.05)) / (count - 1)) do |y, tall, index|
              box(:top, 0, y, width, tall, zone: "tray-#{index + 1}")
              zone("tray-#{index + 1}", "Tray #{index + 1}", "top", "top", width, depth, faces: 2)
            end
            [post, width - post].each { |x| wheel(x, height - (leg / 2), leg / 2) }
            zone("posts", "Posts", "leg", "legs", post * 4, bottom, area: 16 * post * bottom, grade: "curved")
          end

          def wheel(x, y, radius)
            add(:leg, Array.new(16) do |i|
              [x + (radius * Math.cos(i * Math::PI / 8)), y + (radius * Math.sin(i * Math::PI / 8))]
            end)
          end
        end
      end
    end
  end
end
