# frozen_string_literal: true

module Core
  module Tools
    # Drawer liner from a roll: the least length, pieces turned either way.
    class Liner < Tool
      MAX_KINDS = 8 # kinds of pieces whose ways are all tried together

      tool "liner", "Drawer liner from a roll",
           "How to cut liner for all drawers from a roll with the least waste.",
           group: "handling"
      field :parts, "Drawers inside", :sheets, [Field::Part.new(number: 3, long: 720.0, wide: 400.0, name: "drawer", turn: true),
                                                Field::Part.new(number: 2, long: 340.0, wide: 400.0,
                                                                name: "small drawer", turn: true)],
            help: "number × width × depth; measure a tapered drawer at its wider end"
      field :roll, "Width of the roll", :length, 500.0, within: 50..2000
      field :trim, "Trimmed on each side", :length, 10.0, within: 0..100
      field :repeat, "Pattern repeats every", :length, 0.0, within: 0..1000, help: "0 if it's plain, so pieces can be turned"
      field :metres, "On a roll", :run, 3, within: 0.1..100

      private

      def headline
        "#{length(used)} of the roll: #{formatter.count(rolls, 'roll')} of #{formatter.run(self[:metres])}."
      end

      def lines
        [["Becomes liner", "#{formatter.number(share * 100, 0)}%", "of that length"],
         ["Left on the last roll", length((rolls * self[:metres] * 1000) - used), nil]]
      end

      def table
        Answer::Table.new(columns: ["Piece", "Size with trim", "Along the roll from", "Across from"], rows: rows)
      end

      def cautions = %w[knife]

      def materials = { "liner" => (used * self[:roll] / 1e6).to_r.ceil(2) }

      def cuts
        self[:parts].map.with_index do |part, index|
          Answer::Cut.new(mark: mark(index), name: part.name, number: part.number,
                          long: part.long + (2 * self[:trim]), wide: part.wide + (2 * self[:trim]), from: "liner #{length(self[:roll])} wide")
        end
      end

      def steps
        [Answer::Step.new(label: "Line #{formatter.count(self[:parts].sum(&:number), 'drawer')}", work: "hardware",
                          minutes: self[:parts].sum(&:number) * 10)]
      end

      def assumes
        [if self[:repeat].positive?
           "With a pattern, no piece is turned, and each starts at a " \
             "repeat."
         else
           "Plain liner is turned where that saves material."
         end,
         "Measure both ends of each drawer: old drawers are rarely square."]
      end

      def mark(place) = ("A".ord + (place % 26)).chr

      # Ways of laying all kinds; the shortest roll wins.
      def laid
        @laid ||= begin
          kinds = self[:parts].each_with_index.map { |part, index| [ways(part), part.number, mark(index)] }
          none = kinds.index { |ways, _, _| ways.empty? }
          too_wide(self[:parts][none]) if none
          banded = choices(kinds).map { |choice| shelf(choice, kinds) }.min_by { |placed| length_of(placed) }
          [banded, *nested(kinds)].min_by { |placed| length_of(placed).round(3) }
        end
      end

      # Plain liner is also laid piece by piece, each where it ends soonest along the roll, turned where that helps.
      def nested(kinds)
        return [] if self[:repeat].positive?

        Nesting.new(kinds.flat_map { |ways, number, mark| Array.new(number) { [ways, mark] } }, self[:roll]).all
      end

      def too_wide(part)
        name = part.name.empty? ? "A drawer" : part.name.capitalize
        refuse(:wider_than_the_roll, field: :roll, name: name,
                                     wide: length([part.long, part.wide].min + (2 * self[:trim])))
      end

      def choices(kinds)
        lists = kinds.each_with_index.map { |(ways, _, _), index| index < MAX_KINDS ? ways : ways.first(1) }
        lists.first.product(*lists.drop(1))
      end

      # [along the roll, across it], with trim.
      def ways(part)
        long, wide = [part.wide, part.long].map { |mm| mm + (2 * self[:trim]) }
        both = self[:repeat].positive? ? [[long, wide]] : [[long, wide], [wide, long]].uniq
        both.select { |_, across| across <= self[:roll] }
      end

      # Pieces of [long, wide, mark], the longest first.
      def pieces(choice, kinds)
        all = choice.zip(kinds).flat_map { |(long, wide), (_, number, mark)| Array.new(number) { [long, wide, mark] } }
        all.sort_by { |long, wide, mark| [-long, -wide, mark] }
      end

      # Bands across the roll. Returns [[x along, y across, long, wide, mark]].
      def shelf(choice, kinds)
        bands = pieces(choice, kinds).each_with_object([]) do |(long, wide, mark), all|
          band = all.select do |one|
            one[:across] + wide <= self[:roll]
          end.min_by { |one| self[:roll] - one[:across] - wide }
          all << (band = { long: long, across: 0.0, pieces: [] }) unless band
          band[:pieces] << [band[:across], long, wide, mark]
          band[:across] += wide
        end
        x = 0.0
        bands.flat_map { |band| band[:pieces].map { |piece| [x, *piece] }.tap { x += step(band[:long]) } }
      end

      # With a pattern every band begins at a repeat.
      def step(long) = self[:repeat].positive? ? (long / self[:repeat]).ceil * self[:repeat] : long
      def length_of(placed) = placed.map { |x, _, long, _, _| x + long }.max
      def used = length_of(laid)
      def rolls = (used / (self[:metres] * 1000)).ceil
      def share = laid.sum { |_, _, long, wide, _| long * wide } / (used * self[:roll])

      def rows
        laid.map { |x, y, long, wide, mark| [mark, "#{length(long)} by #{length(wide)}", length(x), length(y)] }
      end

      def picture
        pic = Picture.new(used, self[:roll],
                          "A roll #{length(self[:roll])} wide with #{formatter.count(laid.size, 'piece')}")
        pic.rect(0, 0, used, self[:roll], "offcut")
        laid.each { |x, y, long, wide, mark| pic.rect(x, y, long, wide, "wood", mark) }
        pic
      end
    end
  end
end
