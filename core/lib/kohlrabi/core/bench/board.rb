# frozen_string_literal: true

module Core
  module Bench
    # Hands and places over time. A job is put at the earliest moment at which a person is free for it and its place has
    # room; nothing that stands there already is moved.
    class Board
      LEAST = 15 # minutes: no shorter rest is left over at the end of a session (common practice, no source)
      LEAST_DIVISIBLE = 10 # minutes of what may be broken off anywhere, such as sanding

      # sessions: Array of Session; places: {name => Place}.
      def initialize(sessions, places)
        @free = sessions.group_by(&:person).transform_values do |own|
          own.map do |session|
            [session.from, session.to]
          end.sort
        end
        @ends = sessions.to_h { |session| [[session.person, session.to], true] }
        @places = places
        @usual = {}
        @sessions = sessions
        @worked = Hash.new { |all, piece| all[piece] = [] }
      end

      # Puts a job at the first moment from `earliest`. Returns [person, chunks], or nil where it fits nowhere.
      def put(job, earliest)
        person, chunks = job.hands ? by_hand(job, earliest) : [nil, unattended(job, earliest)]
        return unless chunks

        keep(job, person, chunks)
        [person, chunks]
      end

      # Takes hands and place for something that stands fixed.
      def keep(job, person, chunks)
        if person
          chunks.each { |from, to| take(person, from, to) }
          @worked[job.piece].concat(chunks)
        end
        @places[job.place]&.hold(chunks.first.first, chunks.last.last + job.wait, job.piece)
      end

      private

      def unattended(job, earliest)
        start = room(job, earliest, job.minutes)
        [[start, start + job.minutes]]
      end

      def by_hand(job, earliest)
        ways = @free.filter_map { |person, free| (chunks = fit(job, person, free, earliest)) && [person, chunks] }
        ways.min_by.with_index { |(_, chunks), order| [chunks.last.last, chunks.first.first, order] }
      end

      # The first chunks of a person's free time that hold the job.
      def fit(job, person, free, earliest)
        first = free.bsearch_index { |_, to| to > earliest } or return
        (first...free.size).each do |index|
          opening(job, free[index], earliest).each do |from, to|
            start = room(job, from, job.minutes)
            return [[start, start + job.minutes]] if start + job.minutes <= to

            chunks = split(job, person, free, index, start, to)
            return chunks if chunks
          end
        end
        nil
      end

      # Begins a job that goes on in later sessions of the person; nil where it must not or cannot.
      def split(job, person, free, index, start, to)
        least = least(job, free, index, start) or return
        return unless start < to && @ends[[person, to]]

        length = part(to - start, job.minutes, least) or return
        chunks = [[start, start + length]]
        rest = job.minutes - length
        ((index + 1)...free.size).each do |next_one|
          rest = go_on(job, person, free[next_one], rest, least, chunks)
          break if rest.zero?
        end
        chunks if rest.zero? && room(job, start, chunks.last.last - start) == start
      end

      # What is left of the job after another stretch of free time.
      def go_on(job, person, stretch, rest, least, chunks)
        from, to = opening(job, stretch, 0).first
        length = from && part(to - from, rest, least)
        return rest unless length && (length == rest || @ends[[person, to]])

        chunks << [from, from + length]
        rest - length
      end

      # How much of the work is done in so many minutes, so that no shorter rest is left than may be; nil where it is
      # not worth beginning.
      def part(room, work, least)
        return work if work <= room

        length = [room, work - least].min
        length if length >= least
      end

      # Shortest part into which a job may be broken; nil: it is worked in one go. What the usual session cannot hold is
      # broken all the same, even where one long session lies somewhere else, and what none of those that are left can
      # hold.
      def least(job, free, index, start)
        return LEAST_DIVISIBLE if job.divisible

        LEAST if job.minutes > usual(job.place) || free.drop(index).none? { |stretch| holds?(job, stretch, start) }
      end

      def holds?(job, stretch, start) = opening(job, stretch, start).any? { |from, to| to - from >= job.minutes }

      # Minutes of the middle one of all sessions, as far as the place is open in them.
      def usual(place)
        @usual[place] ||= begin
          lengths = @sessions.flat_map do |session|
            @places[place] ? @places[place].open(session.from, session.to) : [[session.from, session.to]]
          end
          lengths.map { |from, to| to - from }.sort.then { |sorted| sorted[sorted.size / 2] || 0 }
        end
      end

      # The parts of a stretch in which the job's place is open, from the earliest minute on.
      def opening(job, stretch, earliest)
        from = [stretch.first, earliest].max
        return [] if from >= stretch.last

        @places[job.place] ? @places[job.place].open(from, stretch.last) : [[from, stretch.last]]
      end

      # First minute from which the place has room, and nobody else has the piece in hand: two on one piece stand in
      # each other's dust.
      def room(job, from, minutes)
        loop do
          start = @places[job.place] ? @places[job.place].room_from(from, minutes + job.wait, job.piece) : from
          busy = job.hands && @worked[job.piece].find { |other, to| other < start + minutes && to > start }
          return start unless busy

          from = busy.last
        end
      end

      # A person is busy from one minute to another.
      def take(person, from, to)
        free = @free[person] or return
        @free[person] = free.flat_map do |start, stop|
          next [[start, stop]] if stop <= from || start >= to

          [([start, from] if start < from), ([to, stop] if to < stop)].compact
        end
      end
    end
  end
end
