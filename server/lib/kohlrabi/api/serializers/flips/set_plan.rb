# frozen_string_literal: true

module Api
  module Serializers
    module Flips
      # The plan of a set's pieces as one: each step once, with the pieces that it is done on.
      class SetPlan < Support::Page
        attribute(:lines) { @lines.map { |line| line(line) } }
        attribute(:together) { @formatter.effort(@together) }
        attribute(:alone) { @formatter.effort(@alone) }

        # set: Records::PieceSet.
        def initialize(set, formatter)
          super
          @lines, @together, @alone = Operations::Planning::Together.plan(set)
        end

        private

        def line(line)
          { key: line.key, label: line.label, phase: line.phase, time: @formatter.effort(line.parts.sum do |_, step|
            step.seconds
          end),
            pieces: line.parts.map do |piece, step|
              { id: piece.id, name: piece.name, state: step.state, answered: answered?(step) }
            end }
        end

        def answered?(step) = !step.try.nil? || step.key == "lead" || step.key.start_with?("decide/")
      end
    end
  end
end
