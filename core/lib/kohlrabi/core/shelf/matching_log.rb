# frozen_string_literal: true

module Core
  module Shelf
    # How a colour was matched: what went into how much, step by step, so that it can be done again.
    class MatchingLog
      # amount: ml; said: how it compared; trip: whether one had to go and compare or fetch something.
      Entry = Struct.new(:key, :label, :amount, :said, :trip, :on, keyword_init: true)
      # percent: of this part so far, and all: of everything added so far, both in percent of the original amount,
      # Rational.
      Line = Struct.new(:entry, :percent, :all, keyword_init: true)

      # original: ml before the first addition, above 0; entries: Array of Entry, the first first.
      def initialize(original, entries)
        raise Refusal.new(:nothing_to_match, field: :amount) unless original.positive?

        @original = original.to_r
        @entries = entries
      end

      def lines
        so_far = Hash.new(0r)
        @entries.map do |entry|
          so_far[entry.key] += entry.amount
          Line.new(entry: entry, percent: so_far[entry.key] * 100 / @original, all: so_far.values.sum * 100 / @original)
        end
      end

      def trips = @entries.count(&:trip)
    end
  end
end
