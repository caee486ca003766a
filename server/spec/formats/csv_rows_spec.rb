# frozen_string_literal: true

require_relative "format_helper"

# The examples of RFC 4180, section 2, rules 1 to 7.
RSpec.describe Formats::CsvRows do
  def read(text)
    table = described_class.new(text.b)
    [table.header.cells, *table.rows.map { |row| row.problem || row.cells }]
  end

  it "reads the examples of RFC 4180" do
    expect(read("aaa,bbb,ccc\r\nzzz,yyy,xxx\r\n")).to eq([%w[aaa bbb ccc], %w[zzz yyy xxx]])
    expect(read("aaa,bbb,ccc\r\nzzz,yyy,xxx")).to eq([%w[aaa bbb ccc], %w[zzz yyy xxx]])
    expect(read("field_name,field_name,field_name\r\naaa,bbb,ccc\r\n").first).to eq(%w[field_name field_name
                                                                                       field_name])
    expect(read("\"aaa\",\"bbb\",\"ccc\"\r\nzzz,yyy,xxx\r\n")).to eq([%w[aaa bbb ccc], %w[zzz yyy xxx]])
    expect(read("\"aaa\",\"b\r\nbb\",\"ccc\"\r\nzzz,yyy,xxx\r\n")).to eq([%W[aaa b\nbb ccc], %w[zzz yyy xxx]])
    expect(read("\"aaa\",\"b\"\"bb\",\"ccc\"\r\n")).to eq([["aaa", "b\"bb", "ccc"]])
  end

  it "takes a byte-order mark, semicolons, tabs, Windows and old line ends" do
    ["\xEF\xBB\xBFname,kind\nA,b\n", "name;kind\r\nA;b\r\n", "name\tkind\nA\tb\n", "name,kind\rA,b\r"].each do |text|
      expect(read(text)).to eq([%w[name kind], %w[A b]])
    end
  end

  it "loses only the broken row" do
    rows = read("name,kind\nA,b\n\"B,c\nC,d\n")
    expect(rows[1]).to eq(%w[A b])
    expect(rows[2]).to include("never closed")
    expect(rows[3]).to eq(%w[C d])
    expect(read("name,kind\nA\"x\"y,\"b\"z\nC,d\n")[1]).to include("can't be read")
  end

  it "takes a mark behind a digit for inches, as everybody writes them" do
    expect(read("name,kind\n30\" dresser,case\n\"36\"\" x 18\"\"\",table\n")).to eq([%w[name kind], ["30\" dresser", "case"],
                                                                                     ["36\" x 18\"", "table"]])
    expect(read("name,kind\n30\" x 18\" top,b\nC,d\n")[1]).to eq(["30\" x 18\" top", "b"])
    expect(read("name,kind\n30\" dresser,case,more\nC,d\n")[1]).to include("can't be read") # a column too many: no telling where it ends
  end

  it "refuses a header of separators, or nothing, in words" do
    ["", "\n\n", ",,,\n", ";;\n;;\n"].each { |text| expect { read(text) }.to raise_error(Core::Refusal, /has no column names|is empty/) }
  end
end
