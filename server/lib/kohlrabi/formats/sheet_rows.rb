# frozen_string_literal: true

module Kohlrabi
  module Formats
    # The first sheet of a spreadsheet file (XLSX or ODS) as rows of text, in the shape of CsvRows. Cells that hold dates come as 2026-05-03 and
    # numbers with a point, whatever the sheet shows; text comes as it was typed.
    class SheetRows
      ZIP = "PK\x03\x04".b
      ODS = "application/vnd.oasis.opendocument.spreadsheet"
      MOST = 100_000 # rows

      attr_reader :header, :rows

      def self.sheet?(bytes) = bytes.byteslice(0, 4).to_s.b == ZIP

      # bytes: the file. Raises Core::Refusal when it is no spreadsheet or has no header row.
      def initialize(bytes)
        found = read(bytes).each_with_index.map { |cells, place| CsvRows::Row.new(number: place + 1, cells: cells) }
                           .reject { |row| row.cells.all? { |cell| cell.to_s.strip.empty? } }
        refuse("The first sheet is empty.", "Its first row must name the columns.") if found.empty?
        refuse("The sheet has more than #{MOST} rows.", "Split it.") if found.size > MOST
        @header, *@rows = found
      end

      private

      def read(bytes)
        require "roo"
        Tempfile.create(["sheet", extension(bytes)], binmode: true) do |file|
          file.write(bytes)
          file.flush
          sheet = Roo::Spreadsheet.open(file.path)
          return [] unless sheet.first_row

          (sheet.first_row..sheet.last_row).map { |row| sheet.row(row).map { |cell| text(cell) } }
        end
      rescue Zip::Error, Nokogiri::XML::SyntaxError, ArgumentError, NoMethodError, TypeError, RangeError => e
        refuse("The file cannot be read as a spreadsheet (#{Core::Units::Numerals.clip(e.message)}).", "Save it as XLSX, ODS or CSV and try again.")
      end

      # A spreadsheet names its kind in the zip's first file.
      def extension(bytes) = bytes.byteslice(0, 200).to_s.b.include?(ODS) ? ".ods" : ".xlsx"

      def text(cell)
        case cell
        when DateTime, Time then cell.to_date.iso8601
        when Date then cell.iso8601
        when Float then number(cell)
        else cell.to_s
        end
      end

      # A sheet's numbers are binary: 12.1 may stand as 12.100000000000001; nine places tell all a spreadsheet shows.
      def number(value)
        rounded = value.round(9)
        rounded == rounded.to_i ? rounded.to_i.to_s : rounded.to_s
      end

      def refuse(problem, remedy) = raise(Core::Refusal.new(problem, remedy, field: :file))
    end
  end
end
