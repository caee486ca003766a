# frozen_string_literal: true

module Core
  module Planning
    # What does not go together on the piece as a whole: its inside and its hardware (common practice, no source).
    class WholeConflicts
      # brief: Brief.
      def initialize(brief)
        @brief = brief
        @look = brief.look
      end

      # Array of Conflict.
      def all = [odour, stained, rusty, pulls].compact

      private

      def inside = @brief.zones_of("inside")
      def faces = @brief.zones_of("fronts", "doors")
      def found?(*keys) = @brief.findings.map(&:key).intersect?(keys)
      def sign?(name) = @brief.findings.any? { |finding| finding.signs.include?(name) }

      def tell(key, zones, text, settled: nil, remedies: [])
        zones = @brief.zones.first(1) if zones.empty?
        Conflict.new(key: key, zones: zones.map do |zone|
          Repeats.base(zone.key)
        end.uniq, text: text, settled: settled, remedies: settled ? [] : remedies)
      end

      # On a piece without an inside the coats themselves hold it back.
      def odour
        return unless sign?("odour") && inside.any?
        return tell("odour", inside, "the smell comes back on warm days", settled: "the inside is sealed") if sealed?

        tell("odour", inside, "the smell comes back on warm days unless the inside is sealed", remedies: [Conflict::SEAL_INSIDE])
      end

      # Whether the plan seals any of it: not under a finish of its own that wants open wood.
      def sealed?
        @look.inside == "sealed" && inside.any? { |zone| Rules::SealInside::SEALED.include?(@brief.choice(zone).finish) }
      end

      def stained
        return unless sign?("inside_shows")

        hidden = { "liner" => "it is lined", "sealed" => "it is sealed" }[@look.inside]
        tell("stained", inside, "stains inside come off on linen", settled: hidden, remedies: [Conflict::LINE_INSIDE, Conflict::SEAL_INSIDE])
      end

      def rusty
        return unless found?("rusty") && @look.hardware == "kept"

        tell("rusty", faces, "rust stains the new finish", remedies: [Conflict::CLEAN, Conflict::REPLACE])
      end

      def pulls
        return unless found?("pulls_missing") && @look.hardware != "replaced"

        tell("pulls", faces, "one odd pull is the first thing a buyer sees", remedies: [Conflict::REPLACE])
      end
    end
  end
end
