# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Paper pasted on.
      class Hang < Verb
        def faults = under_a_coat
        def leave = state.lay(:paper)
      end
    end
  end
end
