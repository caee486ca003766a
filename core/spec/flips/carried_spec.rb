# frozen_string_literal: true

require_relative "../spec_helper"

RSpec.describe "what comes along with a piece" do
  let(:flips) { Core::Flips }

  it "costs a trip by fuel or, in its place, by mileage, less a private share (by hand)" do
    # 84 km × 0.305 = 25.62; + 20 hire + 3.50 tolls = 49.12; a quarter private = 12.28 → 36.84.
    trip = flips::Trip.new(metres: 84_000, rate: 305/10r, hire: 2000, tolls: 350, private_share: 1/4r,
                           seconds: 100 * 60)
    expect([trip.cost.amount, trip.mileage?, trip.work]).to eq([3684, true, 75 * 60])
    paid = flips::Trip.new(metres: 84_000, rate: 305/10r, fuel: 1400)
    expect([paid.cost.amount, paid.mileage?]).to eq([1400, false])
    miles = flips::Trip.new(metres: 16_093, rate: 45r, unit_metres: Rational(1_609_344, 1000))
    expect(miles.cost.amount).to eq(450) # ten miles at 0.45
    expect { flips::Trip.new(private_share: 11/10r) }.to raise_error(Core::Refusal)
  end

  it "passes money and hours of a split piece on so that nothing is lost" do
    money = flips::Inheritance.money({ purchase: 1001, materials: nil, other: 0 }, [2, 1])
    expect(money).to eq([{ purchase: 667, materials: nil, other: 0 }, { purchase: 334, materials: nil, other: 0 }])
    work = flips::Inheritance.work({ "sanding" => 50 * 60, "other" => 11_988 }, [1, 1, 1])
    expect(work.map { |part| part["sanding"] / 60 }).to eq([17, 17, 16])
    expect(work.sum { |part| part["other"] }).to eq(11_988)
  end

  it "shares a set's sale by earlier asking prices, else expected resale, else cost" do
    sets = flips::SetShares
    expect(sets.weights([{ asking: 80, resale: 1, cost: 1 },
                         { asking: 40, resale: 1, cost: 1 }])).to eq([:asking, [80, 40]])
    expect(sets.weights([{ asking: 80, resale: 60, cost: 1 },
                         { asking: nil, resale: 30, cost: 1 }])).to eq([:resale, [60, 30]])
    expect(sets.weights([{ asking: nil, resale: nil, cost: 5 },
                         { asking: nil, resale: nil, cost: 0 }])).to eq([:cost, [5, 0]])
    expect(sets.weights([{ cost: 0 }, { cost: nil }])).to eq([:equal, [1, 1]])
    expect(sets.by_hand([70, 30], 100)).to eq([70, 30])
    expect { sets.by_hand([70, 20], 100) }.to raise_error(flips::HandShares::Gap) { |gap| expect(gap.gap).to eq(-10) }
  end

  it "lets a split, a loss on the way and a parting out end a flip" do
    ended = lambda do |kind|
      chain = flips::Chain.new(bought_on: day("2026-05-01"),
                               events: [flips::Event.new(kind: kind,
                                                         on: day("2026-05-02"))])
      statement = flips::Statement.new(stage: chain.stage, money_in: flips::MoneyIn.new(purchase: 3000, trips: 500), sale: nil,
                                       work: Core::Flips::HoursWorked.new({}))
      [chain.stage, statement.cash_profit.amount, statement.cash_profit.why]
    end
    expect(ended.call(:lost)).to eq(["lost", -3500, nil])
    expect(ended.call(:parted_out)).to eq(["parted out", -3500, nil])
    expect(ended.call(:split)).to match(["split", nil, /moved to its parts/])
  end

  it "refuses to split what has been sold" do
    sold = flips::Event.new(kind: :sold, on: day("2026-05-02"))
    split = flips::Event.new(kind: :split, on: day("2026-05-03"), position: 2)
    expect { flips::Chain.new(bought_on: nil, events: [sold, split]) }
      .to raise_error(Core::Refusal,
                      /This piece can't be both sold on 2 May 2026 and .*\. Edit or undo one of the two/)
  end

  it "unfolds where an amount comes from" do
    money = flips::MoneyIn.new(purchase: 667, sources: { purchase: [["Share of the lot", 600], ["Premium", 67]] })
    expect(money.figure.terms.first.figure.terms.map do |term|
      [term.figure.label, term.figure.amount]
    end).to eq([["Share of the lot", 600], ["Premium", 67]])
  end
end
