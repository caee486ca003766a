# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Felt under what stands on a floor.
      class Pads < PieceRule
        rule "Felt pads",
             on: "every piece that stands on a floor, but for what rolls on castors",
             why: "liners, pads and kits go on the finished piece"
        EACH = 4.0 # pads a piece
        WHEELS = "castor" # and a finding of them by the plural

        def applies? = brief.kind.to_s.downcase != "mirror" && !castors?
        def plan = add(:pads, zones, minutes: 3 * (alike - 1), materials: { "pads" => EACH * alike })

        private

        # What rolls wants no felt.
        def castors?
          said = look.fittings.find { |fitting| fitting.kind == WHEELS }
          said ? said.stays? : brief.findings.any? { |finding| finding.key == "castors" }
        end
      end
    end
  end
end
