# frozen_string_literal: true

module Core
  module Flips
    # What a cost is for, guessed from what was written: "drawer pulls" is hardware, "1 qt primer" materials. The
    # person has the last word.
    module CostCategories
      CATEGORIES = Core.table("flips/cost_words").flat_map do |row|
        row[:words].map { |word| [word, row[:category]] }
      end.to_h.freeze
      WORD = /\b(#{Regexp.union(CATEGORIES.keys.sort_by { |word| -word.size }).source})(?:e?s)?\b/i
      # What comes after says what the thing is for, or made of: "paint for the knobs".
      FIRST = /\A.+?(?=\b(?:for|with|from|to|on|in|at|incl|including)\b|[,(:;])/i
      ALL = %w[materials hardware other].freeze

      extend self

      # Returns one of ALL.
      def guess(what)
        text = what.to_s
        word = last_word(text[FIRST] || text) || last_word(text)
        word ? CATEGORIES.fetch(word.downcase) : "other"
      end

      private

      def last_word(text) = text.scan(WORD).last&.first
    end
  end
end
