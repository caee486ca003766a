# frozen_string_literal: true

module Operations
  module Bench
    # Start and stop of timers: one running at a time for each person, for one piece or several worked on together.
    module Timers
      extend Support::Refusing

      extend self

      # Running ones, with what their pieces are called.
      def running
        named = { timer_pieces: { piece: [:summary, { lot_member: :lot }] } }
        Records::Base.preload_all(Records::Timer.live.order(:started_at), [:person, named])
      end

      # The same, each with the reference under which a device asked for it.
      def with_references
        running.tap do |timers|
          references = Support::Facts.references("/api/timers", timers.map(&:id))
          timers.each { |timer| timer.reference = references[timer.id] }
        end
      end

      # given: {"piece_ids", "kind"} or {"steps": [{"piece_id", "step"}], "reason"? where it is too early},
      # "person_id"?. Returns the timer. Raises Refused, NotFound.
      def start(given)
        Records::Base.transaction do
          person = Flips::Work.person(given)
          refuse_second(person)
          next on_steps(person, given) if given["steps"]

          ids = Array(given["piece_ids"])
          refuse_danger(given["kind"], ids)
          begin_timer(person, given["kind"], ids.to_h { |id| [id, nil] })
        end
      end

      # Stops the timer and records the work. given: {"effort"?, "done"?, "zones"?, "take"?}: how long it really
      # was; whether the steps it ran on are done, all of them, or on some zones of the one; whether their materials
      # were taken from the shelf as planned; "badly"? {"lost"?, "note"?}: it did not work; "done_steps"? of a timer
      # without steps: those that were finished. Returns the entry.
      def stop(id, given = {})
        Records::Base.transaction do
          timer = Support::Finder.find(Records::Timer, id)
          steps = timer.timer_pieces.order(:id).map { |row| [row.piece_id, row.step] }
          entry = record(timer, steps.map { |piece_id, _| [piece_id, "1"] }, given)
          timer.timer_pieces.destroy_all
          timer.destroy!
          on_its_steps(entry, steps, given)
        end
      end

      # Work that was recorded counts on its steps, done with them or not. steps: Array of [piece id, step key or
      # nil]. Returns the entry with the costs of what was taken from the shelf.
      def on_its_steps(entry, steps, given)
        steps.each { |piece_id, step| entry.shares.find_by!(piece_id: piece_id).update!(step: step) if step }
        Flips::Summaries.refresh(steps.select(&:last).map(&:first)) # the hours are the step's own now
        went_badly(steps, given["badly"])
        Flips::Work.done_with(entry.tap { |one| one.shares.reset }, given["done_steps"]) if steps.none?(&:last)
        done = given["done"] ? steps.select(&:last) : []
        how = { zones: given["zones"], take: given["take"], person: entry.person }
        entry.taken = done.flat_map { |piece_id, step| Planning::Steps.worked(piece_id, step, **how) }
        entry
      end

      # Array of [piece, Core::Planning::Step] that a timer runs on and that are still in the plan.
      def steps(timer)
        timer.planned ||= timer.timer_pieces.select(&:step).filter_map do |row|
          step = Planning::Plans.of(row.piece)&.step(row.step)
          [row.piece, step] if step
        end
      end

      # What its steps would take from the shelf, in words.
      def takes(timer)
        steps(timer).flat_map { |_, step| Shelf::Draws.there(step.materials_left) }
      end

      # Where it may have been forgotten: [instant at which the work was probably over, why]; else nil.
      def proposal(timer)
        started = timer.started_at.to_i / 60
        now = Clock.now.to_i / 60
        return if now - started < Core::Bench::ForgottenTimer::LEAST

        estimate = steps(timer).sum { |_, step| step.remaining } / 60
        stop, why = Core::Bench::ForgottenTimer.stop_at(started: started, now: now, estimate: estimate.positive? ? estimate : nil,
                                                        session: session_end(timer))
        stop && [Time.at(stop * 60).utc, why]
      end

      # Ends the timer without recording anything; it can be undone.
      def discard(id)
        Support::Removal.of([Support::Finder.find(Records::Timer, id)], what: "Timer discarded")
      end

      # Seconds since the start in whole minutes, at least one. Raises Refused beyond a day.
      def elapsed(timer)
        seconds = [((Clock.now - timer.started_at) / 60).round, 1].max * 60
        refuse_long(seconds)
        seconds
      end

      # Raises Refused beyond a day.
      def refuse_long(seconds)
        return if seconds <= Core::Units::Effort::DAY

        refuse(:timer_ran_too_long, field: :effort, seconds: Core::Units::Effort.text(seconds))
      end

      private

      # What was worked on with a timer did not work. said: {"lost"?, "note"?} or nil.
      def went_badly(steps, said)
        return unless said

        steps.select(&:last).each { |piece_id, step| Planning::Experiences.create(piece_id, { "step" => step, "worked" => "no", **said }) }
      end

      def record(timer, rows, given)
        workshop = Support::Workshop.current
        params = Support::Params.new(given, workshop)
        params.effort(:effort)
        Flips::Work.record(rows, person_id: timer.person_id, kind: timer.kind, started_at: timer.started_at,
                                 worked_on: workshop.date_of(timer.started_at), seconds: params.done![:seconds] || elapsed(timer))
      end

      # Steps of one kind of work on several pieces, or one step.
      def on_steps(person, given)
        steps = given["steps"].to_h { |row| [row["piece_id"], Planning::Steps.begin(row["piece_id"], row["step"], given)] }
        kinds = steps.values.map(&:kind).uniq
        refuse(:work_of_different_kinds, field: :steps) if kinds.size > 1

        begin_timer(person, kinds.first, steps.transform_values(&:key))
      end

      # Work that makes dust of an old finish waits for the answer to the lead question, step or no step.
      def refuse_danger(kind, ids)
        return unless Core::Planning::Dangers::DUSTY.include?(kind)

        Records::Piece.live.where(id: ids).find_each do |piece|
          against = Core::Planning::Dangers.against_kind(kind, Planning::Plans.surfaces(piece))
          raise Support::Danger.new(against, piece: piece) if against
        end
      end

      # pieces: {id => step key or nil}.
      def begin_timer(person, kind, pieces)
        Flips::Sharing.read(pieces.keys.map { |id| { "piece_id" => id } })
        timer = Records::Timer.create!(person: person, kind: Core::Flips::WorkKinds.fetch(kind)[:key],
                                       started_at: Clock.now)
        pieces.each { |piece_id, step| timer.timer_pieces.create!(piece_id: piece_id, step: step) }
        timer
      end

      # Minute at which the session ended in which it was started; nil where it was started outside any.
      def session_end(timer)
        date = Support::Workshop.current.date_of(timer.started_at)
        found = House::WorkingTimes.on(date).find { |person, from, to| person == timer.person_id && from <= timer.started_at && to > timer.started_at }
        found && (found.last.to_i / 60)
      end

      def refuse_second(person)
        running = Records::Timer.live.find_by(person_id: person.id) or return

        refuse(:timer_running_already, field: :person_id, person: person.name, work: Core::Flips::WorkKinds.label(running.kind).downcase)
      end
    end
  end
end
