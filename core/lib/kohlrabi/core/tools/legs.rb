# frozen_string_literal: true

module Core
  module Tools
    # Legs and base: splay one way or two ways, length, end cuts, rails between them, and where the plates go.
    class Legs < Tool
      MAX_SPLAY = 35 # degrees

      tool "legs", "Legs and base",
           "Length and end cuts of splayed legs, rails between them, where the plates go, and how far the feet stick out.",
           group: "setting_out"
      field :high, "Height of the base", :length, 250.0, within: 20..1200
      field :front, "Splay seen from the front, degrees", :number, 10, within: 0..MAX_SPLAY
      field :side, "Splay seen from the side, degrees", :number, 10, within: 0..MAX_SPLAY
      field :thick, "Thickness of a leg at the top", :length, 38.0, within: 5..150
      field :wide, "Width of the bottom it carries", :length, 800.0, within: 50..3000
      field :deep, "Depth of the bottom it carries", :length, 400.0, within: 50..2000
      field :inset, "Plate's edge from the edges", :length, 40.0, within: 0..500
      field :plate, "Side of a mounting plate", :length, 65.0, within: 10..200
      field :rail, "Rail below the bottom", :length, nil, within: 0..1000, optional: true,
                                                          help: "to its middle; blank for none"

      def self.start(start) = { wide: start.width, deep: start.depth, high: start.leg }.compact

      private

      def parts = 4

      def headline = "Legs #{length(long)} long, both ends cut at #{degrees(splay)}."

      def lines
        [["Splay of the leg itself", degrees(splay), "tan r = √(tan² front + tan² side)"],
         ["Length along the leg", length(long), "height ÷ cos r"],
         ["Both ends, from square", degrees(splay), "parallel to each other, in the direction of the splay"],
         ["Direction", degrees(direction), "from the front edge toward the corner: arctan(tan side ÷ tan front)"],
         ["A foot stands out", "#{length(out(:front))} sideways, #{length(out(:side))} to front and back",
          "height × tan"],
         ["Feet apart", "#{length(feet(:wide, :front))} by #{length(feet(:deep, :side))}",
          "centre to centre, on the floor"],
         *rails]
      end

      def cautions = %w[saw lift tip]

      def cuts
        stock = "#{length(self[:thick])} stock"
        [
          Answer::Cut.new(mark: "L", name: "leg, ends at #{degrees(splay)}", number: 4, long: long, wide: nil,
                          from: stock), *rail_cuts
        ]
      end

      def steps
        [Answer::Step.new(label: "Fit four legs on plates, #{length(self[:inset])} from the edges", work: "woodwork",
                          minutes: 40)]
      end

      def assumes
        ["Length along the middle of the leg, from plate to floor.",
         "Screws go into solid wood or a block glued inside, never into a thin bottom alone."]
      end

      def tan(key) = Math.tan(self[key].to_f * Math::PI / 180)
      def splay = Math.atan(Math.sqrt((tan(:front)**2) + (tan(:side)**2))) * 180 / Math::PI
      def long = self[:high] / Math.cos(splay * Math::PI / 180)
      def out(key) = self[:high] * tan(key)
      def degrees(number) = "#{formatter.number(number)}°"

      def direction
        return 0.0 if tan(:front).zero? && tan(:side).zero?

        Math.atan2(tan(:side), tan(:front)) * 180 / Math::PI
      end

      # Between the middles of the plates, and of the feet.
      def top(span)
        mm = self[span] - (2 * self[:inset]) - self[:plate]
        need(mm >= self[:plate], :plates_do_not_fit, field: :inset, plate: length(self[:plate]), length: length(self[span]),
                                                     most: length([(self[span] / 2) - self[:plate], 0].max))
        mm
      end

      def feet(span, way) = top(span) + (2 * out(way))

      # Rails between two legs at that depth: what is between their inner faces there.
      def rail(span, way) = top(span) + (2 * self[:rail] * tan(way)) - self[:thick]

      def rails
        return [] unless self[:rail]

        need(self[:rail] < self[:high], :rail_at_the_floor, field: :rail, high: length(self[:high]))
        [["Rail at front and back", length(rail(:wide, :front)), "ends cut at #{degrees(self[:front])}, measured at its middle"],
         ["Rail at the sides", length(rail(:deep, :side)), "ends cut at #{degrees(self[:side])}"]]
      end

      def rail_cuts
        return [] unless self[:rail]

        [[:wide, :front, "F"], [:deep, :side, "S"]].map do |span, way, mark|
          Answer::Cut.new(mark: mark, name: "rail, ends at #{degrees(self[way])}", number: 2, long: rail(span, way),
                          wide: nil, from: "rail stock")
        end
      end

      def warnings
        [(if feet(:deep, :side) < self[:deep] * 0.6
            "The feet stand in by #{length(self[:inset])} and more: pull on the top to see if it tips."
          end),
         ("Beyond 25°, a leg needs a rail or a thicker plate." if splay > 25 && self[:rail].nil?)].compact
      end

      # From the front: the bottom, two legs, the rail.
      def picture
        over = [feet(:wide, :front) - self[:wide], 0].max / 2
        left = over + self[:thick]
        pic = Picture.new(self[:wide] + (2 * left), self[:high] + 60,
                          "A base #{length(self[:high])} high seen from the front")
        pic.rect(left, 0, self[:wide], 40, "wood")
        [-1, 1].each do |way|
          middle = left + (self[:wide] / 2)
          upper = middle + (way * top(:wide) / 2)
          foot = middle + (way * feet(:wide, :front) / 2)
          half = self[:thick] / 2
          pic.polygon([[upper - half, 40], [upper + half, 40], [foot + (half * 0.7), 40 + self[:high]], [foot - (half * 0.7), 40 + self[:high]]],
                      "part")
        end
        if self[:rail]
          pic.rect(left + (self[:wide] / 2) - (rail(:wide, :front) / 2), 30 + self[:rail], rail(:wide, :front), 20,
                   "wood")
        end
        pic.measure(left, 40 + self[:high], left, 40, length(self[:high]))
      end

      # One corner at 1:1: its edges, the plate and the direction of the splay.
      def template
        size = self[:inset] + self[:plate] + 20
        pic = Picture.new(size, size, "Plate for one corner")
        pic.line(0, 0, size, 0, "cut").line(0, 0, 0, size, "cut")
        pic.rect(self[:inset], self[:inset], self[:plate], self[:plate], "ghost")
        middle = self[:inset] + (self[:plate] / 2)
        hole = self[:plate] * 0.35
        [[-1, -1], [-1, 1], [1, -1], [1, 1]].each do |x, y|
          pic.circle(middle + (x * hole), middle + (y * hole), 2, "hole")
        end
        pic.circle(middle, middle, 4, "hole")
        turn = direction * Math::PI / 180
        pic.line(middle, middle, middle - (Math.cos(turn) * middle), middle - (Math.sin(turn) * middle), "cut")
      end
    end
  end
end
