# frozen_string_literal: true

module Core
  module Planning
    module Shape
      # Base of the forms of furniture: each draws its front in polygons (mm, origin top left, y downwards) and names
      # its zones. A polygon is {role:, zone:, points: [[x, y], …]}; roles: top, body, front, door, panel, opening, leg,
      # pull, glass.
      class Form
        attr_reader :width, :depth, :height, :parts, :zones

        # drawn: Hash of PieceShape#drawn.
        def initialize(drawn)
          @drawn = drawn
          @width, @depth, @height, @leg = drawn.values_at(:width, :depth, :height, :leg)
          @parts = []
          @zones = []
          draw
        end

        HANDS = %w[left right].freeze
        # A bowed front is longer than it is wide: an arc that comes forward by a twelfth of its width (assumed), 1 +
        # 8/3 (1/12)² (the usual approximation of a flat arc's length).
        BOW = 1 + (8 / 3r * ((1 / 12r)**2))

        private

        attr_reader :drawn, :leg

        def add(role, points, zone: nil)
          @parts << { role: role, zone: zone, points: points.map { |x, y| [x.round(1), y.round(1)] } }
        end

        def box(role, left, top, wide, high, zone: nil)
          return unless wide.positive? && high.positive?

          add(role, [[left, top], [left + wide, top], [left + wide, top + high], [left, top + high]], zone: zone)
        end

        # Names a zone. area: mm² of one face, else width × height. Nothing is named where there is no area.
        # open: seen though it lies inside.
        def zone(key, label, role, group, width, height, area: width * height, faces: 1, grade: "flat",
                 edge: 2 * (width + height), open: false)
          return unless area.positive?

          @zones << Zone.new(key: key, label: label, role: role, group: group, area: area.to_f, faces: faces, grade: grade,
                             width: width.to_f, height: height.to_f, edge: edge.to_f, open: open || nil).freeze
        end

        # Two legs at the ends, tapering towards the floor.
        def legs(from, inset: 0.02, thick: nil, down: height)
          thick ||= thickness
          inset = width * inset
          foot = thick * 0.6
          add(:leg, [[inset, from], [inset + thick, from], [inset + foot, down], [inset, down]], zone: "legs")
          right = width - inset
          add(:leg, [[right - thick, from], [right, from], [right, down], [right - foot, down]], zone: "legs")
        end

        def thickness = [width * 0.06, 30].max

        # The base as drawn and as a zone: legs on four sides each, or a band all round.
        def base(from, tall, count: 4)
          return unless tall.positive?
          return legs(from) && leg_zone(tall, thickness, count) if drawn[:base] == "legs"

          box(:leg, width * 0.02, from, width * 0.96, tall, zone: "base")
          zone("base", drawn[:base].capitalize, drawn[:base], "legs", width, tall, area: 2 * (width + depth) * tall,
                                                                                   grade: drawn[:base] == "skirt" ? "curved" : "flat")
        end

        def leg_zone(tall, thick, count)
          zone("legs", "Legs", "leg", "legs", thick * 4, tall, area: count * 4 * thick * tall, grade: "curved")
        end

        # Equal slots with gaps between: yields offset, size, index.
        def each_slot(length, count, gap)
          size = (length - (gap * (count - 1))) / count
          count.times { |index| yield(index * (size + gap), size, index) }
        end

        def pull(x, y, wide) = box(:pull, x - (wide / 2), y - 5, wide, 10)

        # Rows of drawers; their heights as given, else equal.
        def drawers(left, top, wide, high, gap)
          row_slots(high, gap) do |y, tall, row|
            each_slot(wide, drawn[:drawer_rows][row], gap) do |x, broad, index|
              key = "front-#{row + 1}-#{index + 1}"
              box(:front, left + x, top + y, broad, tall, zone: key)
              pull(left + x + (broad / 2), top + y + (tall / 2), [broad * 0.22, 110].min)
              zone(key, drawer_label(row, index), "front", "fronts", broad, tall, area: broad * tall * bow,
                                                                                  grade: bowed("flat"))
            end
          end
          drawer_insides(wide, high)
        end

        def row_slots(high, gap, &)
          given = drawn[:row_heights]
          return each_slot(high, drawn[:drawer_rows].size, gap, &) unless given&.any?

          scale = [(high - (gap * (given.size - 1))) / given.sum, 1].min # what is given counts the rails between
          given.each_with_index { |tall, row| yield((given.first(row).sum * scale) + (gap * row), tall * scale, row) }
        end

        def drawer_label(row, place)
          drawn[:drawer_rows][row] == 1 ? "Drawer front #{row + 1}" : "Drawer front #{row + 1}.#{place + 1}"
        end

        # Bottoms and four sides of all drawers, within: 90% of the depth of the piece.
        def drawer_insides(wide, high)
          long = depth * 0.9
          rows = drawn[:drawer_rows]
          area = rows.sum do |count|
            broad = wide / count
            count * ((broad * long) + (2 * (broad + long) * (high / rows.size) * 0.8))
          end
          zone("drawers", "In the drawers", "drawers", "inside", wide, long, area: area, grade: "hard")
        end

        def bow = drawn[:front] == "bow" ? BOW : 1
        def bowed(grade) = drawn[:front] == "bow" && grade == "flat" ? "curved" : grade

        def door(number, left, top, broad, high, name: "door", label: "Door #{number}", style: drawn[:door_style])
          key = "#{name}-#{number}"
          if style == "plain"
            box(:door, left, top, broad, high, zone: key)
            return zone(key, label, "door", "doors", broad, high, faces: 2, area: broad * high * bow,
                                                                  grade: bowed("flat"))
          end

          rim = [broad, high].min * 0.18
          inner = [broad - (2 * rim), high - (2 * rim)]
          box(:door, left, top, broad, high, zone: "#{key}-frame")
          box(style == "glazed" ? :glass : :panel, left + rim, top + rim, *inner,
              zone: style == "glazed" ? nil : "#{key}-panel")
          zone("#{key}-frame", "#{label}, frame", "frame", "doors", broad, high,
               area: (broad * high) - inner.inject(:*), faces: 2, grade: "detailed")
          zone("#{key}-panel", "#{label}, panel", "panel", "doors", *inner, faces: 2) unless style == "glazed"
        end

        def doors(count, left, top, wide, high, gap, name: "door", label: "Door", style: drawn[:door_style])
          each_slot(wide, count, gap) do |x, broad, index|
            door(index + 1, left + x, top, broad, high, name: name, label: "#{label} #{index + 1}", style: style)
            handle = index.even? && count > 1 ? broad * 0.88 : broad * 0.12
            box(:pull, left + x + handle - 5, top + (high * 0.42), 10, [high * 0.12, 90].min)
          end
        end

        # A mirror that stands on a piece: a frame round a glass, on two posts.
        def mirror(left, wide, high)
          rim = [wide, high].min * 0.08
          foot = high * 0.08
          box(:body, left, 0, wide, high - foot, zone: "mirror-frame")
          box(:glass, left + rim, rim, wide - (2 * rim), high - foot - (2 * rim))
          [left + (wide * 0.1), left + (wide * 0.9) - 30].each do |x|
            box(:leg, x, high - foot, 30, foot, zone: "mirror-frame")
          end
          glass = (wide - (2 * rim)) * (high - foot - (2 * rim))
          zone("mirror-frame", "Frame of the mirror", "frame", "carcass", wide, high, grade: "detailed",
                                                                                      area: (wide * high) - glass)
        end

        def drawn_area(*roles)
          parts.select { |part| roles.include?(part[:role]) }.sum { |part| Area.polygon(part[:points]) }
        end
      end
    end
  end
end
