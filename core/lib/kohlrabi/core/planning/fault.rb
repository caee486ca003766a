# frozen_string_literal: true

module Core
  module Planning
    # What does not hold in a plan. level: :danger, :impossible, or :craft (against the order of the craft: a warning
    # that a person may pass over as their own way); code; step: Step, nil at the end of the plan; zones: keys; text:
    # why, and the better way.
    Fault = Struct.new(:level, :code, :step, :zones, :text, keyword_init: true) do
      # Whether nobody may pass over it.
      def refused? = level != :craft
    end
  end
end
