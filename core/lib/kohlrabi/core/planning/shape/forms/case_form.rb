# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      module Shape
        module Forms
          # Chests, cabinets, bookcases, washstands: a box on a base, with drawers, doors or shelves; perhaps an upper part on it.
          class CaseForm < Form
            COVERING = %i[front door opening].freeze # what takes area from the frame behind it

            private

            def draw
              @upper = drawn[:upper_height]
              slab = [height * 0.03, 30].min
              bottom = height - leg
              base(bottom, leg)
              edge = width * 0.015
              box(:body, edge, @upper + slab, width - (2 * edge), bottom - @upper - slab, zone: "frame")
              upper(edge) if @upper.positive?
              box(:top, 0, @upper, width, slab, zone: "edge")
              rail = [width, height].min * 0.025
              fill(edge + rail, @upper + slab + rail, width - (2 * (edge + rail)), bottom - @upper - slab - (2 * rail), rail)
              outside(slab, bottom - @upper)
            end

            # Drawers above, doors or open shelves below, within the given field.
            def fill(left, top, wide, high, rail)
              rows = drawn[:drawer_rows]
              open = drawn[:shelves].positive? && !@upper.positive?
              below = drawn[:doors].positive? || open
              share = below && rows.any? ? [0.25 * rows.size, 0.75].min : 1.0
              stack = rows.any? ? high * share : 0
              drawers(left, top, wide, stack - (below ? rail : 0), rail) if rows.any?
              return unless below
              return shelves(left, top + stack, wide, high - stack, rail, depth) unless drawn[:doors].positive?

              doors(drawn[:doors], left, top + stack, wide, high - stack, rail)
              compartment(wide, high - stack, depth)
            end

            # The faces within a closed or open compartment: two sides, back, bottom and ceiling.
            def compartment(wide, high, deep, key: "inside", label: "Inside")
              zone(key, label, "inside", "inside", wide, high, area: (2 * deep * high) + (2 * wide * deep) + (wide * high), grade: "hard")
            end

            # Openings between shelves.
            def shelves(left, top, wide, high, gap, deep, name: "")
              count = drawn[:shelves]
              each_slot(high, count, gap) { |y, tall, _| box(:opening, left, top + y, wide, tall, zone: "#{name}inside") }
              compartment(wide, high, deep, key: "#{name}inside", label: name.empty? ? "Inside" : "Inside, upper part")
              (count - 1).times do |place|
                zone("#{name}shelf-#{place + 1}", "Shelf #{place + 1}", "shelf", "shelves", wide, deep, faces: 2)
              end
            end

            # The upper part of a two-part piece: its own depth, doors or open shelves.
            def upper(edge)
              deep = drawn[:upper_depth]
              box(:body, edge * 2, 0, width - (4 * edge), @upper, zone: "upper-frame")
              rail = width * 0.025
              field = [(edge * 2) + rail, rail, width - (4 * edge) - (2 * rail), @upper - (2 * rail)]
              if drawn[:upper_doors].positive?
                doors(drawn[:upper_doors], *field, rail, name: "upper-door", label: "Upper door")
                compartment(field[2], field[3], deep, key: "upper-inside", label: "Inside, upper part")
              elsif drawn[:shelves].positive?
                shelves(*field, rail, deep, name: "upper-")
              end
              faces(deep, @upper, name: "upper-", word: ", upper part")
              zone("upper-top", "Top, upper part", "top", "top", width, deep)
            end

            def outside(slab, tall)
              zone("top", @upper.positive? ? "Top of the lower part" : "Top", "top", "top",
                   width, depth - (@upper.positive? ? drawn[:upper_depth] : 0))
              zone("edge", "Edge of the top", "edge", "top", width, slab, area: (width + (2 * depth)) * slab)
              faces(depth, tall, slab: slab)
              zone("underside", "Underside", "underside", "hidden", width, depth, grade: "hard")
            end

            # Sides, frame and back of a box; the frame is what the front leaves beside drawers, doors and openings.
            def faces(deep, tall, slab: 0, name: "", word: "")
              HANDS.each do |hand|
                zone("#{name}side-#{hand}", "#{hand.capitalize} side#{word}", "side", "carcass", deep, tall - slab)
              end
              zone("#{name}frame", "Frame round the front#{word}", "frame", "carcass", width, tall - slab,
                   area: (width * (tall - slab)) - covered(name))
              zone("#{name}back", "Back#{word}", "back", "hidden", width, tall)
            end

            def covered(name)
              inside = parts.select do |part|
                COVERING.include?(part[:role]) && part[:zone].start_with?("upper-") == (name == "upper-")
              end
              inside.sum { |part| Area.polygon(part[:points]) }
            end
          end
        end
      end
    end
  end
end
