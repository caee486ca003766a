# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Books::Totals do
  let(:tally) { Core::Books::Tally }

  def flip(profit, hours: 1, receipts: 100_00, cost: 50_00)
    tally.of(profit: profit, receipts: receipts, cost: cost, bench_seconds: hours && (hours * 3600),
             all_seconds: hours && (hours * 7200))
  end

  def totals(rule = "bench")
    sold = [flip(100_00, hours: 10), flip(20_00, hours: 2), flip(30_00, hours: nil), flip(nil)].sum(tally.zero)
    scrapped = flip(-24_00, hours: 0, receipts: 0, cost: 24_00)
    described_class.new({ "sold" => sold, "scrapped" => scrapped, "kept" => flip(nil, cost: 15_00) }, hours_rule: rule)
  end

  # By hand: profit 100 + 20 + 30 − 24 = 126; pay over the flips with hours (100 + 20 − 24) ÷ 12 h = 8.00.
  it "pools pay as total profit over total hours of flips with known hours" do
    expect(totals.profit.amount).to eq(126_00)
    expect(totals.hourly_pay.amount).to eq(8_00)
    expect(totals.hours_known).to eq(3)
    expect(totals("all").hourly_pay.amount).to eq(4_00)
  end

  it "drops nothing: unknown profits are counted, losses and pieces kept stand on their own" do
    expect([totals.paid.flips, totals.paid.profit_count]).to eq([5, 4])
    expect(totals.losses.amount).to eq(24_00)
    expect(totals.closed_at_cost.amount).to eq(15_00)
  end

  it "is undefined, not zero, when nothing has ended" do
    empty = described_class.new({})
    expect([empty.profit, empty.hourly_pay, empty.margin].map(&:amount)).to all(be_nil)
  end

  it "adds up to the same whole under every month" do
    groups = { %w[2026-01 sold] => flip(10_00), %w[2026-03 sold] => flip(5_00), [nil, "scrapped"] => flip(-3_00) }
    rows = Core::Books::Months.rows(groups)
    expect(rows.map(&:first)).to eq(["2026-01", "2026-02", "2026-03", nil])
    expect(rows.sum { |_, month| month.profit.amount || 0 }).to eq(12_00)
    expect(rows[1].last.profit.amount).to be_nil
  end
end
