# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Books::FlipLedger do
  day = Date.new(2026, 5, 1)
  pay = lambda { |amount, what = "bought"|
    described_class::Payment.new(on: day, what: what, amount: amount, from: "assets:cash")
  }

  def ledger(stage, payments, **rest)
    described_class.new(ticket: "K-001", name: "Desk", stage: stage, payments: payments, known: true,
                        fallback: Date.new(2026, 1, 1), **rest)
  end

  def balances(ledger)
    ledger.entries.flat_map(&:postings).each_with_object(Hash.new(0)) do |(account, amount), all|
      all[account] += amount
    end.reject { |_, sum| sum.zero? }
  end

  # 40 bought, 12 of paint; sold at 120 with a tip of 5, fee 12, delivery 8, 10 given back with 1 of the fee: cash 43;
  # profit 43.
  it "puts costs into inventory and takes them out at the sale" do
    sale = Core::Flips::Sale.new(price: 120, tip: 5, fee: 12, delivery: 8, refunded: 10, fee_back: 1)
    refund = described_class::Refund.new(on: day + 20, amount: 10, fee_back: 1)
    found = ledger("sold", [pay.call(40), pay.call(12, "paint")], sale: sale, ended_on: day + 10, refunds: [refund])
    expect(found.entries.map(&:balance)).to all(eq(0))
    expect(balances(found)).to eq({ "assets:cash" => 44, "income:sales" => -120, "income:tips" => -5, "income:refunds" => 10,
                                    "expenses:selling:fees" => 11, "expenses:selling:delivery" => 8, "expenses:goods sold" => 52 })
  end

  it "keeps what is in hand in inventory, and books what was lost or kept" do
    expect(balances(ledger("listed", [pay.call(40)]))).to eq({ "assets:inventory:K-001" => 40, "assets:cash" => -40 })
    expect(balances(ledger("scrapped", [pay.call(40)],
                           ended_on: day))).to eq({ "expenses:losses" => 40, "assets:cash" => -40 })
    expect(balances(ledger("kept", [pay.call(40)], ended_on: day))).to eq({ "equity:kept" => 40, "assets:cash" => -40 })
  end

  it "keeps a flip of unknown profit out of the profit accounts, and says when a date is not known" do
    sale = Core::Flips::Sale.new(price: 90)
    found = described_class.new(ticket: "K-2", name: "Chair", stage: "sold", payments: [pay.call(5, "paint")], known: false, fallback: day,
                                sale: sale)
    expect(balances(found)).to eq({ "income:not counted:sales" => -90, "assets:cash" => 85,
                                    "expenses:not counted:goods sold" => 5 })
    expect(found.entries.map(&:note)).to eq([nil, "date not known", "date not known"])
    expect(found.entries.flat_map(&:postings).map(&:first) & described_class.profit_accounts).to eq([])
  end

  it "writes nothing of nothing" do
    expect(ledger("bought", [pay.call(0)]).entries).to eq([])
  end

  # Property: whatever a flip cost and brought, its entries balance, and the profit accounts hold the profit of its
  # statement.
  it "agrees with the statement of any flip" do
    random = Random.new(11)
    60.times do
      amounts = Array.new(4) { random.rand(0..80_00) }
      price = random.rand(1..300_00)
      fee = random.rand(0..20_00)
      refund = random.rand(0..price)
      back = random.rand(0..fee)
      sale = Core::Flips::Sale.new(price: price, tip: random.rand(0..9), fee: fee, delivery: random.rand(0..9), refunded: refund,
                                   fee_back: back)
      money = Core::Flips::MoneyIn.new(purchase: amounts[0], materials: amounts[1], hardware: amounts[2],
                                       other: amounts[3])
      statement = Core::Flips::Statement.new(stage: "sold", money_in: money, sale: sale, work: Core::Flips::HoursWorked.new({}))
      found = ledger("sold", amounts.map(&pay), sale: sale, ended_on: day,
                                                refunds: [described_class::Refund.new(on: nil, amount: refund, fee_back: back)])
      expect(found.entries.sum(&:balance)).to eq(0)
      expect(-balances(found).slice(*described_class.profit_accounts).values.sum).to eq(statement.cash_profit.amount)
    end
  end
end

RSpec.describe Core::Books::StockTake do
  def piece(name, bought, ended, *payments)
    described_class::Piece.new(name: name, bought_on: bought && Date.iso8601(bought), ended_on: ended && Date.iso8601(ended), ended: !ended.nil?,
                               payments: payments.map { |on, amount| [on && Date.iso8601(on), amount] })
  end

  # At the end of 31 December: the desk with 40 + 5 (the 9 of January come later); the chair was sold that very day; the
  # stool's price is not known.
  it "counts what was there at the end of the day, with what had been paid by then" do
    pieces = [piece("desk", "2025-11-01", "2026-02-01", [nil, 40], ["2025-12-31", 5], ["2026-01-02", 9]),
              piece("chair", "2025-10-01", "2025-12-31", [nil, 10]), piece("stool", "2025-12-01", nil, [nil, nil]),
              piece("later", "2026-01-01", nil, [nil, 7]), piece("no day", nil, nil, [nil, 7])]
    answer = described_class.new(pieces).at(Date.new(2025, 12, 31))
    expect(answer).to have_attributes(rows: [["desk", 45], ["stool", nil]], total: 45, unknown: 1, undated: 1)
    expect(described_class.new(pieces).at(Date.new(2026, 1,
                                                   5)).rows).to eq([["desk", 54], ["stool", nil], ["later", 7]])
  end
end
