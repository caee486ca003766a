# frozen_string_literal: true

module Core
  module Tools
    # Whether a piece goes through an opening or into a load space.
    class Fits < Tool
      tool "fits", "Will it fit",
           "Whether it fits through a door, up the stairs, or into a vehicle, and which way.", group: "handling"
      field :wide, "Piece, width", :length, 900.0, within: 10..6000
      field :deep, "Piece, depth", :length, 450.0, within: 10..6000
      field :high, "Piece, height", :length, 850.0, within: 10..6000
      field :kind, "Goes", :choice, "through",
            choices: { "through" => "through a door or up a stair", "into" => "into a load space" }
      field :open_wide, "Opening or space, width", :length, 760.0, within: 10..6000
      field :open_high, "Its height", :length, 1980.0, within: 10..6000
      field :open_long, "Length of the load space", :length, 1500.0, within: 10..10_000
      field :play, "Clearance for hands and blankets", :length, 20.0, within: 0..300

      def self.start(start) = { wide: start.width, deep: start.depth, high: start.height }.compact

      private

      def headline
        found.fits ? "It goes: #{found.way}." : "It doesn't fit straight: #{length(found.short)} too much, nearest #{found.way}."
      end

      def lines
        [["Piece with room for hands", box.map do |mm|
          length(mm)
        end.join(" × "), "+ #{length(self[:play])} on each measure"],
         ["Opening", opening.map { |mm| length(mm) }.join(" × "), nil]]
      end

      def cautions = %w[lift]

      def warnings
        found.fits ? [] : ["Tilting it or taking off legs, doors, and drawers may help. This doesn't calculate that; try it."]
      end

      def assumes
        ["Checks six ways to turn it, going straight through without tilting.",
         "Stairs are checked by width and headroom. Test bends with a cardboard cutout."]
      end

      def box = [self[:wide], self[:deep], self[:high]].map { |mm| mm + self[:play] }
      def opening = [self[:open_wide], *(self[:kind] == "into" ? [self[:open_long]] : []), self[:open_high]]

      def found
        @found ||= begin
          fit = Scout::Fit.new(width: box[0], depth: box[1], height: box[2])
          self[:kind] == "into" ? fit.into(*opening) : fit.through(*opening)
        end
      end

      def picture
        pic = Picture.new([self[:open_wide], self[:wide]].max, [self[:open_high], self[:high]].max,
                          "The opening and the piece as it fits best")
        pic.rect(0, pic.height - self[:open_high], self[:open_wide], self[:open_high], "gap").rect(0, pic.height - self[:high], self[:wide],
                                                                                                   self[:high], "wood")
        pic.measure(0, pic.height - 10, self[:open_wide], pic.height - 10, length(self[:open_wide]))
      end
    end
  end
end
