# frozen_string_literal: true

require "roo"

module Formats
  # The first sheet of a spreadsheet file (XLSX or ODS) as rows of text, in the shape of CsvRows. Cells that hold dates
  # come as 2026-05-03 and numbers with a point, whatever the sheet shows; text comes as it was typed.
  #
  # A file of two kilobytes can say that it has 17 thousand million cells, or unpack to more than the memory holds: what
  # it unpacks to, rows, columns, cells and time are bounded while it is read, and reading stops at the first bound.
  class SheetRows
    ZIP = "PK\x03\x04".b
    ODS = "application/vnd.oasis.opendocument.spreadsheet"
    MAX_ROWS = 20_000
    MAX_COLUMNS = 200
    MAX_CELLS = 1_000_000
    MAX_UNPACKED = 80_000_000 # bytes of all parts of the file
    MAX_SECONDS = 20

    attr_reader :header, :rows

    def self.sheet?(bytes) = bytes.byteslice(0, 4).to_s.b == ZIP

    # bytes: the file; gone: told now and then, raises where nobody waits for the answer any more. Raises Core::Refusal
    # when it is no spreadsheet, is larger than it may be, or has no header row.
    def initialize(bytes, gone: nil)
      @gone = gone
      @until = now + MAX_SECONDS
      found = read(bytes).map { |number, cells| CsvRows::Row.new(number: number, cells: cells) }
                         .reject { |row| row.cells.all? { |cell| cell.to_s.strip.empty? } }
      refuse(:sheet_empty) if found.empty?
      @header, *@rows = found
    end

    private

    # [[number of the row, cells]].
    def read(bytes)
      Tempfile.create(["sheet", extension(bytes)], binmode: true) do |file|
        file.write(bytes)
        file.flush
        measure(file.path)
        extension(bytes) == ".ods" ? open_document(file.path) : excel(file.path)
      end
    rescue Core::Refusal
      raise
    rescue Zip::Error, Zlib::Error, Nokogiri::XML::SyntaxError, ArgumentError, NoMethodError, TypeError, RangeError, KeyError, IOError,
           EncodingError
      # What roo and rubyzip raise on files that are not what they say they are, an XLSX without its styles among them.
      refuse(:spreadsheet_damaged)
    end

    # What all parts unpack to. rubyzip refuses a part that unpacks to more than it says.
    def measure(path)
      size = Zip::File.open(path) { |zip| zip.entries.sum(&:size) }
      refuse(:unpacked_too_large, max_unpacked: MAX_UNPACKED / 1_000_000) if size > MAX_UNPACKED
    end

    # Row by row as the file is parsed: nothing is made of what lies between cells.
    def excel(path)
      book = Roo::Excelx.new(path)
      cells = 0
      found = []
      book.each_row_streaming(pad_cells: false) do |row|
        row = row.reject { |cell| cell.nil? || cell.empty? }
        next if row.empty?

        columns = row.map { |cell| cell.coordinate.column }.max
        bound(found.size + 1, columns, cells += columns)
        found << [row.first.coordinate.row, spread(row, columns)]
      end
      found
    end

    def spread(row, columns)
      row.each_with_object(Array.new(columns, "")) do |cell, texts|
        texts[cell.coordinate.column - 1] = text(cell.value)
      end
    end

    # The first table of an ODS, read as it stands: a cell or row may say that it is repeated a million times.
    def open_document(path)
      xml = Zip::File.open(path) { |zip| zip.find_entry("content.xml")&.get_input_stream&.read } or raise KeyError
      reader = Nokogiri::XML::Reader(xml)
      found = []
      cells = number = 0
      reader.each do |node|
        break if node.name == "table:table" && node.node_type == Nokogiri::XML::Reader::TYPE_END_ELEMENT
        next unless node.name == "table:table-row" && node.node_type == Nokogiri::XML::Reader::TYPE_ELEMENT

        repeats = repeated(node.attribute("table:number-rows-repeated"))
        texts = ods_row(node.outer_xml)
        if texts.any?
          bound(found.size + repeats, texts.size, cells += texts.size * repeats)
          repeats.times { |more| found << [number + more + 1, texts] }
        end
        number += repeats
      end
      found
    end

    # Texts of a row without what is empty at its end.
    def ods_row(xml)
      row = Nokogiri::XML.fragment(xml).at_xpath("*")
      texts = row.element_children.flat_map do |cell|
        text = ods_text(cell)
        repeats = repeated(cell["table:number-columns-repeated"] || cell["number-columns-repeated"])
        bound(0, repeats, 0) unless text.empty?
        Array.new([repeats, MAX_COLUMNS + 1].min, text)
      end
      texts.pop while texts.any? && texts.last.empty?
      bound(0, texts.size, 0)
      texts
    end

    def ods_text(cell)
      get = ->(name) { cell["office:#{name}"] || cell[name] }
      case get.call("value-type")
      when "date" then get.call("date-value").to_s[0, 10]
      when "float", "currency", "percentage" then number(Float(get.call("value")))
      when nil then ""
      else get.call("string-value") || cell.element_children.select do |part|
             part.name.end_with?("p")
           end.map(&:text).join("\n")
      end
    end

    def repeated(text) = text ? Integer(text).clamp(1, 2_000_000) : 1

    # A spreadsheet names its kind in the zip's first file.
    def extension(bytes) = bytes.byteslice(0, 200).to_s.b.include?(ODS) ? ".ods" : ".xlsx"

    def bound(rows, columns, cells)
      refuse(:too_many_rows, max_rows: MAX_ROWS) if rows > MAX_ROWS
      refuse(:too_many_columns, max_columns: MAX_COLUMNS) if columns > MAX_COLUMNS
      refuse(:too_many_cells, max_cells: MAX_CELLS) if cells > MAX_CELLS
      refuse(:sheet_too_slow, max_seconds: MAX_SECONDS) if now > @until
      @gone&.call
    end

    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

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

    def refuse(code, **params) = raise(Core::Refusal.new(code, field: :file, **params))
  end
end
