# frozen_string_literal: true

module Core
  module Planning
    # A zone whose finish is still in question: planned as far as all its options go together, then a gate with the last
    # moment to decide.
    class Undecided
      USUAL = %w[paint clear leave].freeze

      def initialize(zone, brief, choice)
        @zone = zone
        @brief = brief
        @options = choice.options&.any? ? choice.options : USUAL
        @ways = @options.to_h do |finish|
          [finish, ZoneTasks.under(zone, brief, Choice.new(**choice.to_h, finish: finish))]
        end
      end

      # The tasks that all options share, up to the first that they do not, and the gate.
      def tasks
        gate = apart.map { |task| place(task) }.min
        shared = common.select { |task| gate.nil? || (place(task) <=> gate).negative? }
        [*shared, decide(gate)]
      end

      private

      def place(task) = [Phases.place(task.phase), task.seq]

      def common
        @ways.values.first.select { |task| @ways.values.all? { |way| way.any? { |other| other.key == task.key } } }
      end

      def apart
        keys = common.map(&:key)
        @ways.values.flatten.reject { |task| keys.include?(task.key) }
      end

      def decide(gate)
        phase = gate ? Phases::ALL[gate.first][:key] : "dust"
        costs = @ways.map { |finish, way| "#{Finishes.label(finish)} #{minutes(way)}" }.join(", ")
        Task.new(key: "decide/#{Repeats.base(@zone.key)}", phase: phase, seq: (gate&.last || 0) - 1000, kind: "other", zone: @zone.key,
                 done: "a finish is chosen", label: "Choose a finish for “#{Repeats.single([@zone]).first.label}”",
                 why: "the next steps depend on it. In total: #{costs}")
      end

      def minutes(way) = Units::Effort.text((way.sum { |task| task.minutes + task.fixed } * 60).round)
    end
  end
end
