# frozen_string_literal: true

module Core
  module Scout
    # What the tag will say by date, if the shop keeps to its rule and the piece stays.
    class TagForecast
      Point = Struct.new(:on, :tag, keyword_init: true)
      CUTS = 26 # looked ahead at most

      attr_reader :rule, :sightings

      # sightings: Sightings, at least one; rule: TagRule as given, or nil to infer it; next_cut: Date of the next
      # cut where known, else cuts are counted from the first sighting of the run; today: Date.
      def initialize(sightings, today:, rule: nil, next_cut: nil)
        @sightings = sightings
        @rule = rule || sightings.rule
        @next_cut = next_cut
        @today = today
      end

      # Why there is no forecast; nil where there is one.
      def why
        return if rule

        if sightings.run.size < 2
          "one price isn't enough; enter how the shop marks prices down, or check it " \
            "again"
        else
          "the price hasn't fallen between your visits"
        end
      end

      # The tag to be expected today: the last one seen, less the cuts since.
      def now = point_at(@today)

      # Points from the last sighting on: the tag seen, then each cut, until nothing is left. Without a rule: only
      # what was seen.
      def points
        @points ||= begin
          seen = Point.new(on: sightings.last.on, tag: sightings.last.tag)
          cuts = rule ? cut_days.map.with_index(1) { |day, count| Point.new(on: day, tag: tag_after(count)) } : []
          [seen, *cuts.take_while { |cut| cut.tag.positive? }]
        end
      end

      # The first Point at or under a price (minor units), today at the earliest; nil when it is not reached.
      def reaches(price)
        return Point.new(on: @today, tag: now.tag) if now.tag <= price

        points.find { |point| point.on > @today && point.tag <= price }
      end

      private

      def point_at(day) = points.reverse.find { |point| point.on <= day } || points.first

      def tag_after(cuts) = rule.after(cuts, price: sightings.last.tag, first: sightings.first.tag)

      # Days of the coming cuts, all after the last sighting.
      def cut_days
        from = sightings.last.on
        start = @next_cut || sightings.first.on
        ahead = [((from - start).to_i / rule.every) + 1, 0].max
        Array.new(CUTS) { |index| start + ((ahead + index) * rule.every) }
      end
    end
  end
end
