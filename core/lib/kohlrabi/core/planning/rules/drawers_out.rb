# frozen_string_literal: true

module Core
  module Planning
    module Rules
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
    end
  end
end
