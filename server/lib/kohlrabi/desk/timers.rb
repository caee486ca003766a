# frozen_string_literal: true

module Kohlrabi
  module Desk
    # Start and stop of timers: one running at a time for each person, for one piece or several worked on together.
    module Timers
      module_function

      def running = Records::Timer.live.order(:started_at).includes(:person, :pieces).to_a

      # given: {"piece_ids", "kind", "person_id"?}. Returns the timer. Raises Refused, Missing.
      def start(given)
        Records::Base.transaction do
          person = Work.person(given)
          refuse_second(person)
          rows = Sharing.read(Array(given["piece_ids"]).map { |id| { "piece_id" => id } })
          kind = Core::Work::Kinds.fetch(given["kind"])[:key]
          timer = Records::Timer.create!(person: person, kind: kind, started_at: Clock.now)
          rows.map(&:first).each { |piece_id| timer.timer_pieces.create!(piece_id: piece_id) }
          timer
        end
      end

      # Stops the timer and records the work. given: {"effort"?} says how long it really was. Returns the entry.
      def stop(id, given = {})
        Records::Base.transaction do
          timer = Finder.find(Records::Timer, id)
          workshop = House.workshop
          reading = Reading.new(given, workshop)
          reading.effort(:effort)
          seconds = reading.done![:seconds] || elapsed(timer)
          entry = Work.record(timer.timer_pieces.order(:id).map { |row| [row.piece_id, "1"] },
                              person_id: timer.person_id, kind: timer.kind, started_at: timer.started_at,
                              worked_on: workshop.date_of(timer.started_at), seconds: seconds)
          timer.timer_pieces.destroy_all
          timer.destroy!
          entry
        end
      end

      # Ends the timer without recording anything; it can be undone.
      def discard(id)
        Removal.of([Finder.find(Records::Timer, id)], what: "Timer discarded")
      end

      # Seconds since the start in whole minutes, at least one. Raises Refused beyond a day.
      def elapsed(timer)
        seconds = [((Clock.now - timer.started_at) / 60).round, 1].max * 60
        return seconds if seconds <= Core::Units::Effort::DAY

        raise Refused, [Core::Refusal.new("The timer has been running for #{Core::Units::Effort.text(seconds)}.",
                                          "Say how long the work really took.", field: :effort)]
      end

      def refuse_second(person)
        running = Records::Timer.live.find_by(person_id: person.id) or return

        raise Refused, [Core::Refusal.new("#{person.name}'s timer is already running for #{Core::Work::Kinds.label(running.kind).downcase}.",
                                          "Stop it first.", field: :person_id)]
      end
      private_class_method :refuse_second
    end
  end
end
