# frozen_string_literal: true

module Core
  module Tools
    # Filler for holes and gouges, in batches that can be spread before they set.
    class Filler < Tool
      DENSITY = 1.8 # g per ml of two-part filler (common practice, from memory)
      BLOCK = 12 # mm of depth from which a block goes in first (common practice)

      tool "filler", "Filler in batches", "How much filler, how many batches, and where to glue in a block first.",
           group: "coating"
      field :count, "Holes alike", :count, 4, within: 1..500
      field :long, "Length", :length, 40.0, within: 1..2000
      field :wide, "Width", :length, 20.0, within: 1..2000
      field :deep, "Depth", :length, 4.0, within: 0.5..200
      field :waste, "For waste and shrinkage, percent", :number, 20, within: 0..100
      field :working, "Working time, minutes", :number, 5, within: 1..60
      field :pace, "You spread a minute", :volume, 3, within: 0.5..50

      private

      def headline
        "#{formatter.little(volume)} (#{formatter.mass(grams.round)}) in " \
          "#{formatter.count(batches, 'batch', 'batches')} of #{formatter.little(volume / batches)}."
      end

      def lines
        [["A hole", formatter.little(one), "length × width × depth"],
         ["All, with waste", formatter.little(volume), "+ #{formatter.number(self[:waste])}%"],
         ["Weight", formatter.mass(grams.round),
          formatter.unit == "mm" ? "#{DENSITY} g a ml" : "#{formatter.mass(DENSITY * Units::Measures::FLUID_OUNCE)} a fl oz"],
         ["At once at most", formatter.little(batch), "working time × what you spread per minute"]]
      end

      def materials = { "filler_two" => grams.ceil }

      def cautions = %w[solvent dust]

      def steps
        [Answer::Step.new(label: "Fill #{formatter.count(self[:count], 'hole')}, #{formatter.count(batches, 'batch', 'batches')}", work: "woodwork",
                          minutes: (volume / self[:pace]).ceil + (2 * batches))]
      end

      def warnings = deep? ? ["Deeper than #{length(BLOCK)}: glue in a block of wood first and fill the rest."] : []

      def assumes = ["Holes are counted as boxes. More hardener or heat shortens the working time."]

      def one = self[:long] * self[:wide] * self[:deep] / 1000
      def volume = one * self[:count] * (1 + (self[:waste].to_f / 100))
      def grams = volume * DENSITY
      def batch = self[:working].to_f * self[:pace]
      def batches = [(volume / batch).ceil, 1].max
      def deep? = self[:deep] >= BLOCK

      # Plan and section of one hole.
      def picture
        long, wide, deep = %i[long wide deep].map { |key| self[key] }
        pic = Picture.new(long + 40, wide + deep + 50,
                          "A hole #{length(long)} by #{length(wide)}, #{length(deep)} deep")
        pic.rect(0, 0, long + 40, wide + 20, "wood").rect(20, 10, long, wide, "hole")
        pic.rect(0, wide + 35, long + 40, deep + 15, "wood").rect(20, wide + 35, long, deep, "paint")
      end
    end
  end
end
