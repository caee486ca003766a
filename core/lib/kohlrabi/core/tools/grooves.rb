# frozen_string_literal: true

module Core
  module Tools
    # Grooves and lines over a panel: positions from the centre, passes of the saw, and where the guide is clamped.
    class Grooves < Tool
      tool "grooves", "Grooves and lines",
           "Where each groove goes, how many passes it takes, and where to clamp the saw guide.",
           group: "setting_out"
      field :panel, "Width of the panel", :length, 450.0, within: 10..5000
      field :count, "Number of grooves", :count, 5, within: 1..100
      field :groove, "Width of a groove", :length, 3.0, within: 0.5..50
      field :kerf, "Saw kerf", :length, 2.4, within: 0.5..10
      field :depth, "Depth", :length, 2.0, within: 0.2..50
      field :thick, "Thickness of the panel", :length, 18.0, within: 1..100
      field :veneer, "Thickness of its veneer", :length, nil, within: 0.1..10, optional: true
      field :offset, "From blade to the edge of the saw's base", :length, 110.0, within: 0..500
      field :side, "The guide stands", :choice, "left",
            choices: { "left" => "on the left of the groove", "right" => "on its right" }
      field :edge, "Outermost grooves from the edges", :length, nil, within: 0..2000, optional: true,
                                                                     help: "blank: spaced evenly over the panel"

      def self.start(start) = start.doors.any? ? { panel: start.doors.first[0] } : { panel: start.width }.compact

      private

      def parts = self[:count]

      def headline
        "#{formatter.count(self[:count], 'groove')}#{", #{length(pitch)} from centre to centre" if pitch}, " \
          "#{formatter.count(passes, 'pass', 'passes')} each."
      end

      def lines
        [["Passes", passes.to_s, "groove ÷ kerf, rounded up"],
         ["Move the guide between passes", (length((self[:groove] - self[:kerf]) / (passes - 1)) if passes > 1), nil],
         ["Left under the groove", length(self[:thick] - self[:depth]), "thickness − depth"]]
      end

      def table
        Answer::Table.new(
          columns: ["Groove", "Centre from the left edge", "From the centre",
                    "Guide's edge from the left edge"], rows: rows
        )
      end

      def cautions = %w[saw dust]

      def assumes
        ["The first pass cuts the edge of the groove closest to the guide.",
         "Test it on scrap: blades wobble, and bases aren't always square."]
      end

      def passes
        need(self[:groove] >= self[:kerf] - 0.05, :kerf_wider_than_groove, field: :groove, kerf: length(self[:kerf]),
                                                                           groove: length(self[:groove]))
        (self[:groove] / self[:kerf]).round(6).ceil
      end

      def centres
        check_depth
        return [self[:panel] / 2] if self[:count] == 1

        span = self[:panel] - (2 * first)
        step = span / (self[:count] - 1)
        need(step > self[:groove], :grooves_do_not_fit, field: :count,
                                                        grooves: formatter.count(self[:count], "groove"), groove: length(self[:groove]),
                                                        max: [(span / (self[:groove] * 2)).floor + 1, 1].max)
        Array.new(self[:count]) { |index| first + (index * step) }
      end

      def check_depth
        need(self[:depth] < self[:thick], :groove_too_deep, field: :depth, depth: length(self[:depth]), thick: length(self[:thick]),
                                                            most: length(self[:thick] / 2))
      end

      # Centre of the outermost groove.
      def first = self[:edge] || (self[:panel] / (self[:count] + 1))

      def pitch = centres.size > 1 ? centres[1] - centres[0] : nil

      # The blade's near side runs along the groove's edge; the guide is the base's distance away.
      def guide(centre)
        half = self[:groove] / 2
        self[:side] == "left" ? centre - half - self[:offset] : centre + half + self[:offset]
      end

      def rows
        centres.each_with_index.map do |x, index|
          [(index + 1).to_s, length(x), length(x - (self[:panel] / 2)), length(guide(x))]
        end
      end

      def warnings
        off = centres.map { |x| guide(x) }.find { |x| x.negative? || x > self[:panel] }
        [(if self[:veneer] && self[:depth] > self[:veneer]
            "#{length(self[:depth])} goes through the veneer of #{length(self[:veneer])}: what's under it will show."
          end),
         ("Deeper than half the panel: it can bend and break there." if self[:depth] > self[:thick] / 2),
         ("For some grooves the guide is off the panel: clamp it to a board next to it, or work from the other side." if off)].compact
      end

      def picture
        high = self[:panel] * 0.5
        pic = Picture.new(self[:panel], high,
                          "A panel #{length(self[:panel])} wide with #{formatter.count(self[:count], 'groove')}")
        pic.rect(0, 0, self[:panel], high, "wood")
        centres.each { |x| pic.rect(x - (self[:groove] / 2), 0, self[:groove], high, "hole") }
        pic.line(guide(centres[0]), 0, guide(centres[0]), high, "cut")
      end
    end
  end
end
