# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Doors come off with their hinges.
      class DoorsOff < TakeOff
        rule "Doors off",
             on: "a door or what stands round it gets more than cleaning",
             why: "parts that are off are reached better and do not stick"

        def plan = take_off(:doors_off, :doors_on, seen: doors, list: doors, count: brief.doors, take: 3, put: 5)
      end
    end
  end
end
