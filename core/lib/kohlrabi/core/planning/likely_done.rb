# frozen_string_literal: true

module Core
  module Planning
    # Which open steps were probably done in hours that were recorded without a step, to be confirmed by the person
    # (common practice, no source): steps of that kind of work in the order of the plan, as far as the hours reach. Each
    # counts where at least half of its estimate fits in, with what it still needs from other kinds; the first one
    # brings all that it needs, as it can't have been done without.
    module LikelyDone
      AFTER = 3 # open steps offered beyond the last likely one

      extend self

      # plan: Plan; hours: {kind of work => seconds}. Returns Array of [Step, whether it is likely] in the order of the
      # plan.
      def of(plan, hours)
        open = plan.steps.select { |step| offered?(step) }
        likely = hours.reduce([]) { |found, (kind, seconds)| found | reached(plan, open, kind, seconds) }
        last = open.rindex { |step| likely.include?(step) || hours.key?(step.kind) }
        return [] unless last

        open.take(last + 1 + AFTER).map { |step| [step, likely.include?(step)] }
      end

      # Whether a person can say of a step that it is done: not of one that ends with an answer.
      def offered?(step) = step.open? && step.try.nil? && step.key != "lead" && !step.key.start_with?("decide/")

      private

      # As many open steps of a kind as the seconds reach, with the open steps that they need.
      def reached(plan, open, kind, seconds)
        open.select { |step| step.kind == kind }.each_with_object([]) do |step, found|
          needed = (before(plan, step) & open) - found
          cost = found.empty? ? step.remaining : [step, *needed].sum(&:remaining)
          return found unless seconds.positive? && seconds * 2 >= cost

          seconds -= cost
          found.push(*needed, step)
        end
      end

      # All steps that a step needs, directly or not.
      def before(plan, step, seen = {})
        step.needs.each do |need|
          earlier = seen.key?(need.key) ? nil : plan.step(need.key)
          next unless earlier

          seen[need.key] = earlier
          before(plan, earlier, seen)
        end
        seen.values
      end
    end
  end
end
