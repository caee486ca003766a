# frozen_string_literal: true

module Core
  module Planning
    module Shape
      module Forms
        # Tables, desks, stools, benches: a top of some outline on an apron and legs.
        class TableForm < Form
          private

          def draw
            outline = drawn[:top_shape]
            @upper = drawn[:upper_height]
            slab = [(height - @upper) * 0.05, 35].min
            apron = height - @upper - leg - slab
            tall = height - @upper - slab
            mirror(width * 0.2, width * 0.6, @upper) if @upper.positive?
            under(@upper + slab, apron)
            box(:top, 0, @upper, width, slab, zone: "edge")
            top(outline == "drop-leaf" ? "rectangular" : outline, slab)
            leg_zone(tall, thickness, outline == "half-round" ? 3 : 4)
            rim(outline, apron)
          end

          # Legs, apron and its drawers.
          def under(from, apron)
            legs(from, inset: 0.04)
            box(:body, width * 0.05, from, width * 0.9, apron, zone: "apron")
            rail = apron * 0.12
            return unless drawn[:drawer_rows].any? && apron > 40

            drawers((width * 0.1) + rail, from + rail, (width * 0.8) - (2 * rail), apron - (2 * rail), rail)
          end

          # width is that of the top with its leaves down; each leaf adds its own.
          def top(outline, slab)
            zone("top", "Top", "top", "top", width, depth, area: Area.top(outline, width, depth),
                                                           edge: Area.edge(outline, width, depth))
            zone("edge", "Edge of the top", "edge", "top", width, slab, area: Area.edge(outline, width, depth) * slab)
            if drawn[:top_shape] == "drop-leaf"
              wide = drawn[:leaf].positive? ? drawn[:leaf] : width * 0.4
              HANDS.each do |hand|
                zone("leaf-#{hand}", "#{hand.capitalize} leaf", "leaf", "top", wide, depth, faces: 2)
                box(:panel, hand == "left" ? 0 : width - (width * 0.02), @upper + slab, width * 0.02, [wide, height * 0.8].min,
                    zone: "leaf-#{hand}")
              end
            end
            zone("underside", "Underside", "underside", "hidden", width, depth, area: Area.top(outline, width, depth),
                                                                                grade: "hard")
          end

          # The apron runs at nine tenths of the edge; drawer fronts stand within it.
          def rim(outline, apron)
            outline = "rectangular" if outline == "drop-leaf"
            around = Area.edge(outline, width * 0.9, depth * 0.9)
            zone("apron", "Apron", "rail", "carcass", width * 0.9, apron, area: (around * apron) - drawn_area(:front),
                                                                          grade: outline == "rectangular" ? "flat" : "curved")
          end
        end
      end
    end
  end
end
