# frozen_string_literal: true

module Core
  module Planning
    # What was found or broken after a zone had its finish, or part of it: it is mended on the state as it is now, and
    # what lay there is laid once more over the mend, unless a coat is to come anyway.
    class LateMends
      LAYING = %w[colour coat clear wax].freeze # phases that lay what is seen, the deepest first
      BEHIND = 7 # places behind a coat: after it was looked over and before the next
      FILLED = "fill"
      TOUCH = 10 # minutes (common practice, weak)
      DAB = 5 # ml
      WHY = "what was mended later shows until it has the coats of the rest"

      # brief: Brief; families: {zone key => family of its finish}; made: Array of Task of the zones by themselves.
      def initialize(brief, families, made)
        @brief = brief
        @families = families
        @laid = made.select do |task|
          LAYING.include?(task.phase) && task.materials.any? && task.try.nil?
        end.group_by(&:zone)
      end

      # Array of Task.
      def build = @brief.findings.select(&:late).flat_map { |finding| mend(finding) }

      private

      def mend(finding)
        tasks = FindingTasks.new(@brief, @families, [finding]).build
        sealed = tasks.select do |task|
          task.phase == FILLED && @families[task.zone] == "opaque"
        end.map { |task| seal(task.zone) }
        again = tasks.map(&:zone).uniq.flat_map { |zone| again(zone) }
        late(tasks + sealed).each { |task| behind(task) }
        [*tasks, *sealed, *again].each { |task| task.key = "#{task.key}+#{finding.id}" }
      end

      def seal(key)
        zone = @brief.zones.find { |one| one.key == key }
        row = @brief.course(zone).blocking
        Tasks.make(:spot_seal, zone, key: "spot-seal", words: { with: row[:label] }, materials: { row[:key] => 10 }, wait: row[:recoat],
                                     cautions: row[:cautions])
      end

      # Those on zones that have a coat, in the order in which they are done.
      def late(tasks)
        tasks.select { |task| last(task.zone, "coat") }.sort_by { |task| [Phases.place(task.phase), task.seq] }
      end

      # Behind the last coat that was laid there.
      def behind(task)
        @behind = (@behind || 0) + 1
        task.seq = last(task.zone, "coat").seq + BEHIND + (@behind / 1000.0)
        task.phase = "coat"
      end

      # What lay there once more, where no more of it is to come.
      def again(zone)
        LAYING.filter_map do |phase|
          done = last(zone, phase)
          next if done.nil? || laid(zone, phase).any? { |task| !done?(task) }

          done.dup.tap do |task|
            task.seq += 2 * BEHIND
            task.why = WHY
            task.label = "#{done.label}, again over the mend"
            touch_up(task) if phase == "colour"
          end
        end
      end

      # Stain and wash want open wood, and there is none any more: the mend is touched up in their colour.
      def touch_up(task)
        task.verb = "plain"
        task.label = "Touch the mend up in the colour of the wood, feather it out"
        task.minutes = 0
        task.fixed = TOUCH
        task.materials = task.materials.transform_values { |amount| [amount, DAB].min }
        task.done = "not seen from a step away"
      end

      def laid(zone, phase) = @laid.fetch(zone, []).select { |task| task.phase == phase }
      def last(zone, phase) = laid(zone, phase).select { |task| done?(task) }.max_by(&:seq)
      def done?(task) = @brief.laid_marks.done(task.key, [task.zone]).include?(task.zone)
    end
  end
end
