# frozen_string_literal: true

require_relative "../spec_helper"

# Shares by expected resale are the relative-sales-value method of cost accounting. The textbook case (in the form in
# which Horngren, Cost Accounting, prints it; from memory): joint cost 400 000, products worth 200 000 and 300 000 at
# the split-off bear 160 000 and 240 000.
RSpec.describe Core::Flips::Lot do
  def totals(lot, rule, *members) = lot.shares(rule, members).map(&:total)

  it "shares a joint cost by relative sales value" do
    lot = described_class.new(price: 400_000)
    expect(totals(lot, "resale", { resale: 200_000 }, { resale: 300_000 })).to eq([160_000, 240_000])
  end

  it "shares 100.00 over 300, 200 and 100 (worked by hand)" do
    lot = described_class.new(price: 10_000)
    expect(totals(lot, "resale", { resale: 300 }, { resale: 200 }, { resale: 100 })).to eq([5000, 3333, 1667])
  end

  it "adds premium and tax, each adding up by itself" do
    # By hand: 100.00, premium 15% = 15.00, tax 20% of 115.00 = 23.00; thirds 33.34, 33.33, 33.33 and so on.
    lot = described_class.new(price: 10_000, premium: 15/100r, tax: 20/100r)
    expect([lot.premium, lot.tax, lot.total]).to eq([1500, 2300, 13_800])
    parts = lot.shares("equal", [{}, {}, {}])
    expect(parts.map(&:to_a)).to eq([[3334, 500, 767], [3333, 500, 767], [3333, 500, 766]])
    expect(parts.sum(&:total)).to eq(13_800)
  end

  it "gives what was found inside no cost, and a free lot costs nothing" do
    expect(totals(described_class.new(price: 901), "equal", {}, { found: true }, {})).to eq([451, 0, 450])
    expect(totals(described_class.new(price: 0), "equal", *Array.new(5) { {} })).to eq([0] * 5)
    expect(totals(described_class.new(price: nil), "equal", {}, {})).to eq([nil, nil])
  end

  it "takes parts by hand that add up, and says by how much others do not" do
    lot = described_class.new(price: 5000)
    expect(totals(lot, "hand", { hand: 3500 }, { hand: 1500 })).to eq([3500, 1500])
    expect do
      lot.shares("hand", [{ hand: 3500 }, { hand: 1400 }])
    end.to raise_error(Core::Flips::HandShares::Gap) do |error|
      expect(error.in(Core::Units::Currency.find("EUR")).message)
        .to eq("The shares don't add up to the price: they're €1.00 under. Change one of them by €1.00.")
    end
  end

  it "refuses a lot of nothing, or of found things only, or by a resale that is missing" do
    lot = described_class.new(price: 5000)
    expect { lot.shares("equal", []) }.to raise_error(Core::Refusal, /at least one piece/)
    expect { lot.shares("equal", [{ found: true }]) }.to raise_error(Core::Refusal, /found inside/)
    expect do
      lot.shares("resale",
                 [{ resale: 1 }, {}])
    end.to raise_error(Core::Refusal, /Piece 2 has no expected price\. Enter one for each piece, or split evenly/)
  end
end
