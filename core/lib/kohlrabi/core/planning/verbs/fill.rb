# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Filling: holds on what is clean.
      class Fill < Verb
        def faults = state.wax ? [craft(:on_wax, "filler does not hold on wax: take it off first")] : []
        def leave = state.fill = :raw
      end
    end
  end
end
