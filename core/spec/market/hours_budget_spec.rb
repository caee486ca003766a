# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Market::HoursBudget do
  def budget(**rest)
    described_class.new(take_home: 25_000, cash_in: 10_000, seconds: 4 * 3600, floor_pay: 800, **rest)
  end

  it "is 14 h 45 for a take-home of 250, 100 in, nothing to come, floor pay 8 and 4 h done (worked by hand)" do
    expect(budget.budget.amount).to eq(14.75 * 3600)
    expect(budget.left.amount).to eq(15_000)
    expect(budget(to_come: 1600).budget.amount).to eq(12.75 * 3600) # 16.00 more to spend is two hours less
    expect(budget(seconds: nil).budget.amount).to eq(18.75 * 3600)
  end

  it "counts the hours a piece bears in whole minutes, down" do
    # 150.05 at 8.00 an hour are 18 h 45 min and 22 s; less 4 h. 150.13 are 18 h 45 min 59 s.
    expect([25_005, 25_013].map { |take_home| budget(take_home: take_home).budget.amount }).to eq([14.75 * 3600] * 2)
    expect(budget(take_home: 25_014).budget.amount).to eq((14.75 * 3600) + 60) # 18 h 46 min 3 s
  end

  it "has none without floor pay, resale or price paid, and says why; at floor pay 0 the money left stands alone" do
    expect(budget(floor_pay: nil).budget).to have_attributes(amount: nil, why: "your minimum pay isn't set in House rules")
    expect(budget(floor_pay: 0).budget).to have_attributes(amount: nil, why: include("your minimum pay is 0, so there's no limit"))
    expect(budget(floor_pay: 0).left.amount).to eq(15_000)
    expect(budget(take_home: nil).budget.why).to eq("no expected price yet")
    expect(budget(cash_in: nil).budget.why).to eq("the price you paid is missing")
    expect(budget(take_home: nil)).not_to be_short
  end

  it "bears in all what is left and what was worked, nothing where nobody can tell" do
    expect(budget).to have_attributes(worked: 4 * 3600, bears: 18.75 * 3600)
    expect(budget(floor_pay: nil).bears).to be_nil
  end

  it "says when the plan takes more than is left, and when it has run out" do
    expect(budget(work: 14 * 3600)).not_to be_short
    expect(budget(work: 15 * 3600)).to be_short
    spent = budget(seconds: 20 * 3600)
    expect(spent).to be_out
    expect(spent.budget).to have_attributes(key: :hours_over, amount: 1.25 * 3600) # 1 h 15 beyond the 18 h 45 that it bears
    expect(spent).to be_short
    dear = budget(cash_in: 900_000, seconds: 6 * 60) # bought so dear that it bears no hour
    expect([dear.bears, dear.budget.amount, dear.out?]).to eq([0, 360, true])
  end

  it "says what each way pays from here on: what was spent is spent" do
    ways = budget(to_come: 5000, work: 10 * 3600, as_is: 4000,
                  simpler: [["Oil only", 18_000, 1000, 4 * 3600], ["No price", nil, 0, 60]]).ways
    # (250 − 50 − 40) ÷ 10 h = 16.00 an hour over selling it as it stands; (180 − 10 − 40) ÷ 4 h = 32.50.
    expect(ways.map { |way| [way.label, way.brings, way.pay] })
      .to eq([["Finish as planned", 20_000, 1600], ["Instead: Oil only", 17_000, 3250],
              ["Stop and sell it as it is", 4000, nil]])
    expect(budget(work: 0).ways.first.pay).to be_nil
  end
end
