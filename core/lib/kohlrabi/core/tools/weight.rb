# frozen_string_literal: true

module Core
  module Tools
    # Weight for lifting: volume by density.
    class Weight < Tool
      TABLE = Core.table("tools/densities").freeze
      LABELS = TABLE.to_h { |row| [row[:key], row[:label]] }.freeze
      DENSITIES = TABLE.to_h { |row| [row[:key], row[:density]] }.freeze # kg/m³
      BOARDS = { "board" => "chipboard", "laminate" => "chipboard" }.freeze
      ALONE = 25 # kg close to the body that is the usual top for one fit person (health and safety guidance; from memory)

      tool "weight", "Weight for lifting", "What a piece or a board weighs, and how many people it takes to lift it.",
           group: "handling"
      field :form, "What it is", :choice, "case",
            choices: { "case" => "a case of boards with back and front", "open" => "a case of boards, open in front", "table" => "a top on legs",
                       "block" => "a board or a solid block" }
      field :material, "Material", :choice, "pine", choices: LABELS
      field :wide, "Width", :length, 900.0, within: 5..6000
      field :deep, "Depth", :length, 450.0, within: 5..6000
      field :high, "Height", :length, 850.0, within: 1..6000
      field :thick, "Thickness of the boards", :length, 20.0, within: 1..200
      field :drawers, "Drawers", :count, 3, within: 0..60
      field :extra, "Marble, glass, contents", :weight, 0, within: 0..2000

      def self.start(start)
        words = start.material.to_s.downcase.scan(/\p{L}+/)
        known = words.filter_map { |word| LABELS.key?(word) ? word : BOARDS[word] }.first
        { wide: start.width, deep: start.depth, high: start.height, material: known,
          drawers: start.fronts.size }.compact
      end

      private

      def headline = "About #{formatter.weight(weight)}: #{who}."

      def lines
        [["Volume of wood", formatter.bulk(volume), how],
         ["Density", formatter.density(density), "#{LABELS.fetch(self[:material])}, air-dry"],
         ["Without its drawers", (formatter.weight(weight - (drawers * density)) if drawers.positive?),
          "take them out before you move it"]]
      end

      def cautions = %w[lift]

      def warnings = [("Two people aren't enough. Use a dolly and straps, or take it apart." if people > 2)].compact

      def assumes
        ["For wood at room moisture. Old oak and wet wood weigh more.",
         "#{formatter.weight(ALONE)} close to the body is the usual limit for one fit person. On stairs or at arm's length it's less."]
      end

      def density = DENSITIES.fetch(self[:material])
      def metres(key) = self[key] / 1000

      # m³ of the body without drawers.
      def body
        case self[:form]
        when "block" then metres(:wide) * metres(:deep) * metres(:high)
        when "table" then table_of_boards
        else panels * metres(:thick)
        end
      end

      # m² of the boards of a case: top, bottom and sides; front and a thin back, or a shelf and the thin back.
      def panels
        flat = metres(:wide) * metres(:deep)
        face = metres(:wide) * metres(:high)
        (2 * metres(:deep) * metres(:high)) + (self[:form] == "open" ? (3 * flat) + (0.3 * face) : (2 * flat) + (1.3 * face))
      end

      # m³: a top, four legs twice as thick, aprons 90 mm high.
      def table_of_boards
        wide, deep, high, thick = %i[wide deep high thick].map { |key| metres(key) }
        (wide * deep * thick) + (4 * high * ((2 * thick)**2)) + (2 * (wide + deep) * 0.09 * thick)
      end

      # m³ of the drawers: bottoms and sides of half the thickness.
      def drawers
        return 0.0 if %w[block table].include?(self[:form]) || self[:drawers].zero?

        tall = metres(:high) / self[:drawers] * 0.7
        self[:drawers] * metres(:thick) / 2 * ((metres(:wide) * metres(:deep)) + (2 * (metres(:deep) + metres(:wide)) * tall))
      end

      def volume = body + drawers
      def weight = (volume * density) + self[:extra].to_f
      def people = weight <= ALONE ? 1 : (weight / ALONE / 0.8).ceil

      def who
        { 1 => "one fit person, close to the body", 2 => "two people" }.fetch(people) do
          "#{people} people, or a dolly"
        end
      end

      def how
        { "case" => "top, bottom, sides, front, and a thin back × thickness", "open" => "top, bottom, shelf, sides, and a thin back × thickness",
          "table" => "top, four legs twice as thick, aprons",
          "block" => "width × depth × height" }.fetch(self[:form]) + (drawers.positive? ? ", and drawers at half the thickness" : "")
      end

      def picture
        skew = self[:deep] * 0.35
        pic = Picture.new(self[:wide] + skew, self[:high] + skew,
                          "#{length(self[:wide])} by #{length(self[:deep])} by #{length(self[:high])}")
        pic.polygon([[0, skew], [skew, 0], [self[:wide] + skew, 0], [self[:wide], skew]], "part")
        pic.polygon(
          [[self[:wide], skew], [self[:wide] + skew, 0], [self[:wide] + skew, self[:high]],
           [self[:wide], self[:high] + skew]], "gap"
        )
        pic.rect(0, skew, self[:wide], self[:high], "wood", formatter.weight(weight))
      end
    end
  end
end
