# frozen_string_literal: true

require_relative "../spec_helper"

RSpec.describe "shares and what is said of them" do
  let(:flips) { Core::Flips }
  let(:euro) { Core::Units::Currency.find("EUR") }

  it "follows the price with a premium that is a rate, and not with one that is an amount" do
    # 10% of 20.00 and of 30.00; an amount stays 2.00. Tax of 20% is on both.
    by_rate = [2000, 3000].map { |price| flips::Lot.new(price: price, premium: 1/10r, tax: 1/5r) }
    expect(by_rate.map { |lot| [lot.premium, lot.tax, lot.total] }).to eq([[200, 440, 2640], [300, 660, 3960]])
    by_amount = [2000, 3000].map { |price| flips::Lot.new(price: price, premium: 200, tax: 1/5r) }
    expect(by_amount.map(&:total)).to eq([2640, 3840])
  end

  it "knows no total, and no part, of a price that is not known" do
    lot = flips::Lot.new(price: nil, premium: 1/10r, tax: 5)
    expect([lot.total, lot.shares("equal", [{}, { found: true }]).map(&:total)]).to eq([nil, [nil, 0]])
  end

  it "says over and under, of the price and of a sale" do
    over = flips::HandShares.refusal(250, "sale price", :members).in(euro)
    expect([over.message,
            over.field]).to eq([
                                 "The shares don't add up to the sale price: they're €2.50 over. Change one of them by €2.50.", :members
                               ])
    plain = flips::HandShares.refusal(-1, "price", :members)
    expect(plain.message).to eq("The shares don't add up to the price. They're under it; change one of them.")
  end

  it "refuses a way of sharing that there is none of" do
    expect do
      flips::Lot.new(price: 1).shares("by weight",
                                      [{}])
    end.to raise_error(Core::Refusal, /equally, by expected price, by hand/)
  end

  it "drives no distance for nothing, and rounds half a minute up" do
    idle = flips::Trip.new
    expect([idle.cost.amount, idle.work, idle.mileage?]).to eq([0, 0, false])
    expect(flips::Trip.new(metres: 0, rate: 30r).cost.amount).to eq(0)
    expect(flips::Trip.new(seconds: 15 * 60, private_share: 1/2r).work).to eq(8 * 60) # 7 min 30
    whole = flips::Trip.new(fuel: 999, seconds: 3600, private_share: 1r)
    expect([whole.cost.amount, whole.work]).to eq([0, 0])
  end

  it "unfolds what a trip cost" do
    trip = flips::Trip.new(metres: 10_000, rate: 45r, hire: 1500, private_share: 1/10r)
    expect(trip.cost.terms.map { |term| [term.sign, term.figure.label, term.figure.amount] })
      .to eq([["+", "Mileage", 450], ["+", "Hire", 1500], ["+", "Tolls", 0], ["−", "Private share", 195]])
    expect(trip.cost.sentence(euro)).to eq("trip €17.55 = €4.50 + €15.00 − €1.95")
  end
end
