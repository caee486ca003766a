# frozen_string_literal: true

module Core
  module Planning
    # What an estimate rests on, in words: the usual rates, own finished pieces, or what somebody typed.
    module Basis
      USUAL = "usual"

      extend self

      # steps: Array of Step; known: {kind of work => [factor, n]} as Learning gives it.
      def of(steps, known)
        words = steps.map { |step| one(step, known) }.uniq
        return words.first if words.one?

        words.include?(USUAL) ? "partly your own" : "your own"
      end

      private

      def one(step, known)
        return "your own time" if step.seconds_override

        number = known[step.kind]&.last
        number ? "learned from #{number} of your own" : USUAL
      end
    end
  end
end
