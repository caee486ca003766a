# frozen_string_literal: true

require_relative "../server_helper"
require "csv"
require "open3"
require "pdf/reader"

# Files for other programs: read back by the project's own import, by hledger, by a PDF reader. It is 30 June 2026.
RSpec.describe "exports" do
  operations = Operations

  def piece(name, paid, **rest)
    Operations::Flips::Pieces.create({ "name" => name, "bought_on" => "2026-02-01", "purchase" => paid,
                                       **rest.transform_keys(&:to_s) })
  end

  def event(piece, kind, on, **rest)
    Operations::Flips::Events.create(piece.id, { "kind" => kind, "on" => on, **rest.transform_keys(&:to_s) })
  end

  def cost(what, amount, on, *pieces, category: "materials")
    Operations::Flips::Costs.create("what" => what, "amount" => amount, "category" => category, "spent_on" => on,
                                    "pieces" => pieces.map do |one|
                                      { "piece_id" => one.id }
                                    end)
  end

  # A year with everything in it: a sale with fees, tip and refund, a loss, a kept one, one in hand, one of unknown
  # price, a shared cost, a split.
  def year
    Operations::House::WorkshopSettings.update("lock_version" => Operations::Support::Workshop.current.lock_version,
                                               "sundries" => "1.50")
    desk = piece("Desk; with | marks", "40", notes: "two\nlines, \"quoted\"", kind: "desk", source: "kerb")
    chair = piece("Chair", "10")
    cost("Paint", "12.01", "2026-02-10", desk, chair)
    Operations::Flips::Work.create("kind" => "sanding", "effort" => "3h20", "worked_on" => "2026-02-08",
                                   "pieces" => [{ "piece_id" => desk.id }])
    event(desk, "listed", "2026-02-20", asking: "140", channel: "booth")
    event(desk, "sold", "2026-03-01", price: "120", tip: "5", fee: "12", delivery: "8", channel: "booth")
    event(desk, "refunded", "2026-03-09", amount: "10", fee_back: "1")
    event(chair, "scrapped", "2026-03-02")
    event(piece("Stool", "6"), "kept", "2026-03-03")
    event(piece("Unknown price", ""), "sold", "2026-03-04", price: "30")
    piece("In hand", "25")
    event(split = piece("Pair of bedsides", "50"), "first_work", "2026-02-09")
    Operations::Flips::Splits.create(split.id, "on" => "2026-02-12",
                                               "parts" => [{ "name" => "Left" }, { "name" => "Right", "keep" => true }])
    left = Records::Piece.find_by!(name: "Left")
    event(left, "sold", "2026-04-01", price: "70")
    Operations::Books::WorkshopMoney.create("kind" => "tool", "what" => "Sander", "amount" => "85",
                                            "on" => "2026-02-02")
  end

  def figures
    Records::FlipSummary.joins(:piece).where(live: true).where.not(stage: "split").order("pieces.ticket")
                        .pluck("pieces.name", :cash_in_minor, :receipts_minor, :cash_profit_minor, :bench_seconds)
  end

  it "take flips out and in again with the same money and hours" do
    year
    text = operations::Books::Exports.flips
    before = figures
    FreshWorkshop.clear
    sheet = operations::Books::Spreadsheet.new(text)
    expect([sheet.problems, sheet.outcomes.flat_map(&:problems)]).to eq([[], []])
    sheet.take!
    expect(figures).to eq(before)
    expect(operations::Books::Exports.flips).to eq(text)
  end

  it "write every share of costs and hours, and every sale with what it took" do
    year
    costs = CSV.parse(operations::Books::Exports.costs, headers: true)
    expect(costs.map do |row|
      row.values_at("name", "amount",
                    "whole")
    end).to eq([["Desk; with | marks", "6.01", "12.01"], ["Chair", "6.00", "12.01"]])
    expect(CSV.parse(operations::Books::Exports.hours, headers: true).map do |row|
      row.values_at("kind", "hours")
    end).to eq([%w[sanding 3.3333]])
    sale = CSV.parse(operations::Books::Exports.sales, headers: true).first
    # 120 + 5 − 10 − (12 + 8 − 1) = 96.
    expect(sale.values_at("price", "refunded", "fee_back", "take_home",
                          "channel")).to eq(["120.00", "10.00", "1.00", "96.00", "booth"])
  end

  describe "the journal" do
    def hledger(text, *arguments)
      Dir.mktmpdir do |folder|
        file = File.join(folder, "books.journal")
        File.write(file, text)
        out, status = Open3.capture2e("hledger", "-f", file, *arguments)
        raise out unless status.success?

        out
      end
    end

    # hledger is a program of its own (Debian's package).
    it "is accepted by hledger, every account and the commodity declared" do
      year
      expect(hledger(operations::Books::Exports.journal, "check", "--strict")).to eq("")
    end

    it "is accepted of an empty workshop, and in a currency without decimals" do
      expect(hledger(operations::Books::Exports.journal, "check", "--strict")).to eq("")
      operations::House::WorkshopSettings.update(
        "lock_version" => operations::Support::Workshop.current.lock_version, "currency" => "JPY"
      )
      event(piece("Desk", "4000"), "sold", "2026-03-04", price: "12000")
      expect(hledger(operations::Books::Exports.journal, "balance", "income:sales")).to include("-12000 JPY")
    end

    it "has the profit of Books, as hledger adds it up" do
      year
      accounts = Core::Books::FlipLedger.profit_accounts.map { |name| "^#{name}$" }
      total = CSV.parse(hledger(operations::Books::Exports.journal, "balance", "-O", "csv", *accounts)).last.last
      profit = operations::Books::Totals.answer.totals.profit.amount
      expect((Rational(total[/-?[\d.]+/]) * 100).to_i).to eq(-profit)
    end

    it "has in inventory what Books has tied up" do
      year
      total = CSV.parse(hledger(operations::Books::Exports.journal, "balance", "-O", "csv",
                                "^assets:inventory")).last.last
      expect((Rational(total[/-?[\d.]+/]) * 100).to_i).to eq(operations::Flips::Lists.in_hand[:tied_up])
    end
  end

  # By hand for 2026: bought 40 + 10 + 6 + unknown + 25 + 50; costs 12.01; sold 120 + 30 + 70.
  it "make a tax year with stock at both ends" do
    year
    tax = operations::Books::TaxYear.new(2026)
    expect(tax.totals).to include("purchase" => 131_00, "cost" => 12_01, "sale" => 220_00, "refund" => 10_00,
                                  "fee" => 12_00, "tool" => 85_00)
    rows = CSV.parse(tax.to_s, headers: true)
    total = ->(section) { rows.find { |row| row["section"] == section }["amount"] }
    # In hand at the end of the year: 25 and 1.50 of sundries.
    expect([total.call("stock at start, total"), total.call("stock at end, total")]).to eq(%w[0.00 26.50])
    expect(rows.first["what"]).to include("Local rules")
    expect(operations::Books::TaxYear.new(2025).totals).to eq({})
  end

  it "print a flip on one page, and a year" do
    year
    page = ->(text) { PDF::Reader.new(StringIO.new(text)).pages }
    card = page.call(Formats::FlipCard.new(Records::Piece.find_by!(kind: "desk")).to_s)
    expect(card.size).to eq(1)
    # 115 received, 40 + 6.01 + 1.50 in, 19 of selling: 48.49.
    close = ->(pages) { pages.map(&:text).join.gsub(/[[:space:]]+/, "") } # the reader guesses at spaces
    expect(close.call(card)).to include("Desk;with", "48.49", "Sanding3h20", "Nobeforeorafterphotos.")
    text = close.call(page.call(Formats::YearPdf.new(2026).to_s))
    expect(text).to include("Theyear2026", "Broughtmost", "Tool:−€85.00", "Leftfortheyear")
    expect(close.call(page.call(Formats::YearPdf.new(2020).to_s))).to include("0flipsended")
  end
end
