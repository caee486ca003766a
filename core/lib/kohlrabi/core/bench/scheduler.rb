# frozen_string_literal: true

module Core
  module Bench
    # Puts the work of all pieces into the sessions of the people. Each job in its turn (Priority) gets the earliest
    # time at which what it needs is done and dry, a person is free and its place has room; so what comes later in turn
    # fills gaps and waits and never delays what comes before it. The same input gives the same schedule.
    class Scheduler
      NEVER = "no working time that's long enough is coming up"

      # jobs: Array of Job; sessions: Array of Session; places: {name => Place}; wishes: Array of PieceWish; now:
      # minute; running: Array of [Job, person, from, to], that stand as they are; drying: Array of [place, piece, to]
      # that keep their place; order: Array of ids, instead of Priority.
      def initialize(jobs:, sessions:, places: {}, wishes: [], now: 0, running: [], drying: [], order: nil)
        @jobs = jobs
        @sessions = sessions
        @places = places
        @wishes = wishes.to_h { |wish| [wish.id, wish] }
        @now = now
        @running = running
        @drying = drying
        @order = order
      end

      # Returns Schedule.
      def schedule
        @slots = {}
        @left = {}
        places = @places.transform_values(&:empty)
        @drying.each { |place, piece, to| places[place]&.hold(@now, to, piece) }
        @board = Board.new(@sessions, places)
        @running.each { |job, person, from, to| stand(job, person, from, to) }
        rest = @jobs - @running.map(&:first)
        priority = Priority.new(rest, @wishes)
        (@order ? rest.to_h { |job| [job.id, job] }.values_at(*@order) : priority.order).each { |job| place(job) }
        Schedule.new(@slots, @left, (@order ? [] : priority.pieces), @jobs)
      end

      private

      def stand(job, person, from, to)
        @board.keep(job, person, [[from, to]])
        @slots[job.id] = Slot.new(job: job, person: person, chunks: [[from, to]], earliest: from, because: :running)
      end

      def place(job)
        return @left[job.id] = job.blocked if job.blocked

        blocked = job.needs.find { |id, _| @left[id] }
        return @left[job.id] = @left[blocked.first] if blocked

        earliest, because = earliest(job)
        person, chunks = @board.put(job, earliest)
        return @left[job.id] = NEVER unless chunks

        @slots[job.id] = Slot.new(job: job, person: person, chunks: chunks, earliest: earliest, because: because)
      end

      # [minute, what held it: :now, :expected, :moved, or the id of the job before].
      def earliest(job)
        holds = [[@now, :now], [job.not_before, :expected], [job.pinned || 0, :moved]]
        job.needs.each { |id, wait| holds << [@slots[id].to + wait, id] if @slots[id] }
        holds.max_by.with_index { |(minute, _), order| [minute, -order] }
      end
    end
  end
end
