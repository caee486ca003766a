# frozen_string_literal: true

module Core
  module Tools
    # Pulls on a front: holes, what becomes of the old ones, screws, and a drilling jig at 1:1.
    class Pulls < Tool
      RULES = { "centre" => "one, centred", "quarters" => "two, at the quarter points",
                "thirds" => "two, at the thirds" }.freeze
      DIAMETER = 5.0 # mm of a hole for an M4 screw (common practice)
      SYSTEM = 32.0 # mm; spacings of most pulls are multiples of it (common practice, no source)
      THREAD = 5.0 # mm of thread that must hold, and that a pull must not be shorter of (common practice)

      tool "pulls", "Pulls: holes, screws, jig",
           "Where the holes go, whether they clash with the old ones, and how long the screws have to be.",
           group: "fitting"
      field :wide, "Width of the front", :length, 800.0, within: 30..3000
      field :high, "Height of the front", :length, 180.0, within: 20..3000
      field :rule, "Pulls", :choice, "centre", choices: RULES
      field :spacing, "Between a pull's screws", :length, 128.0, within: 0..1000,
                                                                 help: "centre to centre; 0 for a knob"
      field :across, "From the top edge", :length, nil, within: 1..3000, optional: true,
                                                        help: "blank: in the middle"
      field :old, "Old holes, apart", :length, nil, within: 0..1000, optional: true,
                                                    help: "centre to centre, same middle; 0 for one"
      field :plate, "Width of the pull's foot or plate", :length, 12.0, within: 1..300
      field :front, "Thickness of the front", :length, 19.0, within: 3..100
      field :overlay, "Overlay or slats on it", :length, 0.0, within: 0..60
      field :grip, "Thread length in the pull", :length, 8.0, within: 3..40
      field :sold, "Screw lengths you can buy", :lengths, [22.0, 25.0, 30.0, 40.0, 45.0]

      def self.start(start)
        wide, high = start.fronts.first
        wide ? { wide: wide, high: high } : {}
      end

      private

      def headline = "#{formatter.count(holes.size, 'hole')} in each front: #{screw_text}."

      def lines
        [["Screw needed", length(wanted), "front + overlay + thread in the pull"],
         ["Screw to buy", screw_text, "of those sold"],
         ["Spacing", kind, "common practice, no source"],
         *old_lines]
      end

      def table = Answer::Table.new(columns: ["Hole", "From the left edge", "From the top edge"], rows: rows)

      def cautions = %w[drill]

      def materials = {}

      def steps
        [Answer::Step.new(label: "Drill #{formatter.count(holes.size, 'hole')} a front by the jig", work: "hardware",
                          minutes: 4 * holes.size)]
      end

      def assumes
        ["Holes of #{length(DIAMETER)} for an M4 screw. Drill from the good side, with a block behind.",
         "If you drill by hand, number each pull and its place."]
      end

      def middles
        { "centre" => [0.5], "quarters" => [0.25, 0.75],
          "thirds" => [1 / 3.0, 2 / 3.0] }.fetch(self[:rule]).map do |part|
          part * self[:wide]
        end
      end

      def y = self[:across] || (self[:high] / 2)

      # Where the screws of a pair come around the middles.
      def around(apart) = middles.flat_map { |x| apart.zero? ? [x] : [x - (apart / 2), x + (apart / 2)] }

      # [[x, y]], from the left.
      def holes
        @holes ||= begin
          need(y < self[:high], :below_the_front, field: :across, y: length(y), high: length(self[:high]))
          all = around(self[:spacing])
          need(room_for?(all), :pulls_do_not_fit, field: :spacing, spacing: length(self[:spacing]), wide: length(self[:wide]),
                                                  most: length([most, 0].max))
          all.map { |x| [x, y] }
        end
      end

      def room_for?(all) = all.first >= DIAMETER && all.each_cons(2).all? { |one, other| other - one >= self[:plate] }
      def most = (self[:rule] == "centre" ? self[:wide] : middles.first * 2) - (2 * DIAMETER)

      def olds
        self[:old] ? around(self[:old]) : []
      end

      # What becomes of an old hole: [word, what to do].
      def fate(x)
        near = holes.map { |hole, _| (hole - x).abs }.min
        return ["used again", "nothing to fill"] if near < 0.5
        if near < DIAMETER + 2
          return ["cut by a new hole",
                  "glue in a dowel, let it set, then drill, or the bit wanders"]
        end
        if near <= (self[:plate] / 2) - (DIAMETER / 2)
          return ["covered by the pull's foot",
                  "fill it so the edge doesn't crumble"]
        end

        ["open to view",
         "fill and sand. Filler shows under stain and clear coats, so paint the front, cover it with a plate, or keep the old spacing"]
      end

      def old_lines = olds.uniq.map { |x| ["Old hole at #{length(x)}", *fate(x)] }

      def wanted = self[:front] + self[:overlay] + self[:grip]
      def bought = self[:sold].sort.find { |mm| mm >= wanted - 0.5 }

      def screw_text
        longest = self[:sold].max
        least = self[:front] + self[:overlay] + THREAD
        unless bought
          need(longest >= least, :no_screw_reaches, field: :sold, longest: length(longest), thick: length(self[:front] + self[:overlay]),
                                                    wanted: length(wanted), deep: length(least - longest))
          return "#{length(longest)}, with #{length(longest - self[:front] - self[:overlay])} of thread holding"
        end
        return "#{length(bought)}, as sold" if bought - wanted <= 1.5

        "#{length(bought)}, cut back by #{length(bought - wanted)}"
      end

      def kind
        return "a knob, one screw" if self[:spacing].zero?
        return "#{length(self[:spacing])}, #{formatter.number(self[:spacing] / SYSTEM)} × 32 mm" if (self[:spacing] % SYSTEM).zero?

        inches = self[:spacing] / 25.4
        return "#{length(self[:spacing])}, #{inches.round} × 1 in" if (inches - inches.round).abs < 0.01

        "#{length(self[:spacing])}, not a multiple of 32 mm or of an inch: measure an old one again"
      end

      def warnings
        [("A screw that's too long bottoms out and stays loose: cut it back and file the end." if bought && bought - wanted > 1.5),
         ("A new hole cuts into an old one: plug the old one first." if olds.any? do |x|
           fate(x).first == "cut by a new hole"
         end)].compact
      end

      def rows = holes.each_with_index.map { |(x, down), index| [(index + 1).to_s, length(x), length(down)] }

      def picture
        pic = Picture.new(self[:wide], self[:high],
                          "A front #{length(self[:wide])} by #{length(self[:high])} with #{formatter.count(holes.size, 'hole')}")
        pic.rect(0, 0, self[:wide], self[:high], "wood")
        olds.each { |x| pic.circle(x, y, DIAMETER, "old") }
        holes.each { |x, down| pic.circle(x, down, DIAMETER, "hole") }
        middles.each { |x| pic.line(x, 0, x, self[:high], "cut") }
        pic
      end

      # From the middle of a pull to its edge stop: laid on the top edge of the front and on its middle line.
      def template
        wide = [self[:spacing] + 60, 80].max
        high = [y + 25, 60].max
        pic = Picture.new(wide, high, "Drilling jig, top edge to the top edge of the front")
        pic.rect(0, 0, wide, high, "ghost").line(wide / 2, 0, wide / 2, high, "cut").line(0, 0, wide, 0, "cut")
        offsets = self[:spacing].zero? ? [0] : [-self[:spacing] / 2, self[:spacing] / 2]
        offsets.each do |x|
          pic.circle((wide / 2) + x, y, 2, "hole").line((wide / 2) + x - 6, y, (wide / 2) + x + 6, y, "cut").line((wide / 2) + x, y - 6,
                                                                                                                  (wide / 2) + x,
                                                                                                                  y + 6, "cut")
        end
        pic.text(wide / 2, 8, "middle of the pull")
      end
    end
  end
end
