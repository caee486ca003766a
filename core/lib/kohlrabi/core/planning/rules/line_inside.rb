# frozen_string_literal: true

module Core
  module Planning
    module Rules
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
    end
  end
end
