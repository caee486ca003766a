# frozen_string_literal: true

module Kohlrabi
  module Formats
    # A person's spreadsheet of past flips; docs/formats/flips-csv.md describes it. Reads, never writes to the records.
    class FlipsCsv
      COLUMNS = %w[name kind source bought_on purchase materials hardware other_costs hours started_on ready_on listed_on
                   asking_price sold_on sale_price fees channel notes outcome outcome_on tip refund].freeze
      MONEY = %w[purchase materials hardware other_costs asking_price sale_price fees tip refund].freeze
      DATES = %w[bought_on started_on ready_on listed_on sold_on outcome_on].freeze

      attr_reader :flips, :problems, :questions

      # bytes: the file; currency: Core::Units::Currency; today: Date.
      # decimal: :point or :comma; dates: :iso, :dmy or :mdy, as the person answered.
      # Raises Core::Refusal when nothing can be read at all.
      def initialize(bytes, currency:, today:, decimal: :point, dates: :iso)
        @reading = { currency: currency, today: today, decimal: decimal, dates: dates }
        rows = CsvRows.new(bytes)
        @columns = rows.header.cells.map { |cell| cell.to_s.strip.downcase }
        @problems = header_problems
        @questions = Questions.new(@columns, rows.rows, decimal: decimal, dates: dates).list
        @flips = rows.rows.map { |row| flip(row) }
      end

      private

      def header_problems
        unless @columns.include?("name")
          raise Core::Refusal.new("There is no column “name”.", "Only name is required; the others are #{COLUMNS.drop(1).join(', ')}.",
                                  field: :file)
        end

        unknown = (@columns - COLUMNS - [""]).uniq.map { |name| "Column “#{Core::Units::Numerals.clip(name)}” is not known here and would be left out. Rename it to one of #{COLUMNS.join(', ')}, or remove it." }
        twice = COLUMNS.select { |name| @columns.count(name) > 1 }.map { |name| "Column “#{name}” stands twice. Keep one of them." }
        unknown + twice
      end

      def flip(row)
        given = @columns.zip(row.cells).to_h.slice(*COLUMNS).transform_values { |cell| cell.to_s.strip }
        problem = row.problem || miscounted(row)
        CsvFlip.new(row.number, given, problem: problem, **@reading)
      end

      def miscounted(row)
        return if row.cells.size == @columns.size || row.cells.drop(@columns.size).all? { |cell| cell.to_s.strip.empty? }
        return if row.cells.size < @columns.size && row.cells.size.positive? && @columns.drop(row.cells.size).all?(&:empty?)

        "The row is broken: it has #{row.cells.size} cells, the header names #{@columns.size} columns."
      end
    end
  end
end
