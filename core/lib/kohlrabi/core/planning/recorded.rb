# frozen_string_literal: true

module Core
  module Planning
    # What was worked, used and bought for a piece so far, and how it changes the work left and the money still to
    # spend.
    #
    # Work left of a step: nothing once it is ticked. Until then its estimate, less the hours recorded on that very
    # step, but at least a quarter of the estimate. Hours that belong to no step never reduce a step: the person says
    # which steps they finished.
    # Money still to spend: what was bought for a product leaves nothing to buy of it, where the person said that a cost
    # covers it.
    # on_steps: {step key => seconds}; taken: {product key => amount} used for no step; for_steps: the same, used for
    # steps;
    # bought: Array of product keys that a recorded cost covers; closed: whether the piece is ready or further;
    # touch_ups: Array of ids of findings noted after that, which the person wants touched up.
    Recorded = Struct.new(:on_steps, :taken, :for_steps, :bought, :closed, :touch_ups, keyword_init: true)

    # Applies it to the steps of a plan.
    class Recorded
      LEAST_LEFT = 1/4r # of the estimate of a step that is not ticked, however long it took so far (common practice, no source)
      PAST = 3/2r # of its estimate: an open step that took so much is probably done
      LEAST = 900 # seconds beyond it at the least

      def initialize(on_steps: {}, taken: {}, for_steps: {}, bought: [], closed: false, touch_ups: []) = super

      # Open steps that were worked on well past their estimates: the person is asked whether they are done.
      def past(steps)
        steps.select(&:open?).select do |step|
          worked = on_steps.fetch(step.key, 0)
          worked >= step.seconds * PAST && worked >= step.seconds + LEAST
        end
      end

      # Whether a step may still be done: always while the piece is in work; once it is ready, only those of touch-ups.
      # A step that is in part done counts as done then.
      def open?(step) = !closed || touch_ups.include?(step.finding)

      # steps: Array of Step in their order; products: Products.
      def apply(steps, products)
        steps.each { |step| open?(step) ? step.worked(on_steps.fetch(step.key, 0)) : step.drop }
        apply_amounts(steps.reject(&:dropped?), products)
      end

      private

      # What was used without a step comes off the open steps, the earliest first; what was bought leaves nothing to
      # buy.
      def apply_amounts(steps, products)
        return if [taken, bought].all?(&:empty?)

        planned = totals(steps, &:materials)
        totals(steps, &:materials_left).each do |key, left|
          row = products.fetch(key)
          next take(steps, key, left) if products.serving(row, bought).intersect?(bought)

          take(steps, key,
               amount(taken, row, products) - [planned[key] - left - amount(for_steps, row, products), 0].max)
        end
      end

      def take(steps, key, spare)
        steps.each do |step|
          break unless spare.positive?

          part = [spare, step.materials_left.fetch(key, 0)].min
          step.credit(key => part) if part.positive?
          spare -= part
        end
      end

      def totals(steps)
        steps.each_with_object(Hash.new(0)) { |step, sums| yield(step).each { |key, amount| sums[key] += amount } }
      end

      def amount(some, row, products)
        some.empty? ? 0 : products.serving(row, some.keys).sum { |key| some.fetch(key, 0) }
      end
    end
  end
end
