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

      # What can tip over gets a kit.
      class TipKit < PieceRule
        rule "Anti-tip kit",
             on: "a piece that can tip over, by its form and measures",
             why: "a tall case tips when drawers are open",
             source: "ASTM F2057 (from memory); common practice"

        def applies? = brief.tips
        def plan = add(:tip_kit, zones, materials: { "tip_kit" => 1.0 * alike })
      end

      # A lid is looked at where nothing was found of it.
      class LookAtLid < PieceRule
        rule "Look at the lid",
             on: "a chest with a lid of which nothing was noted",
             why: "self-latching lids trap children, falling ones break fingers",
             source: "usual cautions"
        FOUND = %w[lid_latch lid_no_stay].freeze

        def applies?
          Cautions::LIDDED.include?(brief.kind.to_s.downcase) && !brief.findings.map(&:key).intersect?(FOUND)
        end

        def plan = add(:lid_check, zones)
      end

      # The picture after.
      class Picture < PieceRule
        rule "Show it",
             on: "every piece",
             why: "the picture after is of the finished piece"

        def plan = add(:picture, zones)
      end
    end
  end
end
