# frozen_string_literal: true

module Core
  module Tools
    # Pilot and clearance holes for a wood screw, and pocket holes by thickness.
    class Holes < Tool
      # Pilot in part of the screw's outer diameter (common practice, no source).
      PILOT = { "softwood" => ["softwood", 0.6], "hardwood" => ["hardwood", 0.75],
                "board" => ["chipboard or plywood", 0.65] }.freeze
      BITS = [1.0, 1.5, 2.0, 2.5, 3.0, 3.5, 4.0, 4.5, 5.0, 5.5, 6.0, 6.5, 7.0, 8.0, 9.0, 10.0].freeze
      # mm of thickness => mm of pocket screw (common practice, no source).
      POCKETS = { 12 => 25, 16 => 25, 19 => 32, 22 => 38, 28 => 45, 38 => 63 }.freeze

      tool "holes", "Pilot and pocket holes",
           "Which bit fits a screw and wood, how deep to drill, and the screw for a pocket hole.", group: "fitting"
      field :screw, "Diameter of the screw", :length, 4.0, within: 2..10
      field :long, "Length of the screw", :length, 35.0, within: 8..200
      field :into, "Into", :choice, "softwood", choices: PILOT.transform_values(&:first)
      field :through, "Thickness it goes through", :length, 18.0, within: 1..150
      field :target, "Thickness it goes into", :length, 30.0, within: 3..400

      private

      def headline = "Pilot #{formatter.fine(pilot)}, clearance #{formatter.fine(clearance)}."

      def lines
        [["Pilot", formatter.fine(pilot), "#{formatter.number(part * 100)}% of the screw in #{PILOT.fetch(self[:into]).first}, next bit"],
         ["Depth of the pilot", length(held - 2), "#{length(2)} less than the screw's reach"],
         ["Clearance in the upper part", formatter.fine(clearance), "the screw turns freely and pulls tight"],
         ["Thread that holds", length(held), "length − what it goes through"],
         ["Pocket hole instead", pocket, "by the thickness it goes through"]]
      end

      def cautions = %w[drill]

      def assumes
        ["Parts of the diameter by wood: common practice. If the screw's data sheet differs, follow it.",
         "In hardwood, wax the thread. Keep the hole at least two diameters from the end."]
      end

      def part = PILOT.fetch(self[:into]).last
      def pilot = BITS.min_by { |bit| [(bit - (self[:screw] * part)).abs, bit] }
      def clearance = BITS.find { |bit| bit >= self[:screw] + 0.3 } || BITS.last

      def held
        mm = self[:long] - self[:through]
        need(mm >= 4, :screw_too_short, field: :long, long: length(self[:long]), through: length(self[:through]),
                                        least: length(self[:through] + (self[:target] * 0.7).round))
        need(mm < self[:target], :screw_too_long, field: :long, through: length(mm), target: length(self[:target]),
                                                  most: length((self[:through] + self[:target] - 3).floor))
        mm
      end

      def pocket
        thick, screw = POCKETS.find { |mm, _| self[:through] <= mm + 1.5 }
        thick ? "screw of #{length(screw)}" : "too thick for a pocket hole"
      end

      def warnings
        held < 2.5 * self[:screw] ? ["Only #{length(held)} of thread holds: #{length(2.5 * self[:screw])} or more is usual."] : []
      end

      def picture
        wide = 60.0
        pic = Picture.new(wide, self[:through] + self[:target],
                          "A screw through #{length(self[:through])} into #{length(self[:target])}")
        pic.rect(0, 0, wide, self[:through], "wood").rect(0, self[:through], wide, self[:target], "part")
        pic.rect((wide - clearance) / 2, 0, clearance, self[:through], "hole").rect((wide - pilot) / 2, self[:through],
                                                                                    pilot, held - 2, "hole")
        pic.measure(wide - 6, self[:through], wide - 6, self[:through] + held, length(held))
      end
    end
  end
end
