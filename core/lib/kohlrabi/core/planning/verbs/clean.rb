# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Water over all of it: rinsing after a wash or stripper, or after what works on in the wood.
      class Clean < Verb
        def leave
          state.dirt = false
          state.dusty = false
          state.chemical = nil
        end
      end
    end
  end
end
