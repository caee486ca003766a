# frozen_string_literal: true

module Core
  module Bench
    # Where work is done and dries: at most so many pieces at a time, and only while it is open.
    class Place
      Hold = Struct.new(:from, :to, :piece)

      attr_reader :capacity, :windows

      # capacity: pieces at a time, nil for as many as come; windows: Array of [from, to] in which it can be worked in,
      # nil for always.
      def initialize(capacity: nil, windows: nil)
        @capacity = capacity
        @windows = windows&.sort
        @holds = []
      end

      # The same place, empty again.
      def empty = Place.new(capacity: capacity, windows: windows)

      # A piece stays here from one minute to another.
      def hold(from, to, piece)
        @holds << Hold.new(from, to, piece) if capacity && to > from
      end

      # The first minute from start at which a piece can stay for so many minutes.
      def room_from(start, length, piece)
        return start unless capacity

        loop do
          others = @holds.select { |hold| hold.piece != piece && hold.from < start + length && hold.to > start }
          return start if others.size < capacity || most_at_once(others, start) < capacity

          start = others.map(&:to).min
        end
      end

      # The part of a stretch of time in which it can be worked in: Array of [from, to].
      def open(from, to)
        return [[from, to]] unless windows

        windows.filter_map { |open, shut| [[open, from].max, [shut, to].min] if open < to && shut > from }
      end

      private

      def most_at_once(holds, start)
        holds.map { |hold| [hold.from, start].max }.uniq
             .map do |moment|
          holds.select do |hold|
            hold.from <= moment && hold.to > moment
          end.map(&:piece).uniq.size
        end.max || 0
      end
    end
  end
end
