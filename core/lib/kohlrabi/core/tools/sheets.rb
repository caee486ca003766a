# frozen_string_literal: true

module Core
  module Tools
    # A cutting plan for boards, sheets and flexible wrap: straight cuts from edge to edge, grain or flutes kept.
    class Sheets < Tool
      KEPT = 150 # mm of a rest worth keeping (common practice)

      tool "sheets", "Cutting plan for sheets and wrap",
           "Cuts parts from boards, sheets, or fluted wrap: strips first, with the grain, oversize to trim flush.",
           group: "setting_out"
      field :parts, "Parts", :sheets, [Field::Part.new(number: 2, long: 600.0, wide: 380.0, name: "side", turn: false),
                                       Field::Part.new(number: 1, long: 800.0, wide: 380.0, name: "shelf", turn: true)],
            help: "number × along the grain × across it and a name; add “any way” if it can be turned"
      field :long, "Sheet along the grain", :length, 2440.0, within: 50..10_000
      field :wide, "Sheet across the grain", :length, 1220.0, within: 50..10_000
      field :kerf, "Saw kerf", :length, 3.0, within: 0..10
      field :trim, "Trimmed off each edge of the sheet", :length, 0.0, within: 0..100
      field :spare, "Oversize on each side of a part", :length, 0.0, within: 0..50, help: "to trim flush after gluing"
      field :pitch, "Width of a flute", :length, 0.0, within: 0..200,
                                                      help: "of fluted wrap; parts are cut to whole flutes; 0 if not fluted"
      field :joined, "Pattern runs on", :choice, "no",
            choices: { "no" => "no", "yes" => "across all parts in order, cut from one piece" }

      def self.start(start)
        return {} if start.fronts.empty?

        { parts: start.fronts.tally.map { |(wide, high), number| Field::Part.new(number: number, long: high, wide: wide, name: "front", turn: false) } }
      end

      private

      def left_over(rest)
        return "nothing worth keeping" unless rest.all? { |mm| mm >= KEPT }

        "#{length(rest[0])} by #{length(rest[1])}"
      end

      def headline
        "#{formatter.count(plan.count, 'sheet')} of #{length(self[:long])} by #{length(self[:wide])}: #{proof}."
      end

      def lines
        [["Becomes parts", "#{formatter.number(plan.used * 100, 0)}%", "of what is bought"],
         ["Fewest that could do", plan.bound.to_s, "by area and by what can't share a sheet"],
         ["Left of the last sheet", left_over(rest), nil]]
      end

      def table = Answer::Table.new(columns: ["Mark", "Part", "Sheet", "From the edge, along", "across"], rows: rows)

      def cautions = %w[saw]

      def cuts = self[:parts].each_with_index.map { |part, index| cut(part, index) }

      def assumes
        ["Cut edge to edge: strips first, then parts to length.",
         "#{formatter.length(self[:kerf])} is lost with each cut.",
         ("Parts cut to whole flutes of #{length(self[:pitch])}." if self[:pitch].positive?)].compact
      end

      def mark(place) = ("A".ord + (place % 26)).chr * ((place / 26) + 1)

      # Across the flutes only whole ones.
      def across(part)
        wide = part.wide + (2 * self[:spare])
        self[:pitch].positive? ? (wide / self[:pitch]).ceil * self[:pitch] : wide
      end

      def along(part) = part.long + (2 * self[:spare])

      def pieces
        all = self[:parts].each_with_index.flat_map do |part, index|
          Array.new(part.number) do
            Tools::SheetPlan::Part.new(long: along(part), wide: across(part), name: mark(index),
                                       turn: part.turn && self[:pitch].zero?)
          end
        end
        return all if self[:joined] == "no"

        # One piece over all: what runs on is cut apart afterwards.
        [Tools::SheetPlan::Part.new(long: all.sum(&:long) + (self[:kerf] * (all.size - 1)), wide: all.map(&:wide).max,
                                    name: all.map(&:name).join, turn: false)]
      end

      def plan
        @plan ||= Tools::SheetPlan.new(pieces, [self[:long] - (2 * self[:trim]), self[:wide] - (2 * self[:trim])],
                                       self[:kerf])
      end

      def proof
        return "proven, none " if plan.count == plan.bound

        "at least #{plan.bound} are needed; a better plan could save #{plan.count - plan.bound} at most"
      end

      def rest = plan.rest

      def rows
        plan.sheets.each_with_index.flat_map do |sheet, number|
          sheet.map do |one|
            ["#{one.name}#{' (turned)' if one.turned}", "#{length(one.long)} by #{length(one.wide)}", (number + 1).to_s,
             length(one.x + self[:trim]), length(one.y + self[:trim])]
          end
        end
      end

      def cut(part, place)
        Answer::Cut.new(mark: mark(place), name: part.name, number: part.number, long: along(part), wide: across(part),
                        from: "sheets of #{length(self[:long])} by #{length(self[:wide])}")
      end

      def offcuts
        if rest.all? do |mm|
          mm >= KEPT
        end
          [Answer::Offcut.new(name: "Offcut of a sheet", number: 1, long: rest[0].floor,
                              wide: rest[1].floor)]
        else
          []
        end
      end

      def picture
        shown = plan.sheets.first(6)
        gap = self[:wide] / 12
        pic = Picture.new(self[:long], (shown.size * (self[:wide] + gap)) - gap,
                          "#{formatter.count(shown.size, 'sheet')} with their parts")
        shown.each_with_index do |sheet, number|
          top = number * (self[:wide] + gap)
          pic.rect(0, top, self[:long], self[:wide], "offcut")
          sheet.each do |one|
            pic.rect(one.x + self[:trim], top + one.y + self[:trim], one.long, one.wide, "wood", one.name)
          end
        end
        pic
      end
    end
  end
end
