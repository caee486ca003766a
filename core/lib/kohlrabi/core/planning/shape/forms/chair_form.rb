# frozen_string_literal: true

module Core
  module Planning
    module Shape
      module Forms
        # Chairs and benches with a back: seat, posts, a rail with slats under it, legs.
        class ChairForm < Form
          private

          def draw
            seat = height - leg
            post = [width * 0.07, 45].min
            legs(seat, inset: 0, thick: post)
            2.times { |side| box(:body, side * (width - post), 0, post, seat, zone: "back-frame") }
            box(:front, post, height * 0.03, width - (2 * post), height * 0.1, zone: "back-frame")
            slats(post, seat)
            box(:top, 0, seat - (height * 0.03), width, height * 0.06, zone: "seat")
            zones_of(post, seat)
          end

          def slats(post, seat)
            count = (width / 110).floor.clamp(2, 12)
            each_slot(width - (2 * post), count, (width / count) * 0.45) do |x, broad, _|
              box(:body, post + x, height * 0.13, broad, seat - (height * 0.13), zone: "slats")
            end
          end

          # Slim parts are counted on all four sides: what is drawn, on both faces, and its thickness again.
          def zones_of(post, seat)
            zone("seat", "Seat", "seat", "top", width, depth)
            zone("back-frame", "Posts and rail of the back", "frame", "carcass", width, seat,
                 area: all_round("back-frame"), grade: "curved")
            zone("slats", "Slats of the back", "slats", "carcass", width - (2 * post), seat, area: all_round("slats"),
                                                                                             grade: "detailed")
            leg_zone(leg, post, 4)
            zone("underside", "Underside of the seat", "underside", "hidden", width, depth, grade: "hard")
          end

          def all_round(key)
            parts.select { |part| part[:zone] == key }.sum do |part|
              xs, ys = part[:points].transpose
              2 * Area.polygon(part[:points]) * (1 + (20.0 / [xs.max - xs.min, ys.max - ys.min].min)) # boards 20 mm thick
            end
          end
        end
      end
    end
  end
end
