# frozen_string_literal: true

module Operations
  module Bench
    # When a piece is ready: the schedule over all pieces says it, on whatever page a date is shown. Another look than
    # the chosen one is ready as many days sooner or later as it takes less or more, worked on in the same hours.
    module ReadyDates
      # on: Date as estimated; early, late: when all goes well, and when it does not; why: nobody can say. All but why
      # may be nil.
      Answer = Struct.new(:on, :early, :late, :why, keyword_init: true)

      extend self

      # Answer of a piece as it is planned.
      def of(piece, bench: Schedules.now)
        return Answer.new(why: "no work is planned") unless bench.pieces.key?(piece.id)

        on, early, late = [bench.schedule, bench.early, bench.late].map do |schedule|
          schedule.ready(piece.id)&.then { |minute| bench.date(minute) }
        end
        Answer.new(on: on, early: early, late: late, why: bench.schedule.why_not(piece.id))
      end

      # Answer of a piece by another look. plan, chosen: Core::Planning::Plan of that look and of the chosen one.
      def instead(piece, plan, chosen)
        now = of(piece)
        other = Planning::Plans.ready(plan)
        return Answer.new(why: other.first.why || now.why) if other.first.days.nil? || now.on.nil?

        usual = Planning::Plans.ready(chosen)
        days = [other.first.days, *other.drop(1)].zip([usual.first.days, *usual.drop(1)]).map do |one, was|
          one && was ? one - was : 0
        end
        dates = [now.on, now.early, now.late].zip(days).map { |date, more| date && [date + more, Support::Workshop.today].max }
        Answer.new(on: dates[0], early: dates[1], late: dates[2])
      end
    end
  end
end
