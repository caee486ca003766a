# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # What hangs or runs in a frame comes off when either is worked on, and goes back when both may be handled.
      class TakeOff < PieceRule
        # off, back: tasks; seen: zones whose work asks for it; list: what comes off; count: how many; take, put:
        # minutes each.
        def take_off(off, back, seen:, list:, count:, take:, put:)
          return if seen.empty? || !touched?(seen + frame)

          add(off, list, minutes: take * count)
          add(back, list | touched(frame) | undecided(frame), minutes: put * count, seq: 1)
        end
      end

      # The picture before, and numbers on all parts.
      class Record < PieceRule
        rule "Record and number",
             on: "every piece",
             why: "the state before and the places of the parts cannot be had afterwards"

        def plan = add(:record, zones)
      end

      # Drawers are painted outside the carcass, or taped round in place where the workshop does so.
      class DrawersOut < TakeOff
        rule "Drawers out, or masked in place",
             on: "a front or what stands round it gets more than cleaning",
             why: "clean edges, nothing sticks; what is masked in place is unmasked and run once"
        TAPE = 3 # minutes to mask a front in place

        def plan
          unless in_place?
            return take_off(:drawers_out, :drawers_in, seen: fronts, list: drawers, count: fronts.size, take: 1,
                                                       put: 1)
          end
          return unless touched?(fronts + frame)

          add(:drawers_mask, fronts, minutes: TAPE * fronts.size)
          add(:drawers_unmask, fronts, minutes: fronts.size)
        end

        private

        def in_place? = practices[:drawers] == "place"
      end

      # Doors come off with their hinges.
      class DoorsOff < TakeOff
        rule "Doors off",
             on: "a door or what stands round it gets more than cleaning",
             why: "parts that are off are reached better and do not stick"

        def plan = take_off(:doors_off, :doors_on, seen: doors, list: doors, count: brief.doors, take: 3, put: 5)
      end

      # Loose shelves come out.
      class ShelvesOut < TakeOff
        rule "Shelves out",
             on: "a shelf or what stands round it gets more than cleaning",
             why: "parts that are off are reached better and do not stick"

        def plan
          take_off(:shelves_out, :shelves_in, seen: shelves, list: shelves, count: shelves.size, take: 1, put: 1)
        end
      end

      # Pulls come off before anything is done to what they are on.
      class PullsOff < PieceRule
        rule "Pulls off",
             on: "fronts or doors get more than cleaning, or the pulls do",
             why: "pulls painted round always show it"

        def applies? = pulls_off?
        def plan = add(:hardware_off, pulled + [WholePiece::HARDWARE], minutes: pulls)
      end

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

        def same?(other) = finishing(brief.choice(other)) == finishing(choice)
        def finishing(one) = [one.finish, one.colour, one.product]
        def taped_from?(other) = brief.choice(other).finish == "paint" && other.key < zone.key
      end

      # An old finish that may hold lead and must come off is not work for this workshop.
      class HandToAFirm < Rule
        rule "Old finish off by a certified firm",
             on: "lead is there or not ruled out, and the old finish must come off",
             why: "breaking it sets lead free",
             source: "usual cautions; local rules decide"

        def applies? = !left? && surface.sealed_in? && strips?
        def plan = add(:lead_safe, key: "lead-safe", outside: true)
      end
    end
  end
end
