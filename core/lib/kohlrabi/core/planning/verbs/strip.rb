# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Stripper: it takes the finish off and leaves itself in the grain.
      class Strip < Verb
        def faults = [lead_fault].compact

        def leave
          state.stripped!
          state.dirt = true # what is left of the stripper
        end
      end
    end
  end
end
