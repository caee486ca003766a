# frozen_string_literal: true

module Core
  module Planning
    module Shape
      # Areas and edges by the formulas of geometry handbooks; measures in mm, areas in mm².
      module Area
        # How slats or flutes enlarge a face: depth and pitch in mm.
        RELIEFS = { "square" => ->(depth, pitch) { 1 + (2 * depth / pitch) }, "half-round" => lambda { |_, _|
          Math::PI / 2
        } }.freeze

        extend self

        # A top of the given outline. Half-round: w along the wall, d from the wall (half an ellipse); round and oval:
        # an ellipse.
        def top(outline, width, depth)
          outline == "rectangular" ? width * depth : Math::PI * width * depth / 4
        end

        # Length of the edge all round. Ellipses by Ramanujan's first approximation (1914; from memory), exact for
        # circles.
        def edge(outline, width, depth)
          case outline
          when "half-round" then (ellipse(width / 2, depth) / 2) + width
          when "round", "oval" then ellipse(width / 2, depth / 2)
          else 2 * (width + depth)
          end
        end

        # Area of a polygon [[x, y], …] (shoelace formula).
        def polygon(points)
          (points + [points.first]).each_cons(2).sum { |(x1, y1), (x2, y2)| (x1 * y2) - (x2 * y1) }.abs / 2.0
        end

        # Factor by which relief enlarges a face. form: key of RELIEFS or nil. Raises Refusal where slats cannot be.
        def relief(form, depth: nil, pitch: nil)
          return 1 if form.nil?

          rule = RELIEFS.fetch(form) do
            raise Refusal.new(:not_a_relief, field: :relief, form: form, reliefs: RELIEFS.keys.join(" or "))
          end
          return rule.call(nil, nil) if form == "half-round"
          return rule.call(depth, pitch) if depth&.positive? && pitch&.positive?

          raise Refusal.new(:slats_need_depth_and_pitch, field: :relief_depth)
        end

        private

        def ellipse(half, other)
          Math::PI * ((3 * (half + other)) - Math.sqrt(((3 * half) + other) * (half + (3 * other))))
        end
      end
    end
  end
end
