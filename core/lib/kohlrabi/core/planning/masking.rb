# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      # Tape, where a painted zone meets one of another finish or colour on the body: put on when what it lies on is dry, taken off while the last
      # coat is touch dry (order of craft; common practice, no source).
      class Masking < ZoneJob
        MINUTES = 1.5 # a metre of tape put on; a third of that to peel it (common practice, weak)

        # Array of Task: on the zone itself, and on those it meets, since the tape lies on them.
        def build
          return [] if metres.zero?

          note = "#{zone.label}: #{Units::Measures.run(metres.ceil(1), unit: brief.unit)} of tape"
          add(:mask, key: "mask#{recoat_suffix}", minutes: MINUTES * metres, note: note)
          add(:peel, key: "peel#{recoat_suffix}", minutes: MINUTES / 3 * metres)
          tasks + neighbours.flat_map { |other, _| [on(other, :mask), on(other, :peel)] }
        end

        # Metres of edge on this zone.
        def metres = @metres ||= neighbours.sum(&:last) / 1000.0

        private

        # The tape lies on the zone beside it too.
        def on(other, name) = Tasks.make(name, other, key: "#{name}#{recoat_suffix}", fixed: 0)

        # [[zone, mm]]: each line between two paints is taped once, from the zone that comes first.
        def neighbours
          @neighbours ||= choice.finish == "paint" ? found : []
        end

        def found
          brief.zones.filter_map do |other|
            next if other.key == zone.key || same?(other) || (brief.choice(other).finish == "paint" && other.key < zone.key)

            length = Boundaries.between(zone, other)
            [other, length] if length.positive?
          end
        end

        def same?(other) = brief.choice(other).to_h.values_at(:finish, :colour, :product) == [choice.finish, choice.colour, choice.product]
      end
    end
  end
end
