# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Edges worn through: to what lies under the new coats.
      class Wear < Verb
        COATS = %i[paint primer stain wash paper clear].freeze

        def faults
          nothing = state.new?(*COATS) ? nil : impossible(:nothing_to_wear, "there is no coat to wear through yet")
          [lead_fault, nothing].compact
        end
      end
    end
  end
end
