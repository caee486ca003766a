# frozen_string_literal: true

module Api
  module Serializers
    module Bench
      # The schedule over all pieces: some days with their sessions, steps and waits, and when each piece is ready.
      class SchedulePage < Support::Page
        DAYS = 7
        DAY = 24 * 60

        shows :pieces, :gives_way, :unplanned
        attribute(:from) { @formatter.day(@from) }
        attribute(:earlier) { @formatter.day([@from - @days, @bench.today].max) }
        attribute(:later) { @formatter.day(@from + @days) }
        attribute(:today) { @formatter.day(@bench.today) }
        attribute(:days) { (0...@days).map { |number| day(@from + number) } }
        attribute(:assumed) do
          assumed = Operations::House::WorkingTimes.method(:assumed?)
          Operations::House::WorkshopSettings.people.select(&assumed).map(&:name)
        end

        # from: Date of the first day; formatter: Formatter.
        def initialize(from, formatter, days: DAYS)
          super(from, formatter)
          @bench = Operations::Bench::Schedules.now
          @from = from
          @days = days
          @words = BenchWords.new(@bench, formatter)
        end

        # A day with what is worked and what dries on it.
        def day(date)
          from = @bench.at(date)
          to = @bench.at(date + 1)
          sessions = @bench.on(date).map { |session| session(session, from) }
          steps = @bench.schedule.between(from, to).map do |slot, start, stop|
            @words.row(slot, from: start, to: stop).merge(span(start, stop, from))
          end
          { day: @formatter.day(date), weekday: Operations::House::WorkingTimes::DAYS[date.wday], wet: @bench.wet?(date), sessions: sessions,
            steps: steps,
            waits: waits(from, to) }
        end

        private

        def gives_way
          @bench.gives_way.map do |piece, days|
            "#{piece.name} is ready #{days} #{days == 1 ? 'day' : 'days'} later than without promises."
          end
        end

        def session(session, midnight)
          name = Operations::House::WorkshopSettings.people.find { |person| person.id == session.person }.name
          { person: name, person_id: session.person, from: @bench.clock(session.from), to: @bench.clock(session.to),
            time: @formatter.effort((session.to - session.from) * 60), **span(session.from, session.to, midnight) }
        end

        # Minutes of the day, to be drawn.
        def span(from, to, midnight) = { start: [from - midnight, 0].max, stop: [to - midnight, DAY].min }

        def waits(from, to)
          planned = @bench.schedule.sequence.filter_map do |slot|
            [slot.job.piece, @bench.step(slot).label, slot.to, slot.free] if slot.job.wait.positive?
          end
          running = @bench.clocks.map do |clock|
            [clock.piece.id, clock.label, clock.done.to_i / 60, clock.free.to_i / 60]
          end
          (running + planned).select do |_, _, start, stop|
            start < to && stop > from
          end.map do |piece, label, start, stop|
            { piece: @bench.pieces.fetch(piece).name, label: label, until: @words.moment(stop),
              **span(start, stop, from) }
          end
        end

        def pieces
          ids = @bench.schedule.pieces
          ids.map { |id| piece(@bench.pieces.fetch(id)) }
        end

        def piece(piece)
          ready = @bench.schedule.ready(piece.id)
          early, late = [@bench.early, @bench.late].map do |one|
            one.ready(piece.id)&.then do |minute|
              @formatter.day(@bench.date(minute))
            end
          end
          days = ready && piece.promised_on && (@bench.date(ready) - piece.promised_on).to_i
          { piece: BenchWords.link(piece), remaining: @formatter.effort(@bench.plans.fetch(piece.id).remaining), why: @words.rank(piece),
            ready: { on: ready && @formatter.day(@bench.date(ready)), early: early, late: late, why: @bench.schedule.why_not(piece.id) },
            standing: Market::Standing.present(Operations::Market::Standings.of(piece), @formatter),
            promised: @formatter.day(piece.promised_on), late_days: days&.positive? ? days : nil }
        end

        # Pieces in hand without a look: nothing is known of their work.
        def unplanned = @bench.unplanned.map { |piece| BenchWords.link(piece) }
      end
    end
  end
end
