# frozen_string_literal: true

module Core
  module Planning
    # The workshop's own way where practitioners disagree, from data/planning/workshop_practices.yml.
    class WorkshopPractices
      ALL = Core.table("planning/workshop_practices")
      BY_QUESTION = ALL.to_h { |row| [row[:question], row] }.freeze

      # chosen: {question => choice key}; what is missing takes the default. Raises Refusal for a choice that is not
      # there.
      def initialize(chosen = {})
        @chosen = chosen.to_h { |question, key| [question.to_s, WorkshopPractices.check(question, key)] }
      end

      # Key of the choice for a question (Symbol).
      def [](question) = @chosen.fetch(question.to_s) { BY_QUESTION.fetch(question.to_s)[:default] }

      # Two with the same choices are the same.
      def ==(other) = other.is_a?(WorkshopPractices) && chosen == other.chosen
      alias eql? ==
      def hash = chosen.hash

      def self.check(question, key)
        row = BY_QUESTION.fetch(question.to_s) { raise Refusal.new(:not_a_question, given: question) }
        keys = row[:choices].map { |choice| choice[:key] }
        return key if keys.include?(key)

        raise Refusal.new(:not_a_way_to_answer, field: question.to_sym, given: key, row: row[:label],
                                                keys: keys.join(", "))
      end

      protected

      attr_reader :chosen
    end
  end
end
