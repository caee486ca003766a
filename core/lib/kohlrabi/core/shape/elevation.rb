# frozen_string_literal: true

module Kohlrabi
  module Core
    module Shape
      # A simple front elevation to scale: polygons in mm, origin top left of the piece, y downwards.
      # Each part is {role:, points: [[x, y], …]}; roles: top, body, front, door, opening, leg, pull, glass.
      class Elevation
        FORMS = { "case" => :draw_case, "table" => :draw_table, "chair" => :draw_chair,
                  "trunk" => :draw_trunk, "cart" => :draw_cart, "frame" => :draw_frame }.freeze

        attr_reader :width, :height, :parts

        # shape: PieceShape.
        def initialize(shape)
          @shape = shape
          @drawn = shape.drawn
          @width = @drawn[:width]
          @height = @drawn[:height]
          @parts = []
          send(FORMS.fetch(@drawn[:form]))
        end

        def to_scale? = @shape.measured?

        # In words, for whoever cannot see it. unit: "mm" or "in".
        def description(unit:)
          rows = @drawn[:drawer_rows].sum
          contents = [("#{rows} #{rows == 1 ? 'drawer' : 'drawers'}" if rows.positive?),
                      ("#{@drawn[:doors]} #{@drawn[:doors] == 1 ? 'door' : 'doors'}" if @drawn[:doors].positive?)].compact
          size = "#{Units::Length.text(width, unit: unit)} wide, #{Units::Length.text(height, unit: unit)} high"
          ["Front view", to_scale? ? size : "not to scale, measures not given", *contents].join(", ")
        end

        private

        def add(role, points)
          @parts << { role: role, points: points.map { |x, y| [x.round(1), y.round(1)] } }
        end

        def box(role, left, top, wide, high)
          add(role, [[left, top], [left + wide, top], [left + wide, top + high], [left, top + high]]) if wide.positive? && high.positive?
        end

        # Two legs at the ends, tapering towards the floor.
        def legs(from, inset: 0.02, thick: nil)
          thick ||= [width * 0.06, 30].max
          inset = width * inset
          foot = thick * 0.6
          add(:leg, [[inset, from], [inset + thick, from], [inset + foot, height], [inset, height]])
          right = width - inset
          add(:leg, [[right - thick, from], [right, from], [right, height], [right - foot, height]])
        end

        def draw_case
          slab = [height * 0.03, 30].min
          bottom = height - @drawn[:leg]
          legs(bottom) if @drawn[:leg].positive?
          edge = width * 0.015
          box(:body, edge, slab, width - (2 * edge), bottom - slab)
          box(:top, 0, 0, width, slab)
          rail = [width, height].min * 0.025
          fill(edge + rail, slab + rail, width - (2 * (edge + rail)), bottom - slab - (2 * rail), rail)
        end

        # Drawers above, doors or open shelves below, within the given field.
        def fill(left, top, wide, high, rail)
          rows = @drawn[:drawer_rows]
          below = @drawn[:doors].positive? || @drawn[:shelves].positive?
          share = below && rows.any? ? [0.25 * rows.size, 0.75].min : 1.0
          stack = rows.any? ? high * share : 0
          drawers(left, top, wide, stack - (below ? rail : 0), rail) if rows.any?
          return unless below

          @drawn[:doors].positive? ? doors(left, top + stack, wide, high - stack, rail) : shelves(left, top, wide, high, rail)
        end

        def drawers(left, top, wide, high, gap)
          each_slot(high, @drawn[:drawer_rows].size, gap) do |y, tall, row|
            each_slot(wide, @drawn[:drawer_rows][row], gap) do |x, broad, _|
              box(:front, left + x, top + y, broad, tall)
              pull(left + x + (broad / 2), top + y + (tall / 2), [broad * 0.22, 110].min)
            end
          end
        end

        def doors(left, top, wide, high, gap)
          each_slot(wide, @drawn[:doors], gap) do |x, broad, place|
            box(:door, left + x, top, broad, high)
            handle = place.even? && @drawn[:doors] > 1 ? broad * 0.88 : broad * 0.12
            box(:pull, left + x + handle - 5, top + (high * 0.42), 10, [high * 0.12, 90].min)
          end
        end

        def shelves(left, top, wide, high, gap)
          each_slot(high, @drawn[:shelves], gap) { |y, tall, _| box(:opening, left, top + y, wide, tall) }
        end

        def pull(x, y, wide)
          box(:pull, x - (wide / 2), y - 5, wide, 10)
        end

        # Equal slots with gaps between: yields offset, size, index.
        def each_slot(length, count, gap)
          size = (length - (gap * (count - 1))) / count
          count.times { |place| yield(place * (size + gap), size, place) }
        end

        def draw_table
          slab = [height * 0.05, 35].min
          apron = height - @drawn[:leg] - slab
          legs(slab, inset: 0.04)
          box(:body, width * 0.05, slab, width * 0.9, apron)
          rail = apron * 0.12
          drawers((width * 0.1) + rail, slab + rail, (width * 0.8) - (2 * rail), apron - (2 * rail), rail) if @drawn[:drawer_rows].any? && apron > 40
          box(:top, 0, 0, width, slab)
        end

        def draw_chair
          seat = height - @drawn[:leg]
          post = [width * 0.07, 45].min
          legs(seat, inset: 0, thick: post)
          box(:body, 0, 0, post, seat)
          box(:body, width - post, 0, post, seat)
          box(:front, post, height * 0.03, width - (2 * post), height * 0.1)
          slats = (width / 110).floor.clamp(2, 12)
          each_slot(width - (2 * post), slats, (width / slats) * 0.45) do |x, broad, _|
            box(:body, post + x, height * 0.13, broad, seat - (height * 0.13))
          end
          box(:top, 0, seat - (height * 0.03), width, height * 0.06)
        end

        def draw_trunk
          lid = height * 0.16
          bottom = height - @drawn[:leg]
          legs(bottom) if @drawn[:leg].positive?
          box(:front, width * 0.01, lid, width * 0.98, bottom - lid)
          box(:top, 0, 0, width, lid)
          box(:pull, (width / 2) - 30, lid - 12, 60, 40)
        end

        def draw_cart
          wheel = @drawn[:leg]
          post = [width * 0.04, 30].min
          bottom = height - wheel
          box(:body, 0, 0, post, bottom)
          box(:body, width - post, 0, post, bottom)
          shelves = [@drawn[:shelves], 2].max
          gap = bottom * (1 - (shelves * 0.05)) / (shelves - 1)
          each_slot(bottom, shelves, gap) { |y, tall, _| box(:top, 0, y, width, tall) }
          [post, width - post].each { |x| wheel(x, height - (wheel / 2), wheel / 2) }
        end

        def wheel(x, y, radius)
          add(:leg, Array.new(16) { |i| [x + (radius * Math.cos(i * Math::PI / 8)), y + (radius * Math.sin(i * Math::PI / 8))] })
        end

        def draw_frame
          border = [width, height].min * 0.12
          box(:body, 0, 0, width, height)
          box(:glass, border, border, width - (2 * border), height - (2 * border))
        end
      end
    end
  end
end
