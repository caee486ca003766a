# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Loose shelves come out.
      class ShelvesOut < TakeOff
        rule "Shelves out",
             on: "a shelf or what stands round it gets more than cleaning",
             why: "parts that are off are reached better and do not stick"

        def plan
          take_off(:shelves_out, :shelves_in, seen: shelves, list: shelves, count: shelves.size, take: 3, put: 2)
        end
      end
    end
  end
end
