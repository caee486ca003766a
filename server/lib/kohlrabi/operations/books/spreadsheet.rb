# frozen_string_literal: true

module Operations
  module Books
    # A spreadsheet of past flips on its way in: read, checked against what is there, and taken when somebody says so.
    class Spreadsheet
      attr_reader :outcomes, :problems, :questions, :columns

      # bytes: the file. decimal, dates: how it is written. again: take repeats too. skip_bad: leave bad rows and
      # unknown columns out instead of refusing all. columns, guess, gone: as Formats::FlipsCsv has them.
      # Raises Core::Refusal when it cannot be read at all.
      def initialize(bytes, decimal: :point, dates: :iso, again: false, skip_bad: false, columns: {}, guess: false,
                     gone: nil)
        file = Formats::FlipsCsv.new(bytes, currency: Support::Workshop.current.money, today: Support::Workshop.today,
                                            decimal: decimal, dates: dates,
                                            columns: columns, guess: guess, gone: gone, unit: Support::Workshop.current.length_unit)
        @columns = file.columns
        @problems = file.problems
        @questions = file.questions
        @skip_bad = skip_bad
        @gone = gone
        @outcomes, @wanted = Import.check(file.flips, again: again)
      end

      # Nothing stands against taking it in.
      def sound? = problems.empty? && outcomes.none? { |outcome| outcome.state == :bad }

      # Takes all flips in one transaction. Yields progress (done, of). Returns self. Raises Refused naming row and
      # column.
      def take!(&)
        raise Support::Refused, refusals unless sound? || @skip_bad

        Import.take(@wanted, gone: @gone, &)
        self
      end

      def refusals
        bad = outcomes.select { |outcome| outcome.state == :bad }
        (problems + bad.flat_map { |outcome| outcome.problems.map { |problem| "Row #{outcome.row}, #{problem}" } })
          .first(50).map { |problem| Core::Refusal.new(:row_refused, field: :file, problem: problem) }
      end
    end
  end
end
