# frozen_string_literal: true

module Kohlrabi
  module Core
    # Raised when what was given cannot stand. It names the field, says what is wrong and what to do.
    # A message reads "Price paid: “-5” is negative. Give 0 for a free piece."
    class Refusal < StandardError
      attr_reader :field, :problem, :remedy, :code

      # field: Symbol or nil where no single field is at fault; problem, remedy: whole sentences; code: a stable name of what is wrong, for programs
      # that act on it, never on the words. Most are answered by a person alone, and need none.
      def initialize(problem, remedy = nil, field: nil, code: :refused)
        @field = field
        @code = code
        @problem = problem
        @remedy = remedy
        super([problem, remedy].compact.join(" "))
      end

      # The same refusal said of another field.
      def at(field)
        self.class.new(problem, remedy, field: field, code: code)
      end

      # The same refusal, said of something by name.
      def of(name)
        self.class.new("#{name}: #{problem}", remedy, field: field, code: code)
      end
    end
  end
end
