# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Tape on an edge.
      class Mask < Verb
        def leave = state.taped = true
      end
    end
  end
end
