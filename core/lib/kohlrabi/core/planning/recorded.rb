# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      # What was worked, taken and bought for a piece so far. It comes off what is to come of the same kind of work and the same product, ticked or
      # not, and never adds to it.
      # hours: {kind of work => seconds} that stand on no step; on_steps: {step key => seconds}; taken: {product key => amount} for no step;
      # for_steps: the same for steps; bought: Array of [words of a cost, minor units]; closed: whether it is ready or further, so that nothing is
      # to come.
      Recorded = Struct.new(:hours, :on_steps, :taken, :for_steps, :bought, :closed, keyword_init: true)

      # How it is laid over the steps of a plan.
      class Recorded
        SHORT = 3 # letters of the shortest word by which a cost names a product
        # Kinds of product that people call by the kind alone.
        CALLED = %w[paint primer stain clear oil wax filler glue stripper deglosser cleaner liner bleach].freeze

        def initialize(hours: {}, on_steps: {}, taken: {}, for_steps: {}, bought: [], closed: false) = super

        PAST = 3/2r # of its estimate: an open step that took so much is probably done
        LEAST = 900 # seconds beyond it at the least

        # Open steps that were worked on well past their estimates: somebody is asked whether they are done.
        def past(steps)
          steps.reject(&:done?).select do |step|
            worked = on_steps.fetch(step.key, 0)
            worked >= step.seconds * PAST && worked >= step.seconds + LEAST
          end
        end

        # Whether there is nothing to lay.
        def none? = !closed && [hours, on_steps, taken, for_steps, bought].all?(&:empty?)

        # steps: Array of Step in their order; products: Products. Credits each step with its seconds and amounts.
        def lay(steps, products)
          return if none?
          return steps.each { |step| step.credit(step.remaining, step.materials_left) } if closed

          lay_hours(steps)
          lay_amounts(steps, products)
        end

        private

        # Hours on a step first cover what is ticked of it, then the rest. Those of a kind cover what is ticked without hours of its own; what is
        # left over comes off the open steps of the kind, the earliest first.
        def lay_hours(steps)
          steps.each do |step|
            ticked = step.seconds - step.remaining
            step.credit([on_steps.fetch(step.key, 0) - ticked, 0].max, {})
          end
          steps.group_by(&:kind).each do |kind, some|
            spare = hours.fetch(kind, 0) - some.sum { |step| [step.seconds - step.remaining - on_steps.fetch(step.key, 0), 0].max }
            spread(some, spare)
          end
        end

        def spread(steps, spare)
          steps.each do |step|
            break unless spare.positive?

            part = [spare, step.remaining].min
            step.credit(part, {})
            spare -= part
          end
        end

        # The same of products, by what serves them; then what was bought under a product's name, by its worth.
        def lay_amounts(steps, products)
          planned = totals(steps, &:materials)
          open = totals(steps, &:materials_left)
          used = Stock.new(open, products).lines.to_h { |line| [line.row[:key], line.used] }
          paid = paid(open.keys.map { |key| products.fetch(key) })
          open.each do |key, left|
            row = products.fetch(key)
            take(steps, key, amount(taken, row, products) - [planned[key] - left - amount(for_steps, row, products), 0].max)
            take(steps, key, left.to_r * paid[key] / used[key]) if paid.key?(key) && used[key].to_i.positive?
          end
        end

        def take(steps, key, spare)
          steps.each do |step|
            break unless spare.positive?

            part = [spare, step.materials_left.fetch(key, 0)].min
            step.credit(0, { key => part }) if part.positive?
            spare -= part
          end
        end

        def totals(steps) = steps.each_with_object(Hash.new(0)) { |step, sums| yield(step).each { |key, amount| sums[key] += amount } }

        def amount(some, row, products) = some.empty? ? 0 : products.serving(row, some.keys).sum { |key| some.fetch(key, 0) }

        # {product key => minor units of the costs that name it}; a cost counts for the one that it names best.
        def paid(rows)
          bought.each_with_object(Hash.new(0)) do |(text, minor), all|
            row = rows.max_by { |one| named(text, one) }
            all[row[:key]] += minor if row && named(text, row).positive?
          end
        end

        # How many words of a cost name a product: its kind, or two of its label at the least.
        def named(text, row)
          shared = (words(row[:label]) & words(text)).size
          return shared + 1 if CALLED.include?(row[:kind]) && words(text).include?(row[:kind])

          shared >= 2 ? shared : 0
        end

        def words(text) = text.to_s.downcase.scan(/[[:alpha:]]+/).select { |word| word.size >= SHORT }.map { |word| word.delete_suffix("s") }
      end
    end
  end
end
