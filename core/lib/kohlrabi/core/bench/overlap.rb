# frozen_string_literal: true

module Core
  module Bench
    # Whether two stretches of one person's work lie over each other, and what is left of one without the other. A
    # stretch is [from, to]: two instants or numbers of which differences are seconds.
    module Overlap
      LEAST = 60 # seconds; less is rounding to whole minutes

      extend self

      # Seconds that both share; 0 where it is less than a minute.
      def seconds(one, other)
        shared = [one.last, other.last].min - [one.first, other.first].max
        shared >= LEAST ? shared : 0
      end

      # What is left of a stretch without the other, the longer end where it lies within it; nil where less than a
      # minute is.
      def without(one, other)
        before = [one.first, [other.first, one.last].min]
        after = [[other.last, one.first].max, one.last]
        left = [before, after].max_by { |from, to| to - from }
        left if left.last - left.first >= LEAST
      end
    end
  end
end
