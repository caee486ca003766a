# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # A primer under paint.
      class Prime < Verb
        def faults
          raw = craft(:raw_fill, "the filler is not levelled yet: sand it flat first") if state.fill == :raw
          [*under_a_coat, raw, slides].compact
        end

        def leave
          state.fill &&= :sealed
          state.lay(:primer, colour)
        end

        private

        def slides
          return if state.keyed || product&.dig(:grips)

          craft(:no_grip,
                "it slides on a slick or glossy finish: scuff it, or take a bonding primer")
        end
      end
    end
  end
end
