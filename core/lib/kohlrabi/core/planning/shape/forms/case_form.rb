# frozen_string_literal: true

module Core
  module Planning
    module Shape
      module Forms
        # Chests, cabinets, bookcases, washstands: a box on a base, with drawers, doors or shelves; perhaps an upper
        # part on it.
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
            top_edge(slab)
            rail = [width, height].min * 0.025
            fill(edge + rail, @upper + slab + rail, width - (2 * (edge + rail)), bottom - @upper - slab - (2 * rail),
                 rail)
            outside(slab, bottom - @upper)
          end

          # The top from the front; a bowed one is lower in the middle, where it comes forward.
          def top_edge(slab)
            return box(:top, 0, @upper, width, slab, zone: "edge") unless drawn[:front] == "bow"

            arc = Array.new(17) { |i| [width * (16 - i) / 16, @upper + slab + (slab * 0.7 * Math.sin(Math::PI * i / 16))] }
            add(:top, [[0, @upper], [width, @upper], *arc], zone: "edge")
          end

          # From the top: a slant fall, open compartments, drawers, then doors or open shelves, within the given field.
          def fill(left, top, wide, high, rail)
            [[drawn[:front] == "slant", 0.3, :fall],
             [drawn[:compartments].positive?, 0.3, :compartments]].each do |there, share, part|
              next unless there

              tall = high * share
              send(part, left, top, wide, tall, rail)
              top += tall + rail
              high -= tall + rail
            end
            stack(left, top, wide, high, rail)
          end

          # The fall of a bureau: it leans back at about 55 degrees, so that its face is longer than it looks (assumed).
          def fall(left, top, wide, tall, _rail)
            lean = wide * 0.02
            add(:door, [[left + lean, top], [left + wide - lean, top], [left + wide, top + tall], [left, top + tall]],
                zone: "fall")
            zone("fall", "Fall", "door", "doors", wide, tall / 0.82, faces: 2)
            box(:pull, left + (wide / 2) - 6, top + (tall * 0.12), 12, 24)
            compartment(wide, tall, depth * 0.7, key: "pigeonholes", label: "Behind the fall")
          end

          def compartments(left, top, wide, tall, rail)
            each_slot(wide, drawn[:compartments], rail) do |x, broad, _|
              box(:opening, left + x, top, broad, tall, zone: "compartments")
            end
            compartment(wide, tall, depth, key: "compartments", label: "Open compartments", open: true)
          end

          # Drawers above, doors or open shelves below.
          def stack(left, top, wide, high, rail)
            rows = drawn[:drawer_rows]
            open = drawn[:shelves].positive? && !@upper.positive?
            below = drawn[:doors].positive? || open
            share = below && rows.any? ? [0.25 * rows.size, 0.75].min : 1.0
            stack = rows.any? ? high * share : 0
            drawers(left, top, wide, stack - (below ? rail : 0), rail) if rows.any?
            return unless below
            return shelves(left, top + stack, wide, high - stack, rail, depth) unless drawn[:doors].positive?

            doors(drawn[:doors], left, top + stack, wide, high - stack, rail)
            glazed = drawn[:door_style] == "glazed"
            compartment(wide, high - stack, depth, open: glazed)
            boards(drawn[:inner_shelves], wide, depth, open: glazed)
          end

          # Shelves as zones, both faces.
          def boards(count, wide, deep, name: "", open: false)
            count.times do |index|
              zone("#{name}shelf-#{index + 1}", "Shelf #{index + 1}", "shelf", "shelves", wide, deep, faces: 2,
                                                                                                      open: open)
            end
          end

          # The faces within a closed or open compartment: two sides, back, bottom and ceiling.
          def compartment(wide, high, deep, key: "inside", label: "Inside", open: false)
            zone(key, label, "inside", "inside", wide, high,
                 area: (2 * deep * high) + (2 * wide * deep) + (wide * high), grade: "hard", open: open)
          end

          # Openings between shelves.
          def shelves(left, top, wide, high, gap, deep, name: "")
            count = drawn[:shelves]
            each_slot(high, count, gap) { |y, tall, _| box(:opening, left, top + y, wide, tall, zone: "#{name}inside") }
            compartment(wide, high, deep, key: "#{name}inside", label: name.empty? ? "Inside" : "Inside, upper part",
                                          open: true)
            boards(count - 1, wide, deep, name: name, open: true)
          end

          # The upper part of a two-part piece: its own depth, with doors, open shelves or a mirror.
          def upper(edge)
            return mirror(width * 0.12, width * 0.76, @upper) if drawn[:upper_style] == "mirror"

            deep = drawn[:upper_depth]
            box(:body, edge * 2, 0, width - (4 * edge), @upper, zone: "upper-frame")
            rail = width * 0.025
            field = [(edge * 2) + rail, rail, width - (4 * edge) - (2 * rail), @upper - (2 * rail)]
            if drawn[:upper_doors].positive?
              glazed = drawn[:upper_style] == "glazed"
              doors(drawn[:upper_doors], *field, rail, name: "upper-door", label: "Upper door",
                                                       style: glazed ? "glazed" : drawn[:door_style])
              compartment(field[2], field[3], deep, key: "upper-inside", label: "Inside, upper part", open: glazed)
            elsif drawn[:shelves].positive?
              shelves(*field, rail, deep, name: "upper-")
            end
            faces(deep, @upper, name: "upper-", word: ", upper part")
            zone("upper-top", "Top, upper part", "top", "top", width, deep)
          end

          def outside(slab, tall)
            two = @upper.positive? && drawn[:upper_style] != "mirror"
            zone("top", two ? "Top of the lower part" : "Top", "top", "top", width,
                 depth - (two ? drawn[:upper_depth] : 0))
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
                 area: (width * (tall - slab)) - covered(name), grade: name.empty? ? bowed("flat") : "flat")
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
