# frozen_string_literal: true

module Core
  module Bench
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
  end
end
