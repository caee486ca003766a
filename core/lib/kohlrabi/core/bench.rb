# frozen_string_literal: true

module Core
  # When to do what: the schedule over all pieces. Its small values stand here.
  module Bench
    # A step of a piece that is to be put into sessions. All times are whole minutes on one line of time.
    # id; piece: id; minutes: hands-on; needs: Array of [id of the step before, minutes to wait after it]; wait: minutes
    # it keeps its place afterwards; place: name, or nil; hands: whether it needs a person; divisible: whether it may go
    # on in the next session;
    # not_before: minute; blocked: why nobody can work it, or nil; pinned: minute of the session it was moved to, or
    # nil;
    # like: what it shares with like work (product, grit); position: its place in the plan.
    Job = Struct.new(:id, :piece, :minutes, :needs, :wait, :place, :hands, :divisible, :not_before, :blocked, :pinned, :like, :position,
                     keyword_init: true)

    # How a job is made.
    class Job
      def initialize(piece: nil, needs: [], wait: 0, hands: true, divisible: false, not_before: 0, position: 0, **rest)
        super
      end
    end

    # What one piece wants of the schedule. id; promised: minute by which it is promised, or nil; profit: expected,
    # minor units, or nil.
    PieceWish = Struct.new(:id, :promised, :profit, keyword_init: true)

    # Which piece goes first.
    class PieceWish
      LEAST_HOURS = 15 # minutes: the least that expected profit is shared by (a quarter of an hour; common practice, no source)

      # Minor units an hour still to be worked, as Rational; nil where no profit is expected yet.
      def value(minutes) = profit && Rational(profit * 60, [minutes, LEAST_HOURS].max)

      # Promised dates first, then value, then what is ready earliest. minutes: of work to come; ready: minute at which
      # it could be ready alone.
      def rank(minutes, ready)
        [promised || Float::INFINITY, value(minutes) ? -value(minutes) : Float::INFINITY, ready, id]
      end
    end

    # A stretch of time in which a person works. from, to: minutes.
    Session = Struct.new(:person, :from, :to, keyword_init: true)

    # When a job is worked. person: who; chunks: Array of [from, to], several where it goes on in another session; wait:
    # minutes after it;
    # earliest: minute from which it could have been worked, and because: what held it until then (:now, :expected,
    # :moved, :running, or the id of the job before).
    Slot = Struct.new(:job, :person, :chunks, :earliest, :because, keyword_init: true)

    # What follows from it.
    class Slot
      def from = chunks.first.first
      def to = chunks.last.last
      def free = to + job.wait
      def minutes = chunks.sum { |from, to| to - from }
    end
  end
end
