# frozen_string_literal: true

module Operations
  module Bench
    # What dries or sets: clocks that finished steps start. They are read off the marks of the steps, so that they
    # outlive the server.
    module Clocks
      # label: of the step; zones; done: instant; stages: Array of [stage, instant]; free: instant at which the next
      # step may follow; why: it takes longer; product: label or nil.
      Drying = Struct.new(:piece, :step, :label, :zones, :done, :stages, :free, :why, :product, keyword_init: true)

      extend Support::Refusing

      extend self

      # JSON of the clock that a step starts; nil where nothing waits.
      def start(step, plan)
        return if step.wait.zero?

        row = step.materials.keys.map { |key| plan.brief.products.fetch(key) }.find { |one| one[:base] }
        drying = Core::Bench::Drying.new(row, wait: step.wait, climate: Climate.climate, unit: Support::Workshop.current.length_unit)
        JSON.generate(stages: drying.stages, wait: drying.wait, factor: drying.factor.to_f, why: drying.why || step.wait_why,
                      product: row && row[:label])
      end

      # Array of Drying of a piece that have not run out, the first to be free first.
      def running(piece)
        piece.step_marks.select(&:clock).group_by do |mark|
          [mark.step, mark.clock]
        end.filter_map do |(step, clock), marks|
          read = JSON.parse(clock)
          done = marks.map(&:done_at).max
          free = done + (read["wait"] * 60)
          watched = read["stages"].filter_map do |stage, minutes|
            # curing goes on unwatched
            done + (minutes * 60) unless stage == "cure"
          end
          next if [free, *watched].max <= Clock.now

          stages = read["stages"].map { |stage, minutes| [stage, done + (minutes * 60)] }
          Drying.new(piece: piece, step: step, label: marks.first.label, zones: marks.map(&:zone), done: done, free: free,
                     why: read["why"], product: read["product"], stages: stages)
        end.sort_by(&:free)
      end

      # {step key => [minute at which it was done, factor on its waits]}.
      def done(piece)
        piece.step_marks.group_by(&:step).transform_values do |marks|
          [marks.map { |mark| mark.done_at.to_i }.max / 60, marks.filter_map(&:clock).map do |clock|
            JSON.parse(clock)["factor"].to_r
          end.max || 1]
        end
      end

      # Clocks that a step would have to wait for: what it needs is done, and not dry yet.
      def wet(piece, step)
        waits = step.needs.to_h { |need| [need.key, need.wait] }
        done = done(piece)
        running(piece).select do |clock|
          waits.key?(clock.step) && done[clock.step][0] + (waits[clock.step] * done[clock.step][1]) > Clock.now.to_i / 60
        end
      end

      # A step that is begun before what it lies on is dry, or a coat that the climate forbids, wants a reason; it is
      # kept in the diary. Raises Refused.
      def check(piece, step, plan, given)
        problem, diary = too_early(piece, step) || too_cold(step, plan)
        return unless problem

        reason = given["reason"].to_s.strip
        refuse(:too_early, field: :reason, problem: problem) if reason.empty?
        refuse(:too_long, max: 200, field: :reason) if reason.size > 200
        Flips::Changes.write(piece, "early", "“#{step.label}” #{diary}: #{reason}.")
      end

      # Moment from which a step may follow what it waits for.
      def follows(piece, step, clock)
        minute, factor = done(piece).fetch(clock.step)
        Time.at((minute + (step.needs.find { |need| need.key == clock.step }.wait * factor)).ceil * 60).utc
      end

      # "at 10:40", with the day where it is another one.
      def said(moment)
        at = moment.in_time_zone(Support::Workshop.current.zone)
        time = "at #{at.strftime('%H:%M')}"
        if at.to_date == Support::Workshop.today
          time
        else
          "on #{Core::Units::Calendar.short(at.to_date, today: Support::Workshop.today)} #{time}"
        end
      end

      private

      def too_early(piece, step)
        clock = wet(piece, step).first or return
        ["Too early: “#{clock.label}” is dry #{said(follows(piece, step, clock))}.",
         "before “#{clock.label}” was free"]
      end

      def too_cold(step, plan)
        climate = Climate.climate if Core::Bench::Jobs::COATS.include?(step.phase)
        row = climate && step.materials.keys.map { |key| plan.brief.products.fetch(key) }.first
        against = row ? climate.against(coldest: row[:coldest], unit: Support::Workshop.current.length_unit) : []
        ["Not now: #{against.join('; ')}.", "although #{against.first}"] if against.any?
      end
    end
  end
end
