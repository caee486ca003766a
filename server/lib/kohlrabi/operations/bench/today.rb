# frozen_string_literal: true

module Operations
  module Bench
    # What is running, what to do next, what dries, what was worked today, and what is in hand, most pressing first.
    module Today
      # What the day came to: seconds worked, what the steps done were estimated at, how many they are, on how many
      # pieces.
      Summary = Struct.new(:worked, :estimated, :steps, :pieces, keyword_init: true)
      # fresh: no piece was ever recorded.
      Answer = Struct.new(:date, :summary, :timers, :done, :worked, :stages, :tags, :bench, :now, :drying, :climate,
                          :fresh, keyword_init: true)
      # What fits now: minutes, person id, Array of Core::Bench::Slot.
      Now = Struct.new(:minutes, :person, :slots, :stopped, keyword_init: true)
      # What a flipper can move along: work in hand first, then what earns nothing until it is listed.
      ORDER = ["on the bench", "ready", "bought", "listed"].freeze
      MAX_ROWS = 12
      HOUR = 60 # minutes taken to be at hand where nobody has said and no session runs
      MAX_MINUTES = 12 * 60

      extend self

      # minutes: at hand, or nil; person: id, or nil for the first who is free.
      def answer(minutes: nil, person: nil)
        today = Support::Workshop.today
        bench = Schedules.now
        entries, marks = done(today)
        Answer.new(date: today, summary: summary(entries, marks), timers: Timers.running, done: entries, worked: entries.sum(&:seconds),
                   tags: Scout::TagWatch.due, bench: bench, now: now(bench, minutes, person), drying: bench.clocks, climate: Climate.latest,
                   stages: stages, fresh: Records::Piece.none?)
      end

      private

      # Hours of the day, and marks of what was done on it.
      def done(today)
        zone = Support::Workshop.current.zone
        day = House::WorkingTimes.instant(today, 0, zone)...House::WorkingTimes.instant(today + 1, 0, zone)
        [Records::WorkEntry.live.where(worked_on: today).order(:id).preload(:person, { shares: :piece }).to_a,
         Records::StepMark.live.where(done_at: day).to_a]
      end

      # nil on a day on which nothing was worked or done.
      def summary(entries, marks)
        return if entries.empty? && marks.empty?

        pieces = entries.flat_map { |entry| entry.shares.map(&:piece_id) } | marks.map(&:piece_id)
        Summary.new(worked: entries.sum(&:seconds), estimated: (marks.sum(&:seconds) / 60.0).round * 60,
                    steps: marks.map { |mark| [mark.piece_id, mark.step] }.uniq.size, pieces: pieces.size)
      end

      # What fits into the minutes at hand.
      def now(bench, minutes, person)
        busy = Timers.running.map(&:person_id)
        person = Support::Finder.find(Records::Person, person).id if person
        person ||= Support::Workshop.people.map(&:id).find { |id| busy.exclude?(id) } || Support::Workshop.people.first.id
        minutes = (minutes || left(bench, person) || HOUR).clamp(Schedules::STEP, MAX_MINUTES)
        stopped = bench.pieces.values.select { |piece| stops?(piece) }
        slots = bench.within(minutes, person).reject { |slot| stopped.include?(bench.pieces.fetch(slot.job.piece)) }
        Now.new(minutes: minutes, person: person, slots: slots, stopped: stopped)
      end

      # Whether a piece is recommended to be sold as it is, or dropped: unless it was promised, no work on it is
      # suggested.
      def stops?(piece) = piece.promised_on.nil? && Market::Standings.of(piece)&.stop? == true

      # Minutes until the session that runs is over; nil where none does.
      def left(bench, person)
        own = bench.sessions.select { |session| session.person == person }
        to = own.find { |session| session.from <= bench.minute && session.to > bench.minute }&.to or return
        while (following = own.find { |session| session.from == to && session.to > to })
          to = following.to # an evening that goes on over midnight
        end
        to - bench.minute
      end

      # [stage, rows, how many there are in all] of each stage; those touched last come first, at most MAX_ROWS.
      def stages
        all = Records::Piece.live.joins(:summary).where(flip_summaries: { stage: ORDER })
        turn = "ROW_NUMBER() OVER (PARTITION BY flip_summaries.stage ORDER BY flip_summaries.updated_at DESC, pieces.ticket DESC) AS turn"
        recent = Records::Piece.where(id: Records::Piece.from(all.select("pieces.id, #{turn}"),
                                                              :pieces).where(turn: ..MAX_ROWS).select(:id))
        recent = recent.joins(:summary).order(Arel.sql("flip_summaries.updated_at DESC, pieces.ticket DESC"))
        rows = Flips::ListRow.all(recent.preload(Flips::ListRow::PARTS), Support::Workshop.current)
        totals = all.group("flip_summaries.stage").count
        ORDER.map { |stage| [stage, rows.select { |row| row.piece.summary.stage == stage }, totals.fetch(stage, 0)] }
      end
    end
  end
end
