# frozen_string_literal: true

module Core
  module Books
    # One entry of double-entry book-keeping: on: Date; text; postings: Array of [account, Integer minor units] that
    # add up to 0.
    Entry = Struct.new(:on, :text, :note, :postings, keyword_init: true)

    # How an entry is made.
    class Entry
      # pairs: {account => minor units}; the last account takes what makes the entry balance. Nothing of nothing:
      # nil where all are 0.
      def self.balanced(on, text, pairs, against, note: nil)
        rows = pairs.reject { |_, amount| amount.zero? }.to_a
        return if rows.empty?

        new(on: on, text: text, note: note, postings: [*rows, [against, -rows.sum(&:last)]].reject do |_, amount|
          amount.zero?
        end).freeze
      end

      def balance = postings.sum(&:last)
    end
  end
end
