# frozen_string_literal: true

module Core
  module Planning
    module Shape
      module Forms
        # Beds: a headboard, a lower footboard before it, and a rail along each side; depth is the length.
        class BedForm < Form
          FOOT = 0.6 # height of the footboard as a share of the headboard's (assumed)
          RAIL = 180.0 # mm high, 30 thick (assumed)

          private

          def draw
            post = [width * 0.05, 60].min
            low = height * (1 - FOOT)
            board("headboard", "Headboard", 0, height - leg, post)
            board("footboard", "Footboard", low, height - leg - low, post)
            legs(height - leg, inset: 0, thick: post)
            leg_zone(leg, post, 4)
            zone("rails", "Side rails", "rail", "carcass", depth, RAIL, area: 2 * depth * RAIL, faces: 2)
          end

          def board(key, label, from, tall, post)
            box(:body, 0, from, width, tall, zone: key)
            box(:panel, post, from + (tall * 0.15), width - (2 * post), tall * 0.7, zone: key)
            zone(key, label, "panel", "carcass", width, tall, faces: 2)
          end
        end
      end
    end
  end
end
