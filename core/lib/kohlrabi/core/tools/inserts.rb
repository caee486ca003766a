# frozen_string_literal: true

module Core
  module Tools
    # Glass, mirror or cane for an opening.
    class Inserts < Tool
      KINDS = { "glass" => "glass", "mirror" => "mirror", "cane" => "cane webbing" }.freeze
      CLEARANCE = 2.0 # mm on each side for glass and mirror (common practice)
      TUCK = 25.0 # mm of cane beyond the groove on each side (common practice)
      GLASS = 2500 # kg/m³ (float glass, EN 572-1; from memory)

      tool "inserts", "Glass, mirror and cane", "What size to order or cut for an opening.",
           group: "handling"
      field :kind, "Insert", :choice, "glass", choices: KINDS
      field :wide, "Opening, width", :length, 300.0, within: 10..3000
      field :high, "Opening, height", :length, 500.0, within: 10..3000
      field :rebate, "Rebate, or groove from the opening", :length, 9.0, within: 0..60
      field :clearance, "Clearance on each side", :length, CLEARANCE, within: 0..10
      field :thick, "Thickness", :length, 4.0, within: 0.5..20
      field :count, "How many", :count, 2, within: 1..50

      def self.start(start)
        wide, high = start.doors.first
        wide ? { wide: wide - 120, high: high - 120 }.select { |_, mm| mm > 20 } : {}
      end

      private

      def parts = self[:count]

      def headline = "#{self[:count]} of #{length(size(:wide))} by #{length(size(:high))}."

      def lines
        [["Size", "#{length(size(:wide))} by #{length(size(:high))}",
          cane? ? "opening + 2 × (groove + #{length(TUCK)} to tuck)" : "opening + 2 × rebate − 2 × clearance"],
         ["Held on each side by", cane? ? "the groove and its spline" : length(self[:rebate] - self[:clearance]),
          "rebate − clearance"],
         ["Weight of one", cane? ? "little" : formatter.weight(weight, 1), cane? ? nil : formatter.density(GLASS)],
         *spline]
      end

      def cautions = cane? ? %w[knife] : %w[glass lift]

      def cuts
        [Answer::Cut.new(mark: "G", name: KINDS.fetch(self[:kind]), number: self[:count], long: size(:high), wide: size(:wide),
                         from: "order to size")]
      end

      def steps
        if cane?
          [Answer::Step.new(label: "Soak the cane, press it in with its spline, and trim it", work: "woodwork",
                            minutes: 60 * self[:count])]
        else
          []
        end
      end

      def assumes
        if cane?
          return ["Soak it first; it tightens as it dries.",
                  "Strands square to the opening, spline glued in."]
        end

        ["Measure each opening in three places and use the smallest.",
         "In doors and within reach of children, use safety glass as local rules require."]
      end

      def cane? = self[:kind] == "cane"

      def size(key)
        return self[key] + (2 * (self[:rebate] + TUCK)) if cane?

        need(self[:rebate] > self[:clearance], :rebate_too_small, field: :rebate, rebate: length(self[:rebate]),
                                                                  clearance: length(self[:clearance]), least: length(self[:clearance] + 4))
        self[key] + (2 * (self[:rebate] - self[:clearance]))
      end

      def weight = size(:wide) * size(:high) * self[:thick] / 1e9 * GLASS

      def spline
        if cane?
          [["Spline", length(2 * (self[:wide] + self[:high] + (4 * self[:rebate]))),
            "round the groove of one"]]
        else
          []
        end
      end

      def warnings
        !cane? && self[:rebate] - self[:clearance] < 4 ? ["Held by less than #{length(4)}: it can fall out when the frame twists."] : []
      end

      def picture
        margin = [self[:rebate] + TUCK, 40].max + 20
        pic = Picture.new(self[:wide] + (2 * margin), self[:high] + (2 * margin),
                          "An opening with its #{KINDS.fetch(self[:kind])}")
        pic.rect(0, 0, pic.width, pic.height, "wood").rect(margin, margin, self[:wide], self[:high], "gap")
        pic.rect((pic.width - size(:wide)) / 2, (pic.height - size(:high)) / 2, size(:wide), size(:high), "ghost",
                 KINDS.fetch(self[:kind]))
        pic.measure(margin, margin + (self[:high] / 2), margin + self[:wide], margin + (self[:high] / 2),
                    length(self[:wide]))
      end
    end
  end
end
