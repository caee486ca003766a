# frozen_string_literal: true

module Core
  module Tools
    # Hinges of a door: how many by height and weight, where, and the cup of a concealed one.
    class Hinges < Tool
      # mm of height and kg up to which so many hinges hold (common practice, no source).
      STEPS = [[2, 900, 6], [3, 1600, 12], [4, 2000, 18], [5, 2400, 24]].freeze
      CUP = 35.0 # mm across a cup (common practice)

      tool "hinges", "Hinges", "How many, where they go, where to drill the cup, and which plate gives the overlay you want.",
           group: "fitting"
      field :high, "Height of the door", :length, 700.0, within: 100..2600
      field :wide, "Width of the door", :length, 400.0, within: 50..1200
      field :thick, "Thickness", :length, 18.0, within: 5..60
      field :material, "Material", :choice, "chipboard", choices: Weight::LABELS
      field :ends, "Outer hinges from the ends", :length, 100.0, within: 30..400
      field :setback, "Cup from the door's edge", :length, 4.0, within: 2..8
      field :overlay, "Door covers the side by", :length, 16.0, within: 0..30

      def self.start(start)
        wide, high = start.doors.first
        wide ? { wide: wide, high: high } : {}
      end

      private

      def headline = "#{number} hinges, #{length(positions[1] - positions[0])} apart."

      def lines
        [["Weight of the door", formatter.weight(weight, 1), formatter.density(Weight::DENSITIES.fetch(self[:material]))],
         ["Centre of the cup from the edge", length(centre), "setback + half of #{length(CUP)}"],
         ["Height of the mounting plate", plate, "13 + setback − overlay"]]
      end

      def table
        Answer::Table.new(columns: ["Hinge", "From the top of the door"], rows: positions.each_with_index.map do |y, index|
          [(index + 1).to_s, length(y)]
        end)
      end

      def cautions = %w[drill]

      def steps
        [Answer::Step.new(label: "Drill #{number} cups, hang the door", work: "hardware", minutes: 12 * number)]
      end

      def assumes
        ["Based on height, weight, and usual hinges (common practice). If your hinge's data sheet differs, follow it.",
         "Cups #{length(12)} deep: less than the thickness of the door."]
      end

      def weight = self[:high] * self[:wide] * self[:thick] / 1e9 * Weight::DENSITIES.fetch(self[:material])

      def number
        row = STEPS.find { |_, tall, heavy| self[:high] <= tall && weight <= heavy }
        need(row, :door_too_large_for_hinges, field: :high, high: length(self[:high]), weight: formatter.weight(weight, 1),
                                              highest: length(STEPS.last[1]), heaviest: formatter.weight(STEPS.last[2]))
        row.first
      end

      def positions
        span = self[:high] - (2 * self[:ends])
        need(span >= 60, :hinges_too_far_in, field: :ends, ends: length(self[:ends]),
                                             most: length((self[:high] - 60) / 2))
        Array.new(number) { |index| self[:ends] + (span * index / (number - 1)) }
      end

      def centre = self[:setback] + (CUP / 2)

      def plate
        mm = 13 + self[:setback] - self[:overlay]
        need(mm >= -0.5, :no_plate_for_overlay, field: :overlay, overlay: length(self[:overlay]),
                                                most: length(13 + self[:setback]))
        length([mm, 0].max)
      end

      def warnings
        [("The door is too thin for cups of #{length(12)}: use surface hinges." if self[:thick] < 14),
         ("A cup this close to the edge breaks out." if self[:setback] < 3)].compact
      end

      def picture
        pic = Picture.new(self[:wide], self[:high], "A door with #{number} hinges")
        pic.rect(0, 0, self[:wide], self[:high], "wood")
        positions.each { |y| pic.circle(centre, y, CUP / 2, "hole") }
        pic.measure(self[:wide] / 2, 0, self[:wide] / 2, positions[0], length(positions[0]))
      end
    end
  end
end
