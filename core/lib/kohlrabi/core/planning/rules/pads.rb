# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      module Rules
        # Felt under what stands on a floor.
        class Pads < PieceRule
          rule "Felt pads",
               on: "every piece that stands on a floor",
               why: "liners, pads and kits go on the finished piece"
          EACH = 4.0 # pads a piece

          def applies? = brief.kind.to_s.downcase != "mirror"
          def plan = add(:pads, zones, minutes: 3 * (alike - 1), materials: { "pads" => EACH * alike })
        end
      end
    end
  end
end
