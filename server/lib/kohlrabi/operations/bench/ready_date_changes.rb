# frozen_string_literal: true

module Operations
  module Bench
    # What a change of the schedule does to the days on which pieces are ready, in sentences.
    module ReadyDateChanges
      extend self

      # Does the change in the block.
      def of
        before = ready
        yield
        after = ready
        lines = after.filter_map { |id, (name, day)| line(name, before[id]&.last, day) }
        lines.empty? ? ["No ready dates change."] : lines
      end

      private

      # {piece id => [name, Date or nil]}.
      def ready
        bench = Schedules.now
        bench.pieces.to_h do |id, piece|
          [id, [piece.name, bench.schedule.ready(id)&.then do |minute|
            bench.date(minute)
          end]]
        end
      end

      def line(name, before, after)
        return if before == after
        return "#{name}: no ready date anymore." unless after

        "#{name}: ready #{Core::Units::Calendar.text(after)}#{" instead of #{Core::Units::Calendar.text(before)}" if before}."
      end
    end
  end
end
