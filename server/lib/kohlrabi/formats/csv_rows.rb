# frozen_string_literal: true

require "csv"

module Formats
  # Reads a CSV (RFC 4180) row by row, so that one broken row does not spoil the others. Takes a byte-order mark,
  # semicolons or tabs for commas, and Unix, Windows or old line ends.
  # Rows and time are bounded while it is read, and reading stops where nobody waits any more.
  class CsvRows
    MAX_ROWS = 20_000
    MAX_SECONDS = 20
    Row = Struct.new(:number, :cells, :problem, keyword_init: true)
    SEPARATORS = [",", ";", "\t"].freeze
    LONGEST = 200 # lines that one quoted cell may run over before it counts as never closed

    attr_reader :header, :rows

    # bytes: the file; gone: told with each row, raises where nobody waits for the answer any more. Raises Core::Refusal
    # when it is not UTF-8 text, has no header row, or is larger than it may be.
    def initialize(bytes, gone: nil)
      @gone = gone
      @until = now + MAX_SECONDS
      text = bytes.dup.force_encoding(Encoding::UTF_8).delete_prefix("\uFEFF")
      refuse(:file_not_utf8) unless text.valid_encoding? && !text.include?("\0")

      @lines = text.gsub(/\r\n?/, "\n").lines
      @lines.shift while @lines.first&.strip&.empty?
      refuse(:file_empty) if @lines.empty?
      @separator = SEPARATORS.max_by { |mark| @lines.first.count(mark) }
      read
    end

    private

    def read
      number = 1
      @rows = []
      until @lines.empty?
        refuse(:too_many_rows, max_rows: MAX_ROWS) if number > MAX_ROWS + 1
        refuse(:sheet_too_slow, max_seconds: MAX_SECONDS) if now > @until
        @gone&.call
        row = next_row(number)
        number += 1
        @rows << row if row.problem || row.cells.any? { |cell| !cell.to_s.strip.empty? }
      end
      @header = @rows.shift
      refuse(:file_without_columns) if @header.nil?
      refuse(:header_unreadable, problem: @header.problem) if @header.problem
    end

    # Takes as many lines as the row runs over; a row that never closes its quotes costs only its first line.
    def next_row(number)
      (1..[LONGEST, @lines.size].min).each do |count|
        cells = CSV.parse_line(@lines.first(count).join, col_sep: @separator) || []
        @lines.shift(count)
        return Row.new(number: number, cells: cells)
      rescue CSV::MalformedCSVError => e
        next if e.message.include?("Unclosed")

        return in_inches(number) || broken(number, e.message)
      end
      broken(number, "a quotation mark is never closed")
    end

    # A quotation mark behind a digit, in text that is not quoted, stands for inches: 30" dresser. Taken as it stands
    # where all of a row's are such and it has the columns that the header names.
    def in_inches(number)
      return if @rows.empty? || @lines.first.match?(/(?<![\d½¼¾])"/)

      cells = CSV.parse_line(@lines.first, col_sep: @separator, liberal_parsing: true)
      return unless cells && cells.size == @rows.first.cells.size

      @lines.shift
      Row.new(number: number, cells: cells)
    rescue CSV::MalformedCSVError
      nil
    end

    def broken(number, message)
      @lines.shift
      Row.new(number: number, cells: [], problem: "This row can't be read: #{message.sub(/ in line \d+\.?\z/, '')}.")
    end

    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    def refuse(code, **params) = raise(Core::Refusal.new(code, field: :file, **params))
  end
end
