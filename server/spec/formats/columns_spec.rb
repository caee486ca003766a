# frozen_string_literal: true

require_relative "../server_helper"

# How columns of somebody's spreadsheet are matched to those of a Flips CSV.
RSpec.describe Formats::Columns do
  def targets(*heads, **options) = described_class.new(heads, **options).targets

  it "takes what is named outright, however it is written" do
    expect(targets("Name", "BOUGHT_ON", "Sale price", "colour")).to eq(["name", "bought_on", "sale_price", nil])
  end

  it "guesses only when asked to, and each column once, what is named outright first" do
    expect(targets("Item", "Paid")).to eq([nil, nil])
    expect(targets("Item", "Paid", guess: true)).to eq(%w[name purchase])
    expect(targets("Cost", "purchase", guess: true)).to eq([nil, "purchase"])
    expect(targets("Cost", "Paid", guess: true)).to eq(["purchase", nil])
  end

  it "does as the person said, against its own guess and against a name" do
    chosen = { "Paid" => "materials", "name" => described_class::LEFT_OUT, "Piece" => "name" }
    expect(targets("Paid", "name", "Piece", chosen: chosen, guess: true)).to eq(["materials", "", "name"])
  end

  it "tells a guess from what was named or said" do
    columns = described_class.new(%w[Item purchase Sold], chosen: { "Sold" => "sold_on" }, guess: true)
    expect((0..2).map { |place| columns.guessed?(place) }).to eq([true, false, false])
  end

  it "guesses nothing that a Flips CSV does not have" do
    expect(described_class::OFTEN.keys - Formats::FlipsCsv::COLUMNS).to eq([])
    names = described_class::OFTEN.values.flatten
    expect(names.uniq.size).to eq(names.size)
  end
end

# Text that must not break a journal; the format is that of hledger's manual, "Transactions" and "Comments" (from
# memory).
RSpec.describe Formats::Journal do
  entry = Core::Books::Entry

  def journal(*entries, currency: "EUR")
    described_class.new(entries, currency: Core::Units::Currency.find(currency)).to_s
  end

  it "keeps a name from ending the line, beginning a comment or being taken for a mark" do
    made = entry.balanced(Date.new(2026, 5, 1), "! Desk; two\nlines | wide", { "assets:inventory:K-001" => 12_34 },
                          "assets:cash")
    expect(journal(made)).to include("2026-05-01 Desk, two lines / wide\n", "assets:inventory:K-001", "12.34 EUR",
                                     "-12.34 EUR")
  end

  it "declares what it uses, and the decimal point of a currency without decimals" do
    made = entry.balanced(Date.new(2026, 5, 1), "Desk", { "assets:shelf" => 500 }, "assets:cash",
                          note: "date not known")
    expect(journal(made,
                   currency: "JPY")).to include("commodity 1000. JPY", "account assets:cash\naccount assets:shelf", "Desk  ; date not known",
                                                "500 JPY")
  end
end
