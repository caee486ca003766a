# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Market::CostAndPay do
  def prices(**given)
    described_class.new(costs: 100_00, seconds: 36_000, floor_pay: 8_00, target_pay: 15_00, **given)
  end

  it "says why a price cannot be given" do
    expect(prices(costs: nil).break_even.why).to eq("the price you paid is missing")
    expect(prices(target_pay: nil).target.why).to eq("your target pay isn't set in House rules")
    expect(prices(seconds: nil).floor.why).to eq("no hours are recorded or planned")
    expect(prices(seconds: nil).break_even.amount).to eq(100_00)
  end

  it "refuses a target under the floor and a fee that takes all" do
    expect do
      prices(target_pay: 7_99)
    end.to raise_error(Core::Refusal, /Your target pay is below your minimum pay\. Raise the target or lower the minimum/)
    expect { prices(target_pay: 8_00) }.not_to raise_error # one pay for both
    expect { prices(fee_rate: 1) }.to raise_error(Core::Refusal, /leaves nothing/)
  end

  it "gives the bare amounts of its figures, for long lists" do
    [prices, prices(costs: nil), prices(seconds: nil), prices(target_pay: nil)].each do |given|
      expect(%i[break_even floor target].map { |key| given.amount(key) }).to eq(given.figures.map(&:amount))
    end
  end

  it "unfolds to costs, fees and wages" do
    expect(prices(fixed: 5_00).target.terms.map { |term| term.figure.amount }).to eq([100_00, 5_00, 150_00])
  end
end

RSpec.describe Core::Market::PriceTape do
  it "puts marks in order on a scale that reaches beyond them" do
    tape = described_class.new({ cash_in: 96_00, asking: 269_00, target: 245_00, sold: nil, floor: 176_00 })
    expect(tape.marks.map { |mark| mark[:key] }).to eq(%i[cash_in floor target asking])
    expect([tape.step, tape.length]).to eq([50_00, 300_00])
  end

  it "labels at most eight steps whatever the amounts" do
    [0, 1, 99, 100, 12_345, 6_000_00, 99_999_99].each do |amount|
      tape = described_class.new({ asking: amount })
      expect(tape.length / tape.step).to be_between(1, 8)
      expect(tape.length).to be > amount
    end
  end
end
