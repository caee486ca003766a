# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Mist of the sprayer finds every opening: an inside that gets no coat is closed with paper and tape.
      class ShieldInside < PieceRule
        rule "Close the inside against mist",
             on: "paint is sprayed on a piece whose inside gets none",
             why: "mist settles where nobody wants it, and does not come out of bare wood"
        UNCOATED = %w[leave undecided wax oil].freeze

        def applies? = open.any? && sprayed.any?

        # The paper stays until the last sprayed coat is touch dry, on whichever zone that is.
        def plan
          add(:shield, open)
          add(:unshield, open)
          add(:unshield, sprayed, verb: "plain")
        end

        private

        # Drawers stand apart, their fronts up.
        def open
          return [] if look.inside == "sealed"

          within.select { |zone| zone.role != "drawers" && UNCOATED.include?(brief.choice(zone).finish) }
        end

        def sprayed = zones.select { |zone| brief.choice(zone).finish == "paint" && ZonePlan.new(zone, brief).sprayed? }
      end

      # The inside is sealed with the primer that holds back what is in it.
      class SealInside < PieceRule
        rule "Seal the inside",
             on: "the look seals the inside",
             why: "smell and stains stay in"
        SEALED = %w[leave paint paper].freeze # finishes of an inside that may lie on a sealer
        MINUTES = 10 # a square metre

        def applies? = look.inside == "sealed"

        # What is seen inside and has a finish of its own that wants open wood is not sealed under it.
        def plan
          within.select do |zone|
            SEALED.include?(brief.choice(zone).finish)
          end.each { |zone| seal(zone, ZonePlan.new(zone, brief).holding_back) }
        end

        private

        def seal(zone, row)
          add(:seal_inside, [zone], words: { with: row[:label] },
                                    minutes: MINUTES * zone.square_metres * zone.factor, wait: row[:handle],
                                    cautions: row[:cautions],
                                    materials: { row[:key] => Shelf::Rates.millilitres(zone.square_metres,
                                                                                       rate: row[:rate]) })
        end
      end

      # Drawers are lined while they are out.
      class LineInside < PieceRule
        rule "Line the inside",
             on: "the look lines the inside, all of it or some drawers",
             why: "what is out is lined before it goes back"
        EACH = 5 # minutes a drawer: measured, cut, laid (common practice, weak)
        MINUTES = 8 # a square metre of what is no drawer
        BOTTOM = 2 # half of the faces within a drawer are its bottom, near enough to buy by

        def applies? = look.inside == "liner"

        def plan
          drawers, rest = within.partition { |zone| zone.role == "drawers" }
          drawers.each { |zone| line_drawers(zone) }
          return if look.lined

          rest.each { |zone| line(zone, MINUTES * zone.square_metres, 1) }
        end

        private

        def line_drawers(zone)
          all = drawers_of(zone)
          number = [look.lined || all, all].min
          line(zone, EACH * number, Rational(number, all)) if number.positive?
        end

        # share: of the zone that is lined.
        def line(zone, minutes, share)
          add(:liner, [zone], minutes: minutes, materials: { "liner" => zone.square_metres / BOTTOM * share.to_f })
        end

        # How many there are in the piece, or in the one of several alike.
        def drawers_of(zone)
          fronts = brief.zones_of("fronts").select do |front|
            front.role == "front" && front.key[/@.*/] == zone.key[/@.*/]
          end
          [fronts.size, 1].max
        end
      end

      # Runners are waxed while the drawers are out.
      class WaxRunners < PieceRule
        rule "Wax the runners",
             on: "every piece with drawers",
             why: "a coat of paint makes a drawer stick more"

        def applies? = fronts.any?
        def plan = add(:wax_runners, drawers, minutes: fronts.size)
      end
    end
  end
end
