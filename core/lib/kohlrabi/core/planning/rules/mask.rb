# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Tape, where a painted zone meets one of another finish or colour: put on when what it lies on is dry, taken
      # off while the last coat is touch dry.
      class Mask < Rule
        rule "Tape and peel",
             on: "a painted zone meets one of another finish, colour or product on the body",
             why: "tape makes the edge; hard paint tears with it",
             source: "common practice, weak"
        BOTH = %i[mask peel].freeze
        MINUTES = 1.5 # a metre of tape put on; a third of that to peel it

        def applies? = finished? && choice.finish == "paint" && neighbours.any?

        # On the zone itself, and on those it meets, since the tape lies on them.
        def plan
          metres = neighbours.sum(&:last) / 1000.0
          note = "#{zone.label}: #{Units::Measures.run(metres.ceil(1), unit: brief.unit)} of tape"
          add(:mask, key: "mask#{recoat_suffix}", minutes: MINUTES * metres, note: note)
          add(:peel, key: "peel#{recoat_suffix}", minutes: MINUTES / 3 * metres)
          neighbours.map(&:first).product(BOTH) { |other, name| on(other, name) }
        end

        private

        def on(other, name) = tasks << Tasks.make(name, other, key: "#{name}#{recoat_suffix}", fixed: 0)

        # [[zone, mm]]: each line between two paints is taped once, from the zone that comes first.
        def neighbours
          @neighbours ||= brief.zones.filter_map do |other|
            length = Boundaries.between(zone, other)
            [other, length] if length.positive? && !same?(other) && !taped_from?(other)
          end
        end

        def same?(other) = told(brief.choice(other)) == told(choice)
        def told(one) = [one.finish, one.colour, one.product]
        def taped_from?(other) = brief.choice(other).finish == "paint" && other.key < zone.key
      end
    end
  end
end
