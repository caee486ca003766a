# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Stain in open wood.
      class Stain < Verb
        def faults = [*under_a_coat, *open_wood]
        def leave = state.lay(:stain, colour)
      end
    end
  end
end
