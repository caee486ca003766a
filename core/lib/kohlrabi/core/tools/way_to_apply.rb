# frozen_string_literal: true

module Core
  module Tools
    # Brush, roller or sprayer by the time they take, and the passes of the sprayer.
    class WayToApply < Tool
      tool "method", "Brush, roller or sprayer",
           "Hours for each way with setup and cleanup, when spraying pays off, and how many passes it takes.",
           group: "coating"
      field :area, "Area", :area, 2_500_000.0
      field :coats, "Coats", :count, 2, within: 1..12
      field :height, "Height of the surface to spray", :length, 850.0, within: 10..3000
      field :fan, "Fan width", :length, 200.0, within: 20..600
      field :overlap, "Overlap, percent", :number, 40, within: 0..80

      def self.start(start) = { area: start.painted, coats: start.coats, height: start.height }.compact

      private

      def headline
        "#{best.capitalize} is fastest: #{effort(times.fetch(best))} for #{formatter.count(self[:coats], 'coat')}."
      end

      def lines
        [*times.map { |way, minutes| [way.capitalize, effort(minutes), whys.fetch(way)] },
         ["Spraying pays from", formatter.area(break_even * 1e6),
          "all coats together: its fixed minutes ÷ what it saves over the brush"],
         ["Passes of the sprayer", passes.to_s, "max(1, (height − fan) ÷ (fan × (1 − overlap)) + 1), rounded up"],
         ["From pass to pass", length(travel), "fan × (1 − overlap)"]]
      end

      def cautions = %w[spray]

      def assumes
        ["Roller about 2 and sprayer 3 times as fast as the brush (built-in guess).",
         "Sprayer: #{minutes(:spray)[:fixed]} min to set up, mask, and clean, #{minutes(:spray)[:between]} between coats (common practice).",
         "#{length(150)} to #{length(200)} away, square to the surface."]
      end

      def warnings
        self[:overlap].between?(30, 50) ? [] : ["An overlap of 30 to 50% is usual. Less leaves stripes; more causes runs."]
      end

      def best = times.min_by { |_, minutes| minutes }.first
      def minutes(way) = Shelf::Rates.of(way)
      def whole = self[:area] / 1e6 * self[:coats]
      def fixed = minutes(:spray)[:fixed] + (minutes(:spray)[:between] * (self[:coats] - 1))

      def times
        brush = minutes(:brush)[:m2]
        { "brush" => (brush * whole) + minutes(:brush)[:fixed].to_i, "roller" => (minutes(:roller)[:m2] * whole) + minutes(:roller)[:fixed].to_i,
          "sprayer" => (minutes(:spray)[:m2] * whole) + fixed }
      end

      def whys
        { "brush" => "#{formatter.minutes_an_area(minutes(:brush)[:m2])} and coat",
          "roller" => "#{formatter.minutes_an_area(minutes(:roller)[:m2])} and coat",
          "sprayer" => "#{fixed} min around it, and #{formatter.minutes_an_area(minutes(:spray)[:m2])} and coat" }
      end

      # m² of all coats together.
      def break_even = fixed / (minutes(:brush)[:m2] - minutes(:spray)[:m2]).to_f

      def travel = (exact(:fan) * (1 - (exact(:overlap) / 100))).to_f

      # In exact numbers: 600 high, 200 wide, none overlapping are 3 passes, not 4.
      def passes = [1, (((exact(:height) - exact(:fan)) / (exact(:fan) * (1 - (exact(:overlap) / 100)))) + 1).ceil].max
      def exact(field) = self[field].to_r.round(4)
      def effort(minutes) = Units::Effort.text(minutes.round * 60)

      def picture
        wide = self[:height] * 0.8
        pic = Picture.new(wide, [self[:height], ((passes - 1) * travel) + self[:fan]].max,
                          "#{formatter.count(passes, 'pass', 'passes')} over the face")
        pic.rect(0, 0, wide, self[:height], "wood")
        passes.times { |number| pic.rect(0, number * travel, wide, self[:fan], "ghost", (number + 1).to_s) }
        pic.measure(0, 0, 0, self[:height], length(self[:height]))
      end
    end
  end
end
