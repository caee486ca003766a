# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # A stencil or a line over a coat.
      class Decorate < Verb
        def faults = under_a_coat
      end
    end
  end
end
