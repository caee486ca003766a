# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Wax over anything clean and dry, itself too.
      class Wax < Verb
        def faults = state.dirt ? [craft(:on_dirt, "it goes on dirt: wash and rinse first")] : []
        def leave = state.lay(:wax)
      end
    end
  end
end
