# frozen_string_literal: true

module Operations
  module Bench
    # A timer that a device ran and stopped, told with its two moments: the hours, and what its steps are now.
    module FinishedTimers
      extend Support::Refusing

      extend self

      # given: {"from", "to" (ISO 8601, by the device's clock), "effort"? (how long it really was), "person_id"?,
      # "timer_id"? (one of ours that it ended), "begun_as"? (reference under which the device had asked for it and
      # had no answer), "steps": [{"piece_id", "step"}] with "done"?, "zones"?, "take"?, or "kind" and "piece_ids"}.
      # Returns the entry; hours that overlap are recorded, and asked about. Raises Refused, NotFound.
      def record(given)
        Records::Base.transaction do
          person = Flips::Work.person(given)
          steps = Array(given["steps"]).map { |row| [row["piece_id"], row["step"]] }
          pieces = steps.any? ? steps.map(&:first) : Array(given["piece_ids"])
          rows = Flips::Sharing.read(pieces.map { |id| { "piece_id" => id } })
          from, seconds = span(given)
          forget(given["timer_id"] || Support::Facts.made("/api/timers", given["begun_as"]))
          entry = Flips::Work.record(rows, person_id: person.id, kind: kind(given, steps), started_at: from,
                                           seconds: seconds, worked_on: Support::Workshop.current.date_of(from))
          Timers.on_its_steps(entry, steps, given)
        end
      end

      private

      # [when it began, seconds]. The device's clock is set right by its end: how long it was does not depend on that.
      def span(given)
        to = Support::Facts.right(given["to"])
        ran = to - Support::Facts.right(given["from"])
        refuse(:ended_before_it_began, field: :effort) if ran.negative?
        params = Support::Params.new(given, Support::Workshop.current)
        params.effort(:effort)
        seconds = params.done![:seconds] || ([(ran / 60).round, 1].max * 60)
        Timers.refuse_long(seconds)
        [to - [ran, seconds].max, seconds]
      end

      # What a step is called in the plan; where the plan has it no longer, what was said.
      def kind(given, steps)
        piece_id, key = steps.first
        step = key && Planning::Plans.of(Support::Finder.find(Records::Piece, piece_id))&.step(key)
        Core::Flips::WorkKinds.fetch(step&.kind || given["kind"])[:key]
      rescue Core::Refusal => e
        raise Support::Refused, [e.at(:kind)]
      end

      # The same timer runs here, unless somebody stopped it meanwhile: then both stand, and are asked about.
      def forget(id)
        timer = id && Records::Timer.live.find_by(id: id) or return
        timer.timer_pieces.destroy_all
        timer.destroy!
      end
    end
  end
end
