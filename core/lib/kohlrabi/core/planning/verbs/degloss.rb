# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Grip by a liquid, without dust.
      class Degloss < Verb
        def faults = state.dirt ? [craft(:on_dirt, "it works on a clean surface: wash and rinse first")] : []
        def leave = state.keyed = true
      end
    end
  end
end
