# frozen_string_literal: true

module Core
  module Planning
    # What a zone is now: its coating, layers and signs, from its material, the findings on it and what was done since.
    class Surface
      WORDS = { paint: "old paint", varnish: "old clear finish", laminate: "laminate", bare: "bare wood" }.freeze
      STRIPPED = %w[neutralise scrape].freeze # what leaves open wood behind

      attr_reader :signs, :coating, :layers, :findings

      # zone: Shape::Zone; brief: Brief; signatures: of the coats planned, to tell them from what lies there already.
      def initialize(zone, brief, signatures)
        @zone = zone
        @brief = brief
        @findings = brief.findings_on(zone)
        @signs = @findings.flat_map(&:signs).uniq
        @deeds = brief.marks.select { |mark| mark.zone == zone.key }.map(&:deed)
        @foreign = foreign(signatures)
        @layers = layered
        @coating = coated
      end

      def sign?(*names) = names.any? { |name| signs.include?(name.to_s) }

      # Whether coats of another look lie on it already: they are new, so lead is out of the question.
      def fresh? = @foreign.any?

      # Ending of the keys of steps that must be done again over them.
      def recoat_suffix = fresh? ? "~#{@foreign.size}" : ""

      # Whether it is wood that goes on new.
      def new? = false

      # Whether it was taken down to the wood already, for a look that no longer asks for it.
      def stripped? = @deeds.any? { |deed| STRIPPED.include?(deed.name) }

      # Whether breaking it may set lead free.
      def old? = !fresh? && !stripped? && !@brief.after_limit && %i[paint varnish].include?(coating)

      # Whether it must not be broken: lead is there, or nobody is sure.
      def sealed_in? = old? && %w[present unsure].include?(@brief.lead)

      def slick? = coating == :laminate || sign?(:slick)
      def bleeds? = sign?(:bleed)
      def veneer? = @zone.material == "veneer" || sign?(:thin)
      def words = WORDS.fetch(coating)

      # Colour under the new coats, and its tone.
      def tone
        return Tone.of(@brief.products.colours.hex(@foreign.last.split("|")[2])) if fresh?
        return :dark if sign?(:dark)

        Tone.of(@brief.under[Repeats.base(@zone.key)])
      end

      private

      def layered = findings.select { |finding| finding.key == "painted" }.map { |finding| finding.size.to_i }.max || 0

      def coated
        return :paint if fresh?
        return :laminate if @zone.material == "laminate" || sign?(:slick)
        return :paint if layers.positive?
        return :varnish if sign?(:varnish)
        return :bare if sign?(:bare) || !(@zone.shown? || @zone.group == "shelves")

        :varnish # a shown zone of which nothing was noted is taken to have an old clear finish
      end

      # Signatures of coats laid here that are not those planned now.
      def foreign(signatures)
        @deeds.select(&:colours?).map(&:signature).uniq - signatures
      end
    end
  end
end
