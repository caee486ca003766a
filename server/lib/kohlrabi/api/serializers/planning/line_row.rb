# frozen_string_literal: true

module Api
  module Serializers
    module Planning
      # A line of a plan: steps that are read, and written down afterwards, as one.
      class LineRow < Support::Page
        shows :where, :materials
        attributes :key, :title, :label, :state
        attribute(:steps) { |line| line.steps.map(&:key) }
        said :effort, :time, from: :seconds
        said :effort, :remaining
        attribute(:rests_on) { |line| Core::Planning::Basis.of(line.steps, @known) }
        attribute(:wait) { |line| @formatter.wait(line.wait) if line.wait.positive? }

        # line: Core::Planning::Lines::Line; plan: Core::Planning::Plan; known: {kind of work => [factor, n]}.
        def initialize(line, plan, formatter, known:)
          super(line, formatter)
          @plan = plan
          @known = known
        end

        private

        def where
          repeats = Core::Planning::Repeats
          Core::Planning::ZoneWords.list(object.zones.map do |key|
            repeats.base(key)
          end.uniq, repeats.single(@plan.brief.zones))
        end

        def materials
          object.materials.map do |key, amount|
            row = @plan.brief.products.fetch(key)
            "#{@formatter.amount(amount, row)} #{row[:label]}"
          end
        end
      end
    end
  end
end
