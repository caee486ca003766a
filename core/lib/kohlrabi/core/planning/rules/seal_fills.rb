# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Fills that no primer covers are sealed by themselves, after the last sanding.
      class SealFills < Rule
        rule "Seal the fills",
             on: "a filled zone is painted without a primer",
             why: "bare filler drinks paint and shows as a dull spot"

        def applies? = finished? && primer.nil? && family == "opaque" && filled?

        def plan
          row = blocking
          add(:spot_seal, of: row, key: "spot-seal#{recoat_suffix}", materials: { row[:key] => 10 },
                          wait: row[:recoat])
        end
      end
    end
  end
end
