# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # New wood glued over a face: it holds on what is clean and dull, and is the face from then on.
      class Apply < Verb
        def faults
          [(craft(:on_dirt, "glue does not hold on dirt: wash and rinse first") if state.dirt),
           (craft(:on_wax, "glue does not hold on wax, oil or polish: take it off first") if state.wax),
           (unless state.keyed
              craft(:no_grip,
                    "glue does not hold on a glossy finish: scuff it until it is dull all over")
            end)].compact
        end

        def leave
          state.coats = []
          state.fill = nil
          state.keyed = true
          state.dirt = state.dusty = state.wax = state.veneer = state.bleached = false
        end
      end
    end
  end
end
