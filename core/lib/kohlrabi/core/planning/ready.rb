# frozen_string_literal: true

module Core
  module Planning
    # When a plan can be ready: one pair of hands, a session each day, waits run day and night. Until the workshop's own
    # sessions are planned (see scheduling), the hours of a week are spread evenly over its days.
    class Ready
      USUAL = 90 * 60 # seconds a day where the workshop has not said (assumed)
      OPENS = 18 * 60 # minute of the day at which a session begins (assumed: an evening)
      DAY = 24 * 60
      MAX_DAYS = 3650

      # Days from today; nil with why where nobody can say.
      Answer = Struct.new(:days, :why, :slots, keyword_init: true)
      # When a step is worked: minutes from midnight of today, to and from; free: when its zones may be touched again.
      Slot = Struct.new(:key, :from, :to, :free, keyword_init: true)

      # plan: Plan; daily: seconds of hands-on work a day, or nil; today: Date (for parts that are expected); seconds:
      # Symbol of the estimate (:remaining counts what is left).
      def initialize(plan, today:, daily: nil, stretch: 1)
        @plan = plan
        @daily = [((daily || USUAL) / 60).to_i, 1].max
        @today = today
        @stretch = stretch
      end

      # Answer.
      def answer
        return @answer if @answer

        blocked = @plan.outside.first
        return @answer = Answer.new(why: "“#{blocked.label}” is not in your hands", slots: {}) if blocked

        open = @plan.undecided.size
        if open.positive?
          return @answer = Answer.new(why: "#{open} #{open == 1 ? 'zone is' : 'zones are'} undecided",
                                      slots: {})
        end

        slots = work
        latest = slots.values.map(&:free).max || 0
        @answer = Answer.new(days: (latest / DAY).floor, slots: slots)
      end

      private

      # One step after another: always the one that can begin first, in the order of the plan where several can, so that
      # waits are filled with other work. A step that does not fit in a session goes on in the next.
      def work
        now = OPENS
        slots = {}
        left = @plan.steps.reject do |step|
          slots[step.key] = Slot.new(key: step.key, from: 0, to: 0, free: 0) if step.done?
        end
        until left.empty?
          step, from = left.filter_map do |one|
            if one.needs.all? do |need|
              slots[need.key]
            end
              [one,
               session([now, earliest(one, slots)].max)]
            end
          end
                           .min_by(&:last)
          now = spend(from, step.remaining/60r * @stretch)
          slots[step.key] = Slot.new(key: step.key, from: from, to: now, free: now + step.wait)
          left.delete(step)
        end
        slots
      end

      def earliest(step, slots)
        [*step.needs.map { |need| slots.fetch(need.key).to + wait(need, slots) }, arrival(step)].max
      end

      # What is done was done long enough ago.
      def wait(need, slots) = slots.fetch(need.key).to.zero? ? 0 : need.wait
      def arrival(step) = step.not_before ? [(step.not_before - @today).to_i, 0].max * DAY : 0

      # The next moment within a session.
      def session(moment)
        day, minute = moment.divmod(DAY)
        return (day * DAY) + OPENS if minute < OPENS
        return moment if minute < OPENS + @daily

        ((day + 1) * DAY) + OPENS
      end

      def spend(moment, minutes)
        left = minutes
        loop do
          moment = session(moment)
          room = OPENS + @daily - (moment % DAY)
          return moment + left if left <= room || moment > MAX_DAYS * DAY

          left -= room
          moment += room
        end
      end
    end
  end
end
