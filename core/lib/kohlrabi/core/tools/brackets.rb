# frozen_string_literal: true

module Core
  module Tools
    # Corner brackets and their screws, counted with spares.
    class Brackets < Tool
      tool "brackets", "Brackets and screws", "How many brackets and screws to buy, with spares, in packs.",
           group: "fitting"
      field :drawers, "Drawers or frames", :count, 4, within: 1..100
      field :corners, "Corners each", :count, 4, within: 1..12
      field :screws, "Screws a bracket", :count, 4, within: 1..12
      field :others, "Other screws", :count, 0, within: 0..2000
      field :spare, "Spares, percent", :number, 10, within: 0..100
      field :pack, "Screws in a pack", :count, 50, within: 1..1000

      private

      def parts = brackets

      def headline = "#{brackets} brackets and #{screws} screws: #{formatter.count(packs, 'pack')} of #{self[:pack]}."

      def lines
        [["Brackets", brackets.to_s, "#{self[:drawers]} × #{self[:corners]}"],
         ["Screws needed", needed.to_s, "#{brackets} × #{self[:screws]} + #{self[:others]}"],
         ["With spares", screws.to_s, "+ #{formatter.number(self[:spare])}%, rounded up"],
         ["Left over", ((packs * self[:pack]) - needed).to_s, "of the packs"]]
      end

      def materials = { "screws" => screws }

      def steps = [Answer::Step.new(label: "Fit #{brackets} brackets", work: "hardware", minutes: brackets * 3)]

      def assumes = ["Use screws shorter than the thinner part, and drill pilot holes near the ends."]

      def brackets = self[:drawers] * self[:corners]
      def needed = (brackets * self[:screws]) + self[:others]
      def screws = (needed * (1 + (self[:spare].to_r / 100))).ceil
      def packs = (screws.to_f / self[:pack]).ceil

      # A frame with a dot for each bracket.
      def picture
        pic = Picture.new(120, 80, "A frame with #{formatter.count(self[:corners], 'bracket')}")
        pic.rect(0, 0, 120, 80, "wood").rect(10, 10, 100, 60, "gap")
        self[:corners].times do |index|
          side = index % 4
          shift = (index / 4) * 30
          x = [16, 104, 104, 16][side] + ([1, -1, -1, 1][side] * shift)
          pic.circle(x, side < 2 ? 16 : 64, 4, "screw")
        end
        pic
      end
    end
  end
end
