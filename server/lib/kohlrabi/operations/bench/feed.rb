# frozen_string_literal: true

module Operations
  module Bench
    # The calendar feed: sessions with their steps, ends of drying, ready and promised dates, tags to look at again,
    # price steps and pick-ups.
    module Feed
      AHEAD = 28 # days
      REMIND = 15 # minutes before a session
      LOOK = 900 # seconds that an end of drying takes up in a calendar

      extend self

      # Text of an iCalendar file.
      def text
        bench = Schedules.now
        entries = sessions(bench) + drying(bench) + ready(bench) + tags + selling
        Formats::Calendar.write(entries, made: Clock.now)
      end

      private

      def sessions(bench)
        names = Support::Workshop.people.to_h { |person| [person.id, person.name] }
        (0...AHEAD).flat_map do |number|
          bench.on(bench.today + number)
        end.filter_map { |session| session(bench, session, names) }
      end

      # A session with its steps; nil where nothing is to be worked in it.
      def session(bench, session, names)
        parts = bench.schedule.between(session.from, session.to).select { |slot, _, _| slot.person == session.person }
        return if parts.empty?

        lines = parts.map do |slot, from, _|
          "#{bench.clock(from)} #{bench.step(slot).label}: #{bench.pieces.fetch(slot.job.piece).name}"
        end
        summary = "Bench: #{names.fetch(session.person)}, #{parts.size} #{parts.size == 1 ? 'step' : 'steps'}"
        uid = "session-#{session.person}-#{session.from}"
        entry(uid, instant(session.from), instant(session.to), summary, text: lines.join("\n"), remind: REMIND)
      end

      # What dries now; the entry stands where the next step may follow.
      def drying(bench)
        bench.clocks.select { |clock| clock.free > Clock.now }.map do |clock|
          uid = "drying-#{clock.piece.id}-#{clock.step}-#{clock.done.to_i}"
          entry(uid, clock.free, clock.free + LOOK, "Dry: #{clock.label}, #{clock.piece.name}", remind: 0)
        end
      end

      def ready(bench)
        bench.pieces.values.flat_map do |piece|
          minute = bench.schedule.ready(piece.id)
          on = minute && bench.date(minute)
          [(entry("ready-#{piece.id}", on, on + 1, "Ready: #{piece.name}") if on),
           (if piece.promised_on
              entry("promised-#{piece.id}", piece.promised_on, piece.promised_on + 1,
                    "Promised: #{piece.name}")
            end)].compact
        end
      end

      def tags
        Scout::TagWatch.due.map do |scouting, on, why|
          entry("tag-#{scouting.prospect.id}", on, on + 1, "Check the tag price: #{scouting.prospect.title}", text: why)
        end
      end

      # Price steps that are planned, and pick-ups.
      def selling
        last = Support::Workshop.today + AHEAD
        Market::PriceSteps.to(last).map { |step| price_step(step) } + Market::Holds.fetched_by(last).preload(:piece).map { |hold| fetched(hold) }
      end

      def price_step(step)
        day = [step.due_on, Support::Workshop.today].max
        entry("step-#{step.id}", day, day + 1,
              "Price drop: #{step.piece.name} to #{Support::Workshop.current.amounts.price(step.asking_minor)}")
      end

      def fetched(hold)
        text = [hold.who, hold.pick_up].compact_blank.join(", ")
        entry("fetched-#{hold.id}", hold.pick_up_on, hold.pick_up_on + 1, "Pickup: #{hold.piece.name}", text: text)
      end

      def entry(uid, from, to, summary, **rest)
        Formats::Calendar::Entry.new(uid: uid, from: from, to: to, summary: summary, **rest)
      end

      def instant(minute) = Time.at(minute * 60).utc
    end
  end
end
