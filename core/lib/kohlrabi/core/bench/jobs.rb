# frozen_string_literal: true

module Core
  module Bench
    # The open steps of a plan as jobs for the scheduler.
    class Jobs
      DIVISIBLE = %w[sanding cleaning].freeze # kinds of work that may be broken off anywhere (common practice, no source)
      COATS = %w[prime colour coat clear wax].freeze # phases that lay something on: like by product, and the climate decides

      # What has happened on the bench. at: lambda from Date to the minute at which it begins; done: {step key =>
      # [minute at which it was done, factor on its waits]}; moved: {step key => minute}; tent: whether there is a spray
      # tent.
      Bench = Struct.new(:at, :done, :moved, :tent, keyword_init: true)

      # Id of a job: of the piece and the step.
      def self.id(piece, key) = "#{piece}:#{key}"

      # plan: Planning::Plan; piece: id; bench: Bench; stretch: Rational on the estimates.
      def initialize(plan, piece:, bench:, stretch: 1)
        @plan = plan
        @piece = piece
        @bench = bench
        @stretch = stretch
      end

      # Array of Job.
      def all = @plan.steps.reject(&:done?).map.with_index { |step, index| job(step, index) }

      private

      def job(step, position)
        open, done = step.needs.partition { |need| !@plan.step(need.key).done? }
        Job.new(id: id(step.key), piece: @piece, minutes: minutes(step), wait: step.wait, place: place(step), position: position,
                needs: open.map { |need| [id(need.key), need.wait] }.uniq, divisible: DIVISIBLE.include?(step.kind),
                not_before: [expected(step), *done.map do |need|
                  dry(need)
                end].max, blocked: blocked(step), pinned: @bench.moved[step.key],
                like: like(step))
      end

      def minutes(step) = [(step.remaining/60r * @stretch).round, 1].max
      def expected(step) = step.not_before ? @bench.at.call(step.not_before) : 0

      def id(key) = Jobs.id(@piece, key)

      # Minute at which what was done before it is dry.
      def dry(need)
        minute, factor = @bench.done.fetch(need.key) { return 0 }
        minute + (need.wait * factor).ceil
      end

      # Without a tent one sprays outdoors.
      def place(step) = step.place == "tent" && !@bench.tent ? "outdoors" : step.place

      def blocked(step)
        return "“#{step.label}” is up to someone else" if step.outside?

        step.label if step.key.start_with?("decide/")
      end

      def like(step)
        return [step.phase, step.materials.keys.min] if COATS.include?(step.phase) && step.materials.any?

        ["sand", step.grits] if step.kind == "sanding" && step.grits.any?
      end
    end
  end
end
