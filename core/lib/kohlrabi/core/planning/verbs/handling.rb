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

      # Sawing, drilling, planing, heat: what breaks a coat with what may be in it.
      class Carve < Verb
        def faults = [lead_fault].compact
      end

      # A stencil or a line over a coat.
      class Decorate < Verb
        def faults = under_a_coat
      end

      # Tape on an edge.
      class Mask < Verb
        def leave = state.taped = true
      end

      # What leaves a face as it was: a picture, a test, a trial, glue in a joint, a pad under a foot.
      class Plain < Verb
      end

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

      # A part comes off its place. Which one stands in the key of the step.
      class TakeOff < Verb
      end

      # Edges worn through: to what lies under the new coats.
      class Wear < Verb
        COATS = %i[paint primer stain wash paper clear].freeze

        def faults
          nothing = state.new?(*COATS) ? nil : impossible(:nothing_to_wear, "there is no coat to wear through yet")
          [lead_fault, nothing].compact
        end
      end
    end
  end
end
