# frozen_string_literal: true

module Core
  module Tools
    # Splitting a top in two equal ones.
    class SplitTop < Tool
      tool "split_top", "Splitting a top in two",
           "The size of both halves after sawing and planing, and the edge to redo.",
           group: "setting_out"
      field :wide, "Width", :length, 1200.0, within: 50..5000
      field :deep, "Depth", :length, 500.0, within: 20..3000
      field :kerf, "Saw kerf", :length, 3.0, within: 0..10
      field :plane, "Planed off each sawn edge", :length, 1.0, within: 0..20
      field :overhang, "Overhang at the new edge", :length, 20.0, within: 0..200
      field :profile, "Profile of the old edges", :choice, "square",
            choices: { "square" => "square", "round" => "rounded", "moulded" => "moulded" }

      field :out, "Cut out of the middle", :length, 0.0, within: 0..4000, help: "a kneehole; 0 for two halves"

      def self.start(start) = { wide: start.width, deep: start.depth }.compact

      private

      def parts = 2

      def headline = "Two tops #{length(half)} wide."

      def lines
        [["Saw line", length(line), saw_why],
         ["Each part", "#{length(half)} by #{length(self[:deep])}", half_why],
         ["Total loss", length(self[:wide] - (2 * half)),
          "#{'the cutout, ' if out?}kerf and planing of both edges"],
         ["Body under each", length(half - (2 * self[:overhang])), "with the overhang on both ends"]]
      end

      def cautions = %w[saw dust]

      def cuts
        [Answer::Cut.new(mark: "A", name: "half top", number: 2, long: half, wide: self[:deep], from: "the old top")]
      end

      def steps
        [Answer::Step.new(label: "Saw the top in two at #{length(line)}, plane both edges", work: "woodwork",
                          minutes: 35)]
      end

      def warnings = profile

      def assumes
        ["Clamp the guide to the part you measured, and tape the line against splinters.",
         "Heavy halves can fall: support both before the cut is through."]
      end

      def half
        mm = line - self[:plane]
        need(mm > 2 * self[:overhang], :half_is_all_overhang, field: :overhang, half: length([mm, 0].max),
                                                              most: length([mm / 2, 0].max))
        mm
      end

      # From either end to the saw's kerf.
      def line = out? ? ((self[:wide] - self[:out]) / 2) - self[:kerf] : (self[:wide] - self[:kerf]) / 2
      def out? = self[:out].positive?

      def half_why = out? ? "(width − the cutout) ÷ 2 − kerf − planing" : "(width − kerf) ÷ 2 − planing"

      def saw_why
        return "half of the width, minus half the kerf, from either end" unless out?

        "half of what's left, minus the kerf, from either end; the second cut from the other end"
      end

      def profile
        { "square" => [], "round" => ["The sawn edges are square: round them over like the old ones before finishing."],
          "moulded" => ["The sawn edges have no molding: use a matching router bit, glue on a strip, or turn that edge to the wall."] }
          .fetch(self[:profile])
      end

      def picture
        pic = Picture.new(self[:wide], self[:deep] * 1.25, "A top sawn in two")
        pic.rect(0, 0, self[:wide], self[:deep], "wood").rect(line, 0, self[:kerf], self[:deep], "hole")
        pic.measure(0, self[:deep] * 1.15, line, self[:deep] * 1.15, length(line))
      end
    end
  end
end
