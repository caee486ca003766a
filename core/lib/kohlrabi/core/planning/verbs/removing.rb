# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Water over all of it: rinsing after a wash or stripper, or after what works on in the wood.
      class Clean < Verb
        def leave
          state.dirt = false
          state.dusty = false
          state.chemical = nil
        end
      end

      # Washing with a cleaner: what it loosens is rinsed off.
      class Degrease < Verb
      end

      # Grip by a liquid, without dust.
      class Degloss < Verb
        def faults = state.dirt ? [craft(:on_dirt, "it works on a clean surface: wash and rinse first")] : []
        def leave = state.keyed = true
      end

      # Wax, oil and polish off with spirits.
      class Dewax < Verb
        def leave = state.wax = false
      end

      # Vacuuming and tacking off.
      class Dust < Verb
        def leave = state.dusty = false
      end

      # Tape off again.
      class Peel < Verb
        def faults = state.taped ? [] : [impossible(:no_tape, "there is no tape on it")]
        def leave = state.taped = false
      end

      # Scraping an old finish off, dry.
      class Scrape < Verb
        def faults = [lead_fault].compact

        def leave
          state.stripped!
          state.keyed = false # ridges and remains: it is sanded before a coat
        end
      end

      # Scuffing, sanding to the wood, levelling, sanding between coats.
      class Sand < Verb
        VENEER = 120 # the coarsest grit that veneer bears (common practice)
        DUSTY = %w[sand level relevel].freeze
        COAT = 150 # the coarsest that a new coat bears (common practice)

        def faults = [lead_fault, pressed_in, too_coarse].compact

        def leave
          state.stripped! if to_wood?
          state.keyed = true
          state.dusty = true if DUSTY.include?(task.phase) && !task.wet # between coats it is dusted off in one go
          state.fill = :level if state.fill == :sealed || (state.fill && levels?)
        end

        private

        # Scuffing passes over a fill; what is sanded flat is flat.
        def levels? = task.phase.end_with?("level") || task.grits.size > 1
        def to_wood? = task.acts.include?("sand_bare")
        def coarsest = task.grits.min

        # The dust of one's own coats is not what lay there before.
        def lead_fault = state.coats.last&.old == false && !to_wood? ? nil : super

        def pressed_in
          spot = task.phase.end_with?("level") # not the face
          if state.dirt && !later? && !spot
            return craft(:sanded_dirt,
                         "sanding presses dirt into it and clogs the paper: wash first")
          end

          craft(:sanded_wax, "wax clogs the paper: take it off first") if state.wax
        end

        # Whether the house washes after sanding.
        def later? = brief.practices[:washing] == "after"

        def too_coarse
          return unless coarsest
          if state.veneer && coarsest < VENEER
            return craft(:through_veneer,
                         "#{coarsest} grit sands through veneer: use #{VENEER} grit or finer")
          end

          return unless coarsest < COAT && state.top && !state.top.old

          craft(:through_coat,
                "#{coarsest} grit sands through a new coat: use 220 grit or finer")
        end
      end

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
