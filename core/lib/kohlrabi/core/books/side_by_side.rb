# frozen_string_literal: true

module Core
  module Books
    # Own pieces worked again, so many at a time: while one waits (drying, parts, no mood), hands go to the next.
    # Day by day, first come, first served; a pair of hands is on one piece a day.
    class SideBySide
      MAX_AT_ONCE = 4
      # at_once: pieces; days: from first to last; a_year: pieces in 365 days (Rational); idle: share of the days of
      # hands not used.
      Row = Struct.new(:at_once, :days, :a_year, :idle, keyword_init: true)
      Piece = Struct.new(:left, :gap, :extra, :free)

      # pieces: Array of [days worked on, days of waiting between them], in the order in which they were begun;
      # hands: people, from 1.
      def initialize(pieces, hands: 1)
        @pieces = pieces.select { |worked, _| worked.positive? }
        @hands = hands
      end

      # Array of Row for 1 to MAX_AT_ONCE pieces at a time; empty without pieces.
      def rows
        return [] if @pieces.empty?

        (1..MAX_AT_ONCE).map do |at_once|
          days = days(at_once)
          Row.new(at_once: at_once, days: days, a_year: Rational(@pieces.size * 365, days),
                  idle: 1 - Rational(worked, days * @hands)).freeze
        end
      end

      def worked = @pieces.sum(&:first)

      private

      def days(at_once)
        waiting = @pieces.map { |worked, idle| start(worked, idle) }
        open = []
        day = 0
        until waiting.empty? && open.empty?
          open << waiting.shift while open.size < at_once && waiting.any?
          open.select { |piece| piece.free <= day }.first(@hands).each { |piece| work(piece, day) }
          open.reject! { |piece| piece.left.zero? }
          day += 1
        end
        day
      end

      # The waiting is spread evenly between the days worked.
      def start(worked, idle)
        gap, extra = worked > 1 ? [idle, 0].max.divmod(worked - 1) : [0, 0]
        Piece.new(worked, gap, extra, 0)
      end

      def work(piece, day)
        piece.left -= 1
        piece.free = day + 1 + piece.gap + (piece.extra.positive? ? 1 : 0)
        piece.extra -= 1
      end
    end
  end
end
