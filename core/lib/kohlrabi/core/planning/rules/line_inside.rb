# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      module Rules
        # Drawers are lined while they are out.
        class LineInside < PieceRule
          rule "Line the inside",
               on: "the look lines the inside",
               why: "what is out is lined before it goes back"
          MINUTES = 8 # a square metre
          BOTTOM = 2 # half of the faces within a drawer are its bottom, near enough to buy by

          def applies? = look.inside == "liner"

          def plan
            within.each do |zone|
              add(:liner, [zone], minutes: MINUTES * zone.square_metres,
                                  materials: { "liner" => zone.square_metres / BOTTOM })
            end
          end
        end
      end
    end
  end
end
