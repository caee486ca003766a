# frozen_string_literal: true

module Core
  module Planning
    # What was done, laid over a plan: which zones of a step need it no more, and what is left over.
    class Marks
      # marks: Array of Mark.
      def initialize(marks)
        @by_key = marks.group_by(&:key).transform_values { |all| all.map(&:zone) }
        @sanded = marks.select { |mark| mark.deed.finest }
        @served = []
      end

      # Keys of the zones on which a step is done: by itself, or by sanding that went as far under other rules.
      def done(key, zones)
        own = @by_key.fetch(key, [])
        return own if @sanded.empty? || !(deed = Deed.read(key)).finest

        serving = @sanded.select { |mark| zones.include?(mark.zone) && mark.deed.serves?(deed) }
        @served |= serving
        own | serving.map(&:zone)
      end

      # Whether a mark made some step needless.
      def served?(mark) = @served.include?(mark)
    end
  end
end
