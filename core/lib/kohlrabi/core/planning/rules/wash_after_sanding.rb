# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Where the house washes after sanding; what is not sanded is washed all the same, before anything lies on it.
      class WashAfterSanding < Washing
        rule "Wash after sanding",
             on: "the workshop washes after sanding, or both times",
             why: "a clean surface that was never sanded is still dirty"

        def applies? = !left? && !fresh? && (after? || !planned?("wash"))
        def plan = after? ? wash("-after", phase: "wash_after") : wash

        private

        def after? = %w[after both].include?(practices[:washing]) && sanded?
      end
    end
  end
end
