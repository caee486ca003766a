# frozen_string_literal: true

require_relative "../server_helper"
require "zip"

# Spreadsheets as the standards have them (XLSX: ECMA-376; ODS: OASIS OpenDocument 1.2), written here with the least that a file needs.
RSpec.describe Kohlrabi::Formats::SheetRows do
  def zip(parts)
    Zip::OutputStream.write_buffer { |out| parts.each { |name, text| (out.put_next_entry(name, nil, nil, Zip::Entry::STORED) && out.write(text)) || out } }.string
  end

  MAIN = "http://schemas.openxmlformats.org/spreadsheetml/2006/main"
  DOC = "http://schemas.openxmlformats.org/officeDocument/2006/relationships"

  # rows: Array of Array of XML cells.
  def xlsx(rows)
    body = rows.each_with_index.map { |cells, y| "<row r=\"#{y + 1}\">#{cells.each_with_index.map { |cell, x| cell.sub('<c', "<c r=\"#{(65 + x).chr}#{y + 1}\"") }.join}</row>" }.join
    zip("[Content_Types].xml" => "<?xml version=\"1.0\"?><Types xmlns=\"http://schemas.openxmlformats.org/package/2006/content-types\"/>",
        "xl/workbook.xml" => "<?xml version=\"1.0\"?><workbook xmlns=\"#{MAIN}\" xmlns:r=\"#{DOC}\"><sheets><sheet name=\"Flips\" sheetId=\"1\" r:id=\"rId1\"/></sheets></workbook>",
        "xl/_rels/workbook.xml.rels" => "<?xml version=\"1.0\"?><Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\"><Relationship Id=\"rId1\" Type=\"#{DOC}/worksheet\" Target=\"worksheets/sheet1.xml\"/></Relationships>",
        "xl/styles.xml" => "<?xml version=\"1.0\"?><styleSheet xmlns=\"#{MAIN}\"><cellXfs count=\"2\"><xf numFmtId=\"0\"/><xf numFmtId=\"14\" applyNumberFormat=\"1\"/></cellXfs></styleSheet>",
        "xl/worksheets/sheet1.xml" => "<?xml version=\"1.0\"?><worksheet xmlns=\"#{MAIN}\"><sheetData>#{body}</sheetData></worksheet>")
  end

  def text(value) = "<c t=\"inlineStr\"><is><t>#{value}</t></is></c>"
  def number(value, style: 0) = "<c s=\"#{style}\"><v>#{value}</v></c>"

  def ods(rows)
    cells = { String => ->(value) { "<table:table-cell office:value-type=\"string\"><text:p>#{value}</text:p></table:table-cell>" },
              Float => ->(value) { "<table:table-cell office:value-type=\"float\" office:value=\"#{value}\"><text:p>#{value}</text:p></table:table-cell>" },
              Date => ->(value) { "<table:table-cell office:value-type=\"date\" office:date-value=\"#{value}\"><text:p>x</text:p></table:table-cell>" } }
    body = rows.map { |row| "<table:table-row>#{row.map { |value| cells.fetch(value.class).call(value) }.join}</table:table-row>" }.join
    spaces = %w[office table text].map { |name| "xmlns:#{name}=\"urn:oasis:names:tc:opendocument:xmlns:#{name}:1.0\"" }.join(" ")
    zip("mimetype" => Kohlrabi::Formats::SheetRows::ODS,
        "content.xml" => "<?xml version=\"1.0\"?><office:document-content #{spaces}><office:body><office:spreadsheet><table:table table:name=\"Flips\">#{body}</table:table></office:spreadsheet></office:body></office:document-content>",
        "styles.xml" => "<?xml version=\"1.0\"?><office:document-styles #{spaces}/>",
        "META-INF/manifest.xml" => "<?xml version=\"1.0\"?><manifest:manifest xmlns:manifest=\"urn:oasis:names:tc:opendocument:xmlns:manifest:1.0\"/>")
  end

  # Serial 46054 of a sheet is 1 February 2026: 30 December 1899 and 46054 days (ECMA-376, 18.17.4.1).
  it "reads text, numbers and dates of an XLSX" do
    rows = described_class.new(xlsx([[text("name"), text("purchase"), text("bought_on"), text("hours")],
                                     [text("Desk"), number("12.100000000000001"), number(46_054, style: 1), number(3)]]))
    expect(rows.header.cells).to eq(%w[name purchase bought_on hours])
    expect(rows.rows.map { |row| [row.number, row.cells] }).to eq([[2, ["Desk", "12.1", "2026-02-01", "3"]]])
  end

  it "reads them of an ODS" do
    rows = described_class.new(ods([%w[name purchase bought_on], ["Desk", 12.5, Date.new(2026, 2, 1)]]))
    expect(rows.rows.first.cells).to eq(["Desk", "12.5", "2026-02-01"])
  end

  it "is taken in as a CSV is" do
    sheet = Kohlrabi::Desk::Spreadsheet.new(xlsx([[text("Item"), text("Paid")], [text("Desk"), number(12)]]), guess: true)
    expect(sheet.outcomes.map { |outcome| [outcome.row, outcome.name, outcome.summary[:purchase_minor]] }).to eq([[2, "Desk", 12_00]])
  end

  it "refuses what is a zip and no spreadsheet, and an empty sheet, with the remedy" do
    expect { described_class.new(zip("a.txt" => "x")) }.to raise_error(Kohlrabi::Core::Refusal, /Save it as XLSX, ODS or CSV/)
    expect { described_class.new("PK\x03\x04broken".b) }.to raise_error(Kohlrabi::Core::Refusal, /Save it as XLSX, ODS or CSV/)
    expect { described_class.new(xlsx([])) }.to raise_error(Kohlrabi::Core::Refusal, /is empty/)
  end
end
