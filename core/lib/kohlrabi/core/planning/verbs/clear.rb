# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # A clear coat, tinted or not.
      class Clear < Verb
        def faults
          unless state.keyed
            slides = craft(:no_grip,
                           "it slides on a glossy finish: scuff it until it is dull all over")
          end
          [*under_a_coat, slides].compact
        end

        def leave = state.lay(:clear)
      end
    end
  end
end
