# frozen_string_literal: true

module Core
  module Bench
    # Who works what when. Jobs that cannot be put anywhere stand in `left` with why.
    class Schedule
      attr_reader :slots, :left, :pieces

      # slots: {job id => Slot}; left: {job id => why}; pieces: ids in the order in which they were given time; jobs:
      # Array of Job.
      def initialize(slots, left, pieces, jobs)
        @slots = slots
        @left = left
        @pieces = pieces
        @by_piece = jobs.group_by(&:piece)
      end

      # Array of Slot by time.
      def sequence
        @sequence ||= slots.values.sort_by { |slot| [slot.from, slot.to, slot.job.position, slot.job.id.to_s] }
      end

      # Minute at which a piece is ready, or nil where something of it cannot be worked yet. The piece's jobs that are
      # left: why_not.
      def ready(piece)
        own = @by_piece.fetch(piece, [])
        own.map { |job| slots[job.id]&.free || (return nil) }.max
      end

      # Why nobody can say when the piece is ready; nil where it can be said.
      def why_not(piece) = @by_piece.fetch(piece, []).filter_map { |job| left[job.id] }.first

      # Slots of a person between two minutes, as [slot, from, to].
      def between(from, to)
        sequence.flat_map do |slot|
          slot.chunks.filter_map do |start, stop|
            [slot, start, stop] if start < to && stop > from
          end
        end
                .sort_by { |slot, start, _| [start, slot.job.id.to_s] }
      end

      # Minute at which the last job is over, its wait aside; 0 where there is none.
      def makespan = slots.values.map(&:to).max || 0
    end
  end
end
