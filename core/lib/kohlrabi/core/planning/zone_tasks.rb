# frozen_string_literal: true

module Core
  module Planning
    # All the tasks of a zone.
    module ZoneTasks
      extend self

      # By the brief's choice; an undecided zone by what all its options share. Returns Array of Task.
      def of(zone, brief)
        choice = brief.choice(zone)
        choice.finish == "undecided" ? Undecided.new(zone, brief, choice).tasks : under(zone, brief, choice)
      end

      # Under a choice that is made.
      def under(zone, brief, choice) = ZonePlan.new(zone, brief, choice).plan
    end
  end
end
