# frozen_string_literal: true

module Core
  module Flips
    # What a cost is for, guessed from what was written: "drawer pulls" is hardware, "1 qt primer" materials. The
    # person has the last word.
    module CostCategories
      ROWS = Core.table("flips/cost_words").to_h do |row|
        [row[:category], /\b(?:#{row[:words].map { |word| Regexp.escape(word) }.join('|')})/i]
      end.freeze
      ALL = %w[materials hardware other].freeze

      extend self

      # Returns one of ALL.
      def guess(what) = ROWS.find { |_, words| what.to_s.match?(words) }&.first || "other"
    end
  end
end
