# frozen_string_literal: true

module Formats
  # What a spreadsheet leaves open: decimal commas, and dates that are not written year first. The browser asks.
  class Questions
    COMMA = /\A-?\d+,\d{1,2}\z/
    OTHER_DATE = %r{\A(\d{1,2})[./-](\d{1,2})[./-](\d{4}|\d{2})\z}

    # columns: Array of names; rows: Array of CsvRows::Row; decimal, dates: as answered so far.
    def initialize(columns, rows, decimal:, dates:)
      @cells = rows.flat_map do |row|
        columns.zip(row.cells)
      end.group_by(&:first).transform_values do |pairs|
        pairs.map do |_, cell|
          cell.to_s.strip
        end
      end
      @decimal = decimal
      @dates = dates
    end

    # Array of {key:, example:, choices:}: "decimal" and "dates", each only while it is open.
    def list
      [decimal, dates].compact
    end

    private

    def decimal
      example = cells(FlipsCsv::MONEY + ["hours"]).find { |cell| cell.match?(COMMA) }
      { key: "decimal", example: example, choices: %w[comma] } if example && @decimal == :point
    end

    def dates
      written = cells(FlipsCsv::DATES).grep(OTHER_DATE)
      return if written.empty? || @dates != :iso

      firsts, seconds = written.map { |cell| cell.match(OTHER_DATE).captures.first(2).map(&:to_i) }.transpose
      choices = []
      choices << "dmy" if seconds.max <= 12
      choices << "mdy" if firsts.max <= 12
      { key: "dates", example: written.first, choices: choices } if choices.any?
    end

    def cells(names) = names.flat_map { |name| @cells.fetch(name, []) }
  end
end
