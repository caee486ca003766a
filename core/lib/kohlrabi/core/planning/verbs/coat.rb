# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # A coat of paint.
      class Coat < Verb
        def faults = [*under_a_coat, *no_grip, fills].compact
        def leave = state.lay(:paint, colour)

        private

        # Chalk-style paint holds on what it is brushed on, as it says itself.
        def no_grip
          return [] if state.keyed || product&.dig(:chalk)

          [craft(:no_grip, "it slides on a glossy finish: scuff it until it is dull all over")]
        end

        def fills
          return if state.fill.nil? || state.fill == :sealed || state.new?(:primer, :paint)

          craft(:open_fill, "a fill that is not sealed shows through it as a dull spot: level and spot-seal it first")
        end
      end
    end
  end
end
