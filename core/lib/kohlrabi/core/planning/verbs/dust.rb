# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Vacuuming and tacking off.
      class Dust < Verb
        def leave = state.dusty = false
      end
    end
  end
end
