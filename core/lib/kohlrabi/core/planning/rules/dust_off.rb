# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Dust of sanding and filling comes off before anything lies on it.
      class DustOff < Rule
        rule "Dust off",
             on: "a zone was sanded, filled, or sealed in",
             why: "dust under a coat stays in it"

        def applies?
          return sealed_inside? && (treated?("sand", "level") || filled?) if left?

          sanded? || surface.sealed_in? || filled? || treated?("sand", "level")
        end

        def plan = add(:dust, key: "dust#{recoat_suffix}")
      end
    end
  end
end
