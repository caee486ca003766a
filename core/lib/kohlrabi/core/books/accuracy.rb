# frozen_string_literal: true

module Core
  module Books
    # One estimate against what came, over many flips: by how much and which way.
    module Accuracy
      # pairs: Array of [estimated, actual] in one unit, either may be nil. Returns {n:, ratio:, lower:, upper:,
      # over:, under:, text:}; over, under: how many came out above and below.
      def self.of(pairs)
        known = pairs.select { |estimated, actual| estimated && actual }
        row = Scout::TrackRecord.row(pairs)
        { n: row.n, ratio: row.ratio, lower: row.lower, upper: row.upper, text: row.text,
          over: known.count { |estimated, actual| actual > estimated },
          under: known.count { |estimated, actual| actual < estimated } }
      end
    end
  end
end
