# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Washed before anything else is done to it, unless this workshop washes after sanding.
      class WashFirst < Washing
        rule "Wash and rinse",
             on: "every zone; what is filthy first of all, whatever the house does else",
             why: "sanding presses dirt in and clogs the paper; soap left behind stops paint sticking"

        def applies? = planned?("vacuum") && (before? || left?)
        def plan = before? ? wash : wash("-after", phase: "wash_after")

        private

        def before? = practices[:washing] != "after" || filthy? || covered?
      end
    end
  end
end
