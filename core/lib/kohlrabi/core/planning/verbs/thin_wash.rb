# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Paint thinned to a wash on open wood.
      class ThinWash < Verb
        def faults = [*under_a_coat, *open_wood]
        def leave = state.lay(:wash, colour)
      end
    end
  end
end
