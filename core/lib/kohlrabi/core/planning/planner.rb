# frozen_string_literal: true

module Core
  module Planning
    # Makes the plan of a piece from a brief: findings, look, products and house rules become ordered steps.
    class Planner
      EACH = %w[record lead dress show].freeze # phases that each piece takes for itself, whatever else is on the bench

      # brief: Brief; strict: whether a wish for an order that cannot be is refused, or passed over and said to be lost.
      def initialize(brief, strict: false)
        @brief = brief
        @strict = strict
      end

      # Returns Plan. Raises Refusal only where it is strict.
      def plan
        graph = Graph.new(Edits.apply(steps, @brief.edits))
        lost = Edits.order(graph, @brief.edits, strict: @strict)
        (@brief.recorded || Recorded.new).apply(graph.order, @brief.products)
        graph.steps.each do |step|
          step.needs.reject! { |need| graph[need.key].dropped? } # nobody waits for what won't be done
          step.remembered = @brief.experiences.select { |one| recalls?(one, step) }
        end
        Plan.new(@brief, graph, lost_edits: lost)
      end

      private

      # Tasks of one key become one step.
      def steps
        tasks.group_by(&:key).map do |key, all|
          Step.new(key, all, factor: @brief.factor(all.first.kind), marks: @brief.laid_marks,
                             pieces: together(key, all.first.phase))
        end
      end

      # On how many pieces a step is done in one go.
      def together(key, phase) = EACH.include?(phase) ? 1 : @brief.together.count { |keys| keys.include?(key) } + 1

      def tasks
        made = @brief.zones.flat_map { |zone| ZoneTasks.of(zone, @brief) }
        made += LateMends.new(@brief, families,
                              made).build + FindingTasks.new(@brief,
                                                             families).build + WholePiece.new(@brief, touched).plan
        made += Edits.tasks(@brief.edits, made)
        Dangers.settle(made, @brief)
        made + lead_test(made)
      end

      def families = @families ||= @brief.zones.to_h { |zone| [zone.key, Finishes.family(@brief.choice(zone).finish)] }
      def touched = @brief.zones.map(&:key).reject { |key| families[key] == "none" }

      # Whether an experience was made with a product of the step, on such a surface, with such a tool.
      def recalls?(experience, step)
        step.materials.keys.any? do |key|
          Shelf::Products.product(key) == experience.product
        end && (experience.tool.nil? || step.ways.include?(experience.tool)) &&
          (experience.surface.nil? || step.zones.any? { |key| surfaces[key] == experience.surface })
      end

      def surfaces = @surfaces ||= @brief.zones.to_h { |zone| [zone.key, @brief.surface(zone).coating.to_s] }

      # Before anything breaks an old finish of unknown age. Answered, or made after the limit, it falls away.
      def lead_test(tasks)
        keys = tasks.select(&:breaks).map(&:zone).uniq
        return [] if keys.empty? || @brief.lead || @brief.after_limit

        kit = { @brief.products.fetch("lead_kit")[:key] => 2.0 }
        zones = @brief.zones.select { |zone| keys.include?(zone.key) }
        zones.map { |zone| Tasks.make(:lead, zone, materials: zone == zones.first ? kit : {}) }
      end
    end
  end
end
