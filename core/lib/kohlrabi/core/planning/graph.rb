# frozen_string_literal: true

module Core
  module Planning
    # The order between steps. On each zone a step needs the one before it, and its wait; phases give the order.
    class Graph
      attr_reader :steps

      # steps: Array of Step.
      def initialize(steps)
        @steps = steps.sort_by(&:position)
        @by_key = @steps.to_h { |step| [step.key, step] }
        chain
      end

      def [](key) = @by_key[key]

      # Adds a wish of the user: one step before another. Raises Refusal with the chain of reasons where that would go
      # round in a circle.
      def before(first, second, why: "you want it first")
        path = path(second, first)
        refuse(first, second, path) if path
        @by_key.fetch(second).needs << Step::Need.new(key: first, wait: @by_key.fetch(first).wait, why: why)
        @order = nil
      end

      # Steps in an order that keeps all needs: first by phase, so that it reads as people work.
      def order
        @order ||= sorted
      end

      # Whether no step needs itself, by any way.
      def acyclic? = sorted.size == steps.size

      private

      # On each zone a step waits for what is open there: the step before it, and with it those that dry side by side.
      def chain
        open = Hash.new { |all, zone| all[zone] = [] }
        @glues = steps.to_h { |step| [step.key, step.glues?] }
        steps.each do |step|
          befores = step.zones.flat_map { |zone| open[zone].map { |before| [before, zone] } }.group_by(&:first)
          befores.each { |before, pairs| need(before, step, pairs.map(&:last)) }
          beside = befores.keys.select { |before| beside?(before, step) }
          step.zones.each { |zone| open[zone] = (beside.empty? ? [] : open[zone] & beside) << step }
        end
      end

      # A step waits for the one before it on some zones, as long as the longest of them takes.
      def need(before, step, zones)
        step.needs << Step::Need.new(key: before.key, wait: zones.map { |zone|
          gap(before, step, zone)
        }.max, why: Phases.why(step.phase))
      end

      # Minutes on a zone between two steps.
      def gap(before, step, zone)
        return 0 if glued?(before, step)

        step.peels? ? before.touch_on(zone) : before.wait_on(zone)
      end

      # Whether a step goes on while the one before still dries: joints glued in one session, tape off the touch-dry
      # coat.
      def beside?(before, step) = glued?(before, step) || (step.peels? && !before.peels?)
      def glued?(before, step) = @glues.fetch(before.key) && @glues.fetch(step.key)

      # The chain of steps by which `to` waits for `from`, or nil.
      def path(from, to, seen = {})
        return [from] if from == to
        return if seen[to]

        seen[to] = true
        @by_key.fetch(to).needs.each do |need|
          way = path(from, need.key, seen)
          return [*way, to] if way
        end
        nil
      end

      def refuse(first, second, path)
        after = @by_key.fetch(path[1] || first)
        need = after.needs.find { |one| one.key == path.first }
        raise Refusal.new(:cannot_come_before, field: :before, first: @by_key[first].label, second: @by_key[second].label,
                                               why: need&.why || "it is the same step", later: after.label, earlier: @by_key[path.first].label)
      end

      # Kahn's algorithm, the earliest position first.
      def sorted
        counts = steps.to_h { |step| [step.key, step.needs.map(&:key).uniq.size] }
        after = followers
        places = steps.each_with_index.to_h { |step, place| [step.key, place] }
        open = steps.select { |step| counts[step.key].zero? }
        result = []
        while (step = open.min_by { |one| places.fetch(one.key) })
          open.delete(step)
          result << step
          open.concat(after[step.key].select { |other| (counts[other.key] -= 1).zero? })
        end
        result
      end

      # {key => steps that need it}.
      def followers
        steps.each_with_object(Hash.new { |hash, key| hash[key] = [] }) do |step, all|
          step.needs.map(&:key).uniq.each { |key| all[key] << step }
        end
      end
    end
  end
end
