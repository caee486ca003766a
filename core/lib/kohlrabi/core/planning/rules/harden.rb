# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # After the last coat the zone must be hard enough to handle.
      class Harden < Rule
        rule "Until it may be handled",
             on: "the last coat of a zone",
             why: "parts go back after they may be handled",
             source: "by the product's label"

        def applies? = finished? && !last.nil? && Phases.place(last.phase) >= Phases.place("prime")

        def plan
          handle = products.fetch(last.materials.keys.first)[:handle]
          return unless handle && handle > last.wait

          last.wait = handle
          last.wait_why = "before it is handled or refitted"
        end

        private

        def last
          @last ||= tasks.select do |task|
            task.materials.any? && !task.try
          end.max_by { |task| [Phases.place(task.phase), task.seq] }
        end
      end
    end
  end
end
