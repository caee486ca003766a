# frozen_string_literal: true

module Core
  module Planning
    module Rules
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
