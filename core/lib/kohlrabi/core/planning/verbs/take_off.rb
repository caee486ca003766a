# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # A part comes off its place. Which one stands in the key of the step.
      class TakeOff < Verb
      end
    end
  end
end
