# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Sealing fills by themselves.
      class Seal < Verb
        def faults = state.fill == :raw ? [craft(:raw_fill, "the filler is not levelled yet: sand it flat first")] : []
        def leave = state.fill && state.fill = :sealed
      end
    end
  end
end
