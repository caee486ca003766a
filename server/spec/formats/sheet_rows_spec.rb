# frozen_string_literal: true

require_relative "../server_helper"
require "open3"
require "zip"

# Spreadsheets as the standards have them (XLSX: ECMA-376; ODS: OASIS OpenDocument 1.2), written here with the least
# that a file needs.
RSpec.describe Formats::SheetRows do
  main = "http://schemas.openxmlformats.org/spreadsheetml/2006/main"
  doc = "http://schemas.openxmlformats.org/officeDocument/2006/relationships"
  packed = "http://schemas.openxmlformats.org/package/2006"
  spaces = %w[office table text].map do |name|
    "xmlns:#{name}=\"urn:oasis:names:tc:opendocument:xmlns:#{name}:1.0\""
  end.join(" ")

  def zip(parts)
    Zip::OutputStream.write_buffer do |out|
      parts.each do |name, text|
        out.put_next_entry(name, nil, nil, Zip::Entry::STORED)
        out.write("#{'<?xml version="1.0"?>' if text.start_with?('<')}#{text}")
      end
    end.string
  end

  # rows: Array of Array of XML cells.
  define_method(:xlsx) do |rows|
    body = rows.map.with_index(1) do |cells, y|
      "<row r=\"#{y}\">#{cells.zip('A'..'Z').map { |cell, x| cell.sub('<c', "<c r=\"#{x}#{y}\"") }.join}</row>"
    end
    sheet = "<sheet name=\"Flips\" sheetId=\"1\" r:id=\"rId1\"/>"
    relation = "<Relationship Id=\"rId1\" Type=\"#{doc}/worksheet\" Target=\"worksheets/sheet1.xml\"/>"
    formats = '<cellXfs count="2"><xf numFmtId="0"/><xf numFmtId="14" applyNumberFormat="1"/></cellXfs>'
    zip("[Content_Types].xml" => "<Types xmlns=\"#{packed}/content-types\"/>",
        "xl/workbook.xml" => "<workbook xmlns=\"#{main}\" xmlns:r=\"#{doc}\"><sheets>#{sheet}</sheets></workbook>",
        "xl/_rels/workbook.xml.rels" => "<Relationships xmlns=\"#{packed}/relationships\">#{relation}</Relationships>",
        "xl/styles.xml" => "<styleSheet xmlns=\"#{main}\">#{formats}</styleSheet>",
        "xl/worksheets/sheet1.xml" => "<worksheet xmlns=\"#{main}\"><sheetData>#{body.join}</sheetData></worksheet>")
  end

  def text(value) = "<c t=\"inlineStr\"><is><t>#{value}</t></is></c>"
  def number(value, style: 0) = "<c s=\"#{style}\"><v>#{value}</v></c>"

  def ods_cell(value)
    type, name = { String => %w[string string-value], Float => %w[float value],
                   Date => %w[date date-value] }.fetch(value.class)
    "<table:table-cell office:value-type=\"#{type}\" office:#{name}=\"#{value}\"><text:p>#{value}</text:p></table:table-cell>"
  end

  define_method(:ods) do |rows|
    body = rows.map { |row| "<table:table-row>#{row.map { |value| ods_cell(value) }.join}</table:table-row>" }.join
    table = "<office:body><office:spreadsheet><table:table table:name=\"Flips\">#{body}</table:table></office:spreadsheet></office:body>"
    zip("mimetype" => Formats::SheetRows::ODS,
        "content.xml" => "<office:document-content #{spaces}>#{table}</office:document-content>",
        "styles.xml" => "<office:document-styles #{spaces}/>",
        "META-INF/manifest.xml" => '<manifest:manifest xmlns:manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0"/>')
  end

  # Serial 46054 of a sheet is 1 February 2026: 30 December 1899 and 46054 days (ECMA-376, 18.17.4.1).
  it "reads text, numbers and dates of an XLSX" do
    rows = described_class.new(xlsx([[text("name"), text("purchase"), text("bought_on"), text("hours")],
                                     [text("Desk"), number("12.100000000000001"), number(46_054, style: 1),
                                      number(3)]]))
    expect(rows.header.cells).to eq(%w[name purchase bought_on hours])
    expect(rows.rows.map { |row| [row.number, row.cells] }).to eq([[2, ["Desk", "12.1", "2026-02-01", "3"]]])
  end

  it "reads them of an ODS" do
    rows = described_class.new(ods([%w[name purchase bought_on], ["Desk", 12.5, Date.new(2026, 2, 1)]]))
    expect(rows.rows.first.cells).to eq(["Desk", "12.5", "2026-02-01"])
  end

  it "is taken in as a CSV is" do
    sheet = Operations::Books::Spreadsheet.new(xlsx([[text("Item"), text("Paid")], [text("Desk"), number(12)]]),
                                               guess: true)
    expect(sheet.outcomes.map do |outcome|
      [outcome.row, outcome.name, outcome.summary[:purchase_minor]]
    end).to eq([[2, "Desk", 12_00]])
  end

  it "refuses what is a zip and no spreadsheet, and an empty sheet, with the remedy" do
    expect { described_class.new(zip("a.txt" => "x")) }.to raise_error(Core::Refusal, /Save it as XLSX, ODS, or CSV/)
    expect { described_class.new("PK\x03\x04broken".b) }.to raise_error(Core::Refusal, /Save it as XLSX, ODS, or CSV/)
    expect { described_class.new(xlsx([])) }.to raise_error(Core::Refusal, /is empty/)
  end

  # Each of these is a few kilobytes and asks for gigabytes or hours: refused in words, for a few seconds of the
  # processor and 60 MB at most.
  describe "what is made to hold the machine" do
    def refused(bytes, why)
      said, seconds, kilobytes = by_itself(bytes)
      expect(said).to match(why)
      expect(seconds).to be < 8
      expect(kilobytes).to be < 60_000
    end

    # What a process of its own says of a file, with the seconds and kilobytes it took: in this one, what other specs
    # left lying would count.
    def by_itself(bytes)
      script = <<~RUBY
        require #{File.join(ROOT, 'server/boot').inspect}
        Formats::SheetRows.instance_methods
        memory = -> { File.read("/proc/self/status")[/VmRSS:\\s+(\\d+)/, 1].to_i }
        cpu = -> { Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) }
        bytes = $stdin.binmode.read
        before = [cpu.call, memory.call]
        begin
          said = Formats::SheetRows.new(bytes) && "read"
        rescue Core::Refusal => e
          said = e.message
        end
        print JSON.generate([said, cpu.call - before.first, memory.call - before.last])
      RUBY
      plain = ENV.keys.grep(/\ARUBY_GC_/).to_h { |name| [name, nil] } # as the server itself runs
      output, status = Open3.capture2(plain, "ruby", "-e", script, stdin_data: bytes, binmode: true)
      expect(status).to be_success
      JSON.parse(output.force_encoding("UTF-8"))
    end

    # The sheet of a sound file with other XML in its place.
    def with_sheet(text, part: "xl/worksheets/sheet1.xml", of: xlsx([[self.text("name")]]))
      sound = Zip::File.open_buffer(StringIO.new(of))
      parts = sound.entries.to_h { |entry| [entry.name, entry.get_input_stream.read] }
      text ? parts[part] = text : parts.delete(part)
      Zip::OutputStream.write_buffer do |out|
        parts.each do |name, body|
          out.put_next_entry(name, nil, nil, name == "mimetype" ? Zip::Entry::STORED : Zip::Entry::DEFLATED)
          out.write(body)
        end
      end.string
    end

    def sheet(cells)
      "<worksheet xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\"><sheetData>#{cells}</sheetData></worksheet>"
    end

    def cell(name, text = "x") = "<c r=\"#{name}\" t=\"inlineStr\"><is><t>#{text}</t></is></c>"

    it "refuses one cell at the far corner, without making what lies between" do
      far = ->(name) { sheet("<row r=\"1\">#{cell('A1', 'name')}</row><row r=\"1048576\">#{cell(name, 'Desk')}</row>") }
      refused(with_sheet(far.call("XFD1048576")), /more than 200 columns/)
      rows = described_class.new(with_sheet(far.call("A1048576")))
      expect(rows.rows.map { |row| [row.number, row.cells] }).to eq([[1_048_576, ["Desk"]]])
    end

    it "refuses more rows, and more unpacked, than any workshop has" do
      refused(with_sheet(sheet((1..30_000).map do |row|
        "<row r=\"#{row}\">#{cell("A#{row}")}</row>"
      end.join)), /more than 20000 rows/)
      refused(with_sheet(sheet("<row r=\"1\">#{cell('A1', ' ' * 90_000_000)}</row>")), /larger than 80 MB/)
    end

    it "reads a file without its styles, refuses one without its sheet, and entities that multiply, in words" do
      expect do
        described_class.new(with_sheet(nil))
      end.to raise_error(Core::Refusal, /parts are missing or damaged|is empty/)
      expect(described_class.new(with_sheet(nil, part: "xl/styles.xml")).header.cells).to eq(["name"]) # dates without styles are numbers
      laughs = "<!DOCTYPE x [<!ENTITY a \"ha\">#{('b'..'j').map { |name| "<!ENTITY #{name} \"#{"&#{(name.ord - 1).chr};" * 10}\">" }.join}]>"
      body = sheet("<row r=\"1\">#{cell('A1', '&j;')}</row>")
      refused(with_sheet("#{laughs}#{body}"), /parts are missing or damaged|is empty/)
      laugh = '<table:table-row><table:table-cell office:value-type="string"><text:p>&j;</text:p></table:table-cell></table:table-row>'
      refused(with_sheet("#{laughs}#{content(laugh)}", part: "content.xml", of: ods([["name"]])),
              /parts are missing or damaged|is empty/)
    end

    define_method(:content) do |rows|
      sheet = "<office:spreadsheet><table:table>#{rows}</table:table></office:spreadsheet>"
      "<office:document-content #{spaces}><office:body>#{sheet}</office:body></office:document-content>"
    end

    it "reads an ODS whose empty rows and columns go on to the end, and refuses content that does" do
      named = '<table:table-cell office:value-type="string"><text:p>name</text:p></table:table-cell>'
      empty = '<table:table-cell table:number-columns-repeated="16383"/>'
      rows = "<table:table-row>#{named}#{empty}</table:table-row><table:table-row table:number-rows-repeated=\"1048574\">#{empty}</table:table-row>"
      sound = described_class.new(with_sheet(content(rows), part: "content.xml", of: ods([["name"]])))
      expect([sound.header.cells, sound.rows]).to eq([["name"], []])
      wide = "<table:table-row>#{named.sub('office:', 'table:number-columns-repeated="16384" office:')}</table:table-row>"
      refused(with_sheet(content(wide), part: "content.xml", of: ods([["name"]])), /more than 200 columns/)
      long = "<table:table-row table:number-rows-repeated=\"1048576\">#{named}</table:table-row>"
      refused(with_sheet(content(long), part: "content.xml", of: ods([["name"]])), /more than 20000 rows/)
    end

    it "refuses what a client sends that has left, as soon as it looks" do
      gone = -> { raise Api::ClientGone, "left" }
      expect { described_class.new(xlsx([[text("name")], [text("Desk")]]), gone: gone) }.to raise_error(Api::ClientGone)
    end
  end
end
