# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      module Verbs
        # A part goes back to its place.
        class PutBack < Verb
          BACK = { "drawers-in" => "drawers-out", "doors-on" => "doors-off", "shelves-in" => "shelves-out", "hardware-on" => "hardware-off" }.freeze

          def faults
            off = BACK[task.key]
            off && !past.include?(off) ? [impossible(:never_off, "it was never taken off")] : []
          end
        end
      end
    end
  end
end
