# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Washing with a cleaner: what it loosens is rinsed off.
      class Degrease < Verb
      end
    end
  end
end
