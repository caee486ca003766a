# frozen_string_literal: true

module Core
  module Planning
    # Runs a plan over the state of each face, from the first step to the last, and names what does not hold. It knows
    # what acts need and leave (Verbs), and no rule that plans them: so it judges any plan, edited, part-done, or after
    # a change of mind.
    class Replay
      # What the wood of a zone ends with, by its finish.
      ENDS = { "paint" => :paint, "stain" => :stain, "wash" => :wash, "clear" => :clear, "tinted" => :clear, "oil" => :oil, "wax" => :wax,
               "paper" => :paper }.freeze

      # plan: Plan.
      def initialize(plan)
        @plan = plan
        @brief = plan.brief
      end

      # Array of Fault, in the order of the plan; one a step and reason, with all its zones.
      def faults
        @faults ||= begin
          @found = {}
          play
          ends
          @found.each_value(&:freeze).values
        end
      end

      # How the piece looks as the plan goes on: Array of [key of a step, {zone key => [finish, colour]}], of what looks
      # otherwise after it.
      def frames
        faults
        @frames
      end

      # {zone key => State} when all is done.
      def states
        faults
        @states
      end

      private

      def play
        @states = @brief.zones.to_h { |zone| [zone.key, State.found(zone, @brief)] }
        @wet = Hash.new { |all, zone| all[zone] = [] }
        @back = {}
        @past = []
        @frames = []
        looks = @states.transform_values(&:face)
        @plan.steps.each do |step|
          faces(step).each { |task| act(step, task) }
          step.zones.each { |zone| dry(step, zone) }
          @past << step.key
          picture(step, looks)
        end
      end

      # looks: {zone key => face} before the step; after it, of the zones that changed, as they are now.
      def picture(step, looks)
        changed = step.zones.filter_map do |zone|
          [zone, @states[zone].face] if @states.key?(zone) && @states[zone].face != looks[zone]
        end.to_h
        return if changed.empty?

        looks.merge!(changed)
        @frames << [step.key, changed]
      end

      # What several tasks of one step do to a face, they do once.
      def faces(step)
        step.tasks.select { |task| @states.key?(task.zone) }.uniq { |task| [task.zone, Verbs.of(task)] }
      end

      # What was done is recorded and not judged any more; what it left counts.
      def act(step, task)
        verb = Verbs.of(task).new(task, @states.fetch(task.zone), @brief, @past)
        unless done(step).include?(task.zone)
          verb.faults.each { |level, code, text| note(level, code, step, task.zone, text) }
          too_early(step, task.zone)
          too_late(step, task, verb)
        end
        verb.leave
      end

      # A step on what the one before has left wet, by the gaps that the plan holds between them.
      def too_early(step, zone)
        @wet[zone].each do |before|
          own = waits(before).fetch(zone, 0) # no more is ever wanted, and nearly always so much lies between
          gap = gaps(step).fetch(before.key, -1)
          next if own.zero? || gap >= own

          wanted = wanted(before, step, zone, own)
          next if wanted.zero? || gap >= wanted

          wait = Units::Effort.text(wanted * 60)
          note(:craft, :wet, step, zone, "“#{before.label}” is not dry yet: #{wait} between them")
        end
      end

      # A part that is back in its place is not coated any more: it would stick.
      def too_late(step, task, verb)
        @back[task.zone] = step if verb.is_a?(Verbs::PutBack)
        return unless @back[task.zone] && verb.lays?

        back = @back[task.zone].label
        note(:craft, :back_too_early, step, task.zone,
             "“#{back}” comes before it: parts go back when all coats are on and may be handled")
      end

      # own: minutes that what it laid there takes by itself.
      def wanted(before, step, zone, own)
        return 0 if (glues?(before) && glues?(step)) || done(before).include?(zone)

        step.peels? ? [before.touch_on(zone), own].min : own
      end

      # Asked of each step once: a plan has some dozens, and hundreds of faces.
      def done(step) = (@done ||= {})[step.key] ||= step.done_zones
      def glues?(step) = (@glues ||= {}).fetch(step.key) { |key| @glues[key] = step.glues? }

      # {zone => minutes that what a step laid there takes by itself}, whatever somebody typed.
      def waits(step)
        (@waits ||= {})[step.key] ||= step.tasks.group_by(&:zone).transform_values { |tasks| tasks.map(&:wait).max }
      end

      # What still dries on a zone after a step: what it waited out is dry.
      def dry(step, zone)
        beside = step.peels? || glues?(step)
        @wet[zone] = (beside ? @wet[zone].dup : []) << step
      end

      # {key of an earlier step => minutes of waiting that lie between at the least}, along the longest way.
      def gaps(step)
        (@gaps ||= {})[step.key] ||= step.needs.each_with_object({}) do |need, all|
          before = @plan.step(need.key) or next
          gaps(before).each { |key, minutes| all[key] = [all.fetch(key, 0), minutes + need.wait].max }
          all[need.key] = [all.fetch(need.key, 0), need.wait].max
        end
      end

      # It ends in the look that was chosen, every part back in its place, nothing open.
      def ends
        @brief.zones.each do |zone|
          state = @states.fetch(zone.key)
          note(:craft, :tape_left, nil, zone.key, "tape is never taken off") if state.taped
          note(:craft, :look_missed, nil, zone.key, "it does not end in the look that was chosen") unless reached?(
            zone, state
          )
        end
        returned = @past.filter_map { |key| Verbs::PutBack.off(key) }
        (Verbs::PutBack::BACK.values & @past).each do |off|
          next if returned.include?(off)

          @plan.step(off).zones.each do |zone|
            note(:craft, :left_out, nil, zone, "what was taken off never goes back: “#{@plan.step(off).label}”")
          end
        end
      end

      def reached?(zone, state)
        finish = @brief.choice(zone).finish
        return false if @brief.course(zone).bleaches? && !state.bleached

        ENDS.key?(finish) ? state.new?(ENDS.fetch(finish)) : true
      end

      def note(level, code, step, zone, text)
        fault = @found[[code, step&.key,
                        text]] ||= Fault.new(level: level, code: code, step: step, zones: [], text: text)
        fault.zones |= [zone]
      end
    end
  end
end
