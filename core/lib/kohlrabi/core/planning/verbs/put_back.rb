# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # A part goes back to its place.
      class PutBack < Verb
        BACK = { "drawers-in" => "drawers-out", "doors-on" => "doors-off", "shelves-in" => "shelves-out",
                 "hardware-on" => "hardware-off" }.freeze

        # Key of the step that took off what a step puts back; nil where it puts nothing back.
        def self.off(key)
          BACK[key] || (key.sub("fitting-back/", "fitting-off/") if key.start_with?("fitting-back/"))
        end

        def faults
          off = PutBack.off(task.key)
          off && !past.include?(off) ? [impossible(:never_off, "it was never taken off")] : []
        end
      end
    end
  end
end
