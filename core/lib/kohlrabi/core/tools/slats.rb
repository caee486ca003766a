# frozen_string_literal: true

module Core
  module Tools
    # Slats or reeding over a field: set out from the centre with equal margins, by a gap or by a number, with the
    # sticks to buy and a rod at 1:1.
    class Slats < Tool
      EDGE = 3 # mm of wood that a screw wants on each side (common practice)

      tool "slats", "Slats and reeding",
           "Positions from the center, equal margins, sticks to buy, and a marking rod.", group: "setting_out"
      field :field, "Width of the field", :length, 800.0, within: 10..10_000
      field :widths, "Slat widths, repeating", :lengths, [30.0], help: "one, or several that repeat: 30, 15"
      field :by, "Choose", :choice, "gap", choices: { "gap" => "the gap", "count" => "the number" }
      field :gap, "Gap", :length, 10.0, within: 0..1000, optional: true
      field :count, "Number of slats", :count, 18, within: 1..500, optional: true
      field :margin, "Margin at each end, at least", :length, 0.0, within: 0..2000
      field :high, "Length of a slat", :length, 600.0, within: 5..5000
      field :thick, "Thickness", :length, 8.0, within: 0.5..100
      field :stick, "Length of a stick to buy", :length, 2400.0, within: 50..10_000
      field :kerf, "Saw kerf", :length, 3.0, within: 0..10
      field :screws, "Distance between the pull's screws", :length, nil, within: 0..1000, optional: true,
                                                                         help: "centre to centre; 0 for one screw"

      def self.start(start)
        wide, high = start.fronts.first || start.doors.first
        wide ? { field: wide, high: high } : {}
      end

      private

      def headline = "#{formatter.count(number, 'slat')}, #{length(gap)} between, #{length(margin)} at each end."

      def lines
        [["Margin at each end", length(margin), "half of what's left over"],
         ["Gap", length(gap), self[:by] == "gap" ? "as chosen" : "shared out evenly"],
         ["Sticks to buy", bought, proof],
         ["Relief", formatter.number(relief, 2), "1 + 2 × thickness ÷ pitch: times the paint of a flat face"]]
      end

      def table = Answer::Table.new(columns: ["Slat", "From the left edge", "From the centre", "Width"], rows: rows)

      def warnings = pull

      def cautions = %w[saw dust]

      def cuts = self[:widths].uniq.map.with_index { |wide, index| cut(wide, index) }

      def assumes
        ["Mark from the center out, so any error ends up at both ends.",
         "Buy sticks as wide as the slats. Each cut takes #{length(self[:kerf])} each."]
      end

      def room = self[:field] - (2 * self[:margin])
      def widths(number) = Array.new(number) { |index| self[:widths][index % self[:widths].size] }

      # As many as the gap allows.
      def most(between)
        number = 0
        number += 1 while number < 500 && widths(number + 1).sum + (number * between) <= room + 1e-6
        number
      end

      def number
        @number ||= if self[:by] == "gap"
                      need(self[:gap], :gap_missing, field: :gap)
                      fitting = most(self[:gap])
                      need(fitting.positive?, :no_slat_fits, field: :widths, widths: length(self[:widths].first),
                                                             room: length(room))
                      fitting
                    else
                      counted
                    end
      end

      def counted
        need(self[:count], :number_missing, field: :count)
        used = widths(self[:count]).sum
        need(used <= room + 1e-6, :slats_do_not_fit, field: :count, count: formatter.count(self[:count], "slat"),
                                                     wide: formatter.lengths(self[:widths].uniq),
                                                     used: length(used), room: length(room), most: most(0))
        self[:count]
      end

      # With a number chosen and no margin given, the gaps at the ends are as wide as the others.
      def gap
        return self[:gap] if self[:by] == "gap"

        open = room - widths(number).sum
        return open / (number + 1) if self[:margin].zero?

        number > 1 ? open / (number - 1) : 0.0
      end

      def margin = (self[:field] - widths(number).sum - ((number - 1) * gap)) / 2

      # [[left edge, width]].
      def places
        x = margin
        widths(number).map { |wide| [x, wide].tap { x += wide + gap } }
      end

      def rows
        places.each_with_index.map do |(x, wide), index|
          [(index + 1).to_s, length(x), length(x - (self[:field] / 2)), length(wide)]
        end
      end

      # {width => plan}: a slat is cut from a stick as wide as itself, so each width has its own sticks.
      def sticks
        @sticks ||= widths(number).tally.transform_values do |times|
          Sticks.plan([[self[:high], times]], self[:stick], self[:kerf])
        end
      end

      def bought
        long = length(self[:stick])
        return "#{sticks.values.first.count} of #{long}" if sticks.size == 1

        "#{sticks.values.sum(&:count)} of #{long}: #{sticks.map { |wide, plan| "#{plan.count} of #{length(wide)} wide" }.join(', ')}"
      end

      def proof = sticks.values.all?(&:proven?) ? "proven the fewest" : "at least #{sticks.values.sum(&:bound)}"
      def pitch = (widths(number).sum / number) + gap
      def relief = 1 + (2 * self[:thick] / pitch)

      def cut(wide, place)
        Answer::Cut.new(mark: ("A".ord + place).chr, name: "slat #{length(wide)} wide, #{length(self[:thick])} thick",
                        number: widths(number).count(wide), long: self[:high],
                        wide: nil, from: "sticks of #{length(self[:stick])}")
      end

      # Whether the screws of a pull in the middle meet a slat or a gap.
      def pull
        return [] unless self[:screws]

        middle = self[:field] / 2
        off = [middle - (self[:screws] / 2), middle + (self[:screws] / 2)].uniq.reject { |x| held?(x) }
        off.map do |x|
          "The screw at #{length(x)} falls into a gap: pad it out to #{length(self[:thick])}, or change the number by one."
        end
      end

      # Whether a screw meets a slat, with some wood on both sides.
      def held?(x) = places.any? { |left, wide| x.between?(left + EDGE, left + wide - EDGE) }

      def picture
        pic = Picture.new(self[:field], self[:high], "#{formatter.count(number, 'slat')} over #{length(self[:field])}")
        pic.rect(0, 0, self[:field], self[:high], "gap")
        places.each_with_index do |(x, wide), index|
          pic.rect(x, 0, wide, self[:high], "wood", number <= 30 ? (index + 1).to_s : nil)
        end
        pic.line(self[:field] / 2, 0, self[:field] / 2, self[:high], "cut")
      end

      # A strip with each slat's edges, to lay on the work.
      def template
        pic = Picture.new(self[:field], 40, "Setting-out rod, #{length(self[:field])} long")
        pic.rect(0, 0, self[:field], 40, "ghost")
        places.each_with_index { |(x, wide), index| pic.rect(x, 0, wide, 24, "part", (index + 1).to_s) }
        pic.line(self[:field] / 2, 0, self[:field] / 2, 40, "cut").text(self[:field] / 2, 37, "centre")
      end
    end
  end
end
