# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Tape off again.
      class Peel < Verb
        def faults = state.taped ? [] : [impossible(:no_tape, "there is no tape on it")]
        def leave = state.taped = false
      end
    end
  end
end
