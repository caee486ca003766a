# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Wax, oil and polish off with spirits.
      class Dewax < Verb
        def leave = state.wax = false
      end
    end
  end
end
