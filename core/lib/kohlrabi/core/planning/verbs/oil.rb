# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Oil into open wood; a second coat over the first.
      class Oil < Verb
        def faults = [*under_a_coat, *(state.new?(:oil) ? [] : open_wood)]
        def leave = state.lay(:oil)
      end
    end
  end
end
