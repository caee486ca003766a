# frozen_string_literal: true

module Core
  module Planning
    # Which of the things that a piece still needs a cost probably pays for, by its words; the person confirms it.
    module CostWords
      SHORT = 3 # letters of the shortest word by which a cost names something
      # Kinds of product that people call by the kind alone.
      CALLED = %w[paint primer stain clear oil wax filler glue stripper deglosser cleaner liner bleach].freeze

      extend self

      # what: words of the cost; items: Array of [key, label, kind of product or nil]. Returns the keys that it names
      # best, none where it names nothing.
      def likely(what, items)
        scores = items.to_h { |key, label, kind| [key, named(what, label, kind)] }
        best = scores.values.max.to_i
        best.positive? ? scores.select { |_, score| score == best }.keys : []
      end

      private

      # How many words of a cost name something: its kind, or two words of its label, or its only word.
      def named(what, label, kind)
        said = words(what)
        own = words(label)
        shared = (own & said).size
        return shared + 1 if CALLED.include?(kind) && said.include?(kind)

        shared >= [2, own.size].min ? shared : 0
      end

      def words(text)
        text.to_s.downcase.scan(/[[:alpha:]]+/).select do |word|
          word.size >= SHORT
        end.map { |word| word.delete_suffix("s") }
      end
    end
  end
end
