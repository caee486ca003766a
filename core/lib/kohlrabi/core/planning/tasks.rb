# frozen_string_literal: true

module Core
  module Planning
    # Makes tasks from their words in data/planning/tasks.yml.
    module Tasks
      ROWS = Core.table("planning/tasks").freeze

      extend self

      # name: Symbol of a row; zone: Shape::Zone; words: fill the label; key: stable key, else the name; cautions:
      # beyond the row's;
      # acts: instead of the row's; rate: way of applying where the row leaves it open; repeats: times the rate; rest:
      # any field of Task. Returns Task.
      def make(name, zone, key: name.to_s, words: {}, cautions: [], rate: nil, repeats: 1, area: nil, acts: nil, **rest)
        row = ROWS.fetch(name)
        named = rate || row[:rate]
        time = named ? rated(named.to_sym, zone, area || zone.square_metres, repeats) : { fixed: row[:minutes] || 0 }
        Task.new(key: key, phase: row[:phase], kind: row[:kind], label: format(row[:label], words), zone: zone.key, done: row[:done],
                 cautions: (cautions.map(&:to_s) | (row[:cautions] || [])), acts: acts || Array(row[:act]), verb: row[:verb],
                 **row.slice(:why, :wait, :wait_why, :place, :seq), **time, **rest.compact)
      end

      private

      # {minutes:, fixed:} of a rate over an area in m² of a zone. Where the rate knows what detail takes, the zone's
      # grade isn't counted once more.
      def rated(name, zone, area, repeats)
        row = Shelf::Rates.of(name)
        a_metre = row[:detail] && !zone.broad? ? row[:detail] : row[:m2] * zone.factor
        first = ((row[:first] || row[:m2]) - row[:m2]) * zone.factor
        { minutes: (((a_metre * area) + (row[:each] || 0)) * repeats) + (first * area), fixed: row[:fixed] }
      end
    end
  end
end
