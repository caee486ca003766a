# frozen_string_literal: true

require_relative "../server_helper"
require "zip"

# Spreadsheets as the standards have them (XLSX: ECMA-376; ODS: OASIS OpenDocument 1.2), written here with the least that a file needs.
RSpec.describe Kohlrabi::Formats::SheetRows do
  main = "http://schemas.openxmlformats.org/spreadsheetml/2006/main"
  doc = "http://schemas.openxmlformats.org/officeDocument/2006/relationships"
  packed = "http://schemas.openxmlformats.org/package/2006"
  spaces = %w[office table text].map { |name| "xmlns:#{name}=\"urn:oasis:names:tc:opendocument:xmlns:#{name}:1.0\"" }.join(" ")

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
    type, name = { String => %w[string string-value], Float => %w[float value], Date => %w[date date-value] }.fetch(value.class)
    "<table:table-cell office:value-type=\"#{type}\" office:#{name}=\"#{value}\"><text:p>#{value}</text:p></table:table-cell>"
  end

  define_method(:ods) do |rows|
    body = rows.map { |row| "<table:table-row>#{row.map { |value| ods_cell(value) }.join}</table:table-row>" }.join
    table = "<office:body><office:spreadsheet><table:table table:name=\"Flips\">#{body}</table:table></office:spreadsheet></office:body>"
    zip("mimetype" => Kohlrabi::Formats::SheetRows::ODS,
        "content.xml" => "<office:document-content #{spaces}>#{table}</office:document-content>",
        "styles.xml" => "<office:document-styles #{spaces}/>",
        "META-INF/manifest.xml" => '<manifest:manifest xmlns:manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0"/>')
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
