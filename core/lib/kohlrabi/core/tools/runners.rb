# frozen_string_literal: true

module Core
  module Tools
    # Drawer runners and stops: the longest that go in, the drawer's outside width, and where the stop goes.
    class Runners < Tool
      SIDE = 12.7 # mm of room for a ball-bearing runner on each side (common practice)

      tool "runners", "Drawer runners and stops",
           "The longest slide that fits, how wide to make the drawer, and where its stop goes.",
           group: "fitting"
      field :opening, "Width of the opening", :length, 420.0, within: 60..2000
      field :deep, "Depth inside", :length, 440.0, within: 60..1500
      field :front, "Front", :choice, "inset",
            choices: { "inset" => "inset, flush with the frame", "overlay" => "overlaps the frame" }
      field :thick, "Thickness of the front", :length, 19.0, within: 5..60
      field :kind, "Runs on", :choice, "metal",
            choices: { "metal" => "metal runners at its sides", "wood" => "wooden runners" }
      field :play, "Gap on each side with wooden runners", :length, 1.0, within: 0..10
      field :sold, "Slide lengths you can buy", :lengths, [250.0, 300.0, 350.0, 400.0, 450.0, 500.0, 550.0]
      field :drawer, "Depth of the drawer with its front", :length, 420.0, within: 50..1500

      private

      def lines
        [["Room for the runner", length(room), "depth − #{'front − ' if inset?}#{length(2)}"],
         ["Drawer outside", length(outside), "opening − #{metal? ? "2 × #{length(12.7)}" : '2 × play'}"],
         ["Stop from the frame's front", length(stop),
          inset? ? "thickness of the front, so it ends flush" : "the front itself is the stop"],
         ["Behind the drawer", length(behind), "depth − drawer"]]
      end

      def cautions = %w[drill]

      def steps
        [Answer::Step.new(label: metal? ? "Fit a pair of runners" : "Fit the drawer and its stops", work: "hardware",
                          minutes: 25)]
      end

      def assumes
        ["#{length(12.7)} on each side for ball-bearing slides. If the data sheet differs, follow it.",
         "Wood swells, so give wide drawers more of a gap in dry months."]
      end

      def metal? = self[:kind] == "metal"
      def inset? = self[:front] == "inset"
      def room = self[:deep] - (inset? ? self[:thick] : 0) - 2
      def runner = self[:sold].select { |mm| mm <= room }.max

      def headline
        return "The drawer is #{length(outside)} wide outside, on wood." unless metal?

        need(runner, :no_runner_fits, field: :sold, room: length(room), shortest: length(self[:sold].min))
        "Runners of #{length(runner)}; the drawer is #{length(outside)} wide outside."
      end

      def outside
        mm = self[:opening] - (2 * (metal? ? SIDE : self[:play]))
        need(mm > 20, :no_room_for_drawer, field: :opening)
        mm
      end

      def stop = inset? ? self[:thick] : 0.0

      def behind
        mm = self[:deep] - self[:drawer]
        need(mm >= 0, :drawer_too_deep, field: :drawer, over: length(-mm), most: length(self[:deep]))
        mm
      end

      def warnings = behind < 5 ? ["Less than #{length(5)} behind it: the drawer hits the back before the stop."] : []

      # Seen from above.
      def picture
        pic = Picture.new(self[:opening] + 40, self[:deep] + 30, "The opening and its drawer from above")
        pic.rect(0, 30, self[:opening] + 40, self[:deep], "wood").rect(20, 30, self[:opening], self[:deep], "gap")
        side = (self[:opening] - outside) / 2
        pic.rect(20 + side, inset? ? 30 : 30 - self[:thick], outside, self[:drawer], "part")
        [20, 20 + self[:opening] - side].each { |x| pic.rect(x, 30 + stop, side, runner, "screw") } if metal? && runner
        pic.measure(20, 40, 20 + self[:opening], 40, length(self[:opening]))
      end
    end
  end
end
