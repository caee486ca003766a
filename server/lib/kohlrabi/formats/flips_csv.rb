# frozen_string_literal: true

module Formats
  # A person's spreadsheet of past flips, as CSV, XLSX or ODS; docs/formats/flips-csv.md describes it. Reads, never
  # writes to the records.
  class FlipsCsv
    COLUMNS = %w[name kind source bought_on purchase materials hardware other_costs hours started_on ready_on listed_on
                 asking_price sold_on sale_price fees channel notes outcome outcome_on tip refund width depth height].freeze
    MONEY = %w[purchase materials hardware other_costs asking_price sale_price fees tip refund].freeze
    DATES = %w[bought_on started_on ready_on listed_on sold_on outcome_on].freeze
    SIDES = %w[width depth height].freeze
    TEXTS = %w[name kind source channel notes].freeze

    attr_reader :flips, :problems, :questions

    # One column of the file: head: its name there; to: column it is read as, nil where none; guessed; samples: Array of
    # texts.
    Column = Struct.new(:head, :to, :guessed, :samples, keyword_init: true)
    SAMPLES = 3

    # bytes: the file; currency: Core::Units::Currency; today: Date; unit: of bare lengths.
    # decimal: :point or :comma; dates: :iso, :dmy or :mdy, as the person answered. columns: {head => column, or "" to
    # leave it out}, as the person matched them; guess: whether to guess those that are named otherwise; gone: as
    # SheetRows has it, told with each row. Raises Core::Refusal when nothing can be read at all.
    def initialize(bytes, currency:, today:, decimal: :point, dates: :iso, columns: {}, guess: false, gone: nil,
                   unit: "mm")
      @reading = { currency: currency, today: today, decimal: decimal, dates: dates, unit: unit }
      @guess = guess
      @rows = SheetRows.sheet?(bytes) ? SheetRows.new(bytes, gone: gone) : CsvRows.new(bytes, gone: gone)
      @heads = @rows.header.cells.map { |cell| cell.to_s.strip }
      @matching = Columns.new(@heads, chosen: columns, guess: guess)
      @columns = @matching.targets
      refuse_nameless unless guess
      @problems = header_problems
      @questions = Questions.new(@columns.map(&:to_s), @rows.rows, decimal: decimal, dates: dates).list
      @flips = @columns.include?("name") ? read(gone) : []
    end

    # Array of Column, in the file's order; nameless ones without content are left out.
    def columns
      @heads.each_with_index.filter_map do |head, index|
        samples = @rows.rows.lazy.map { |row| row.cells[index].to_s.strip }.reject(&:empty?).first(SAMPLES)
        next if head.empty? && samples.empty?

        Column.new(head: head, to: @columns[index], guessed: @matching.guessed?(index), samples: samples)
      end
    end

    private

    def read(gone)
      @rows.rows.map do |row|
        gone&.call
        flip(row)
      end
    end

    def remedy
      @guess ? "Choose what it is, or leave it out." : "Rename it to one of #{COLUMNS.join(', ')}, or remove it."
    end

    def refuse_nameless
      return if @columns.include?("name")

      raise Core::Refusal.new(:no_name_column, field: :file, columns: COLUMNS.drop(1).join(", "))
    end

    def header_problems
      unknown = @heads.zip(@columns).select { |head, to| to.nil? && !head.empty? }.map(&:first).uniq.map do |name|
        "Column “#{Core::Units::Numerals.clip(name)}” is unknown and would be left out. #{remedy}"
      end
      twice = COLUMNS.select do |name|
        @columns.count(name) > 1
      end.map { |name| "Column “#{name}” is there twice. Keep one of them." }
      nameless = @columns.include?("name") ? [] : ["No column is the name yet. Choose the one that says what each flip was."]
      nameless + unknown + twice
    end

    def flip(row)
      given = @columns.zip(row.cells).to_h.slice(*COLUMNS).transform_values { |cell| cell.to_s.strip }
      TEXTS.each { |column| given[column] = FormulaGuard.read(given[column]) if given[column] }
      problem = row.problem || miscounted(row)
      CsvFlip.new(row.number, given, problem: problem, **@reading)
    end

    def miscounted(row)
      return if row.cells.size == @columns.size || row.cells.drop(@columns.size).all? { |cell| cell.to_s.strip.empty? }
      return if row.cells.size < @columns.size && row.cells.size.positive? && @heads.drop(row.cells.size).all?(&:empty?)

      "This row can't be read: it has #{row.cells.size} cells, the header names #{@columns.size} columns."
    end
  end
end
