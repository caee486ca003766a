# frozen_string_literal: true

# Prices by their methods, asking prices and steps, by hand arithmetic beside each.
RSpec.describe Core::Market::AskingPrice do
  it "adds room for haggling and goes up to the next ending" do
    # 283.34 ÷ 0.9 = 314.82: 315 by fives, 319 by nines.
    expect(described_class.over(28_334, haggle: 1/10r)).to eq(31_483)
    expect(described_class.over(28_334, haggle: 1/10r, ending: "5")).to eq(31_500)
    expect(described_class.over(28_334, haggle: 1/10r, ending: "9")).to eq(31_900)
    expect(described_class.over(31_501, ending: "59")).to eq(31_900)
    expect(described_class.over(31_500, ending: "59")).to eq(31_500)
    expect(described_class.over(1_800, ending: "9", unit: 1)).to eq(1_809) # a currency without decimals
    expect { described_class.over(100, haggle: 1) }.to raise_error(Core::Refusal, /100% or more/)
  end

  it "never ends below what was asked for" do
    random = Random.new(2)
    200.times do
      target = random.rand(100..90_000)
      ending = described_class::ENDINGS.keys.sample(random: random)
      over = described_class.over(target, haggle: Rational(random.rand(0..40), 100), ending: ending)
      expect(over).to be >= target
    end
  end

  it "steps down by a percent every so many days, to the floor and no lower" do
    # 200.00, −10% each: 180.00, 162.00, 145.80, then the floor of 140.00.
    steps = described_class.steps(20_000, floor: 14_000, from: Date.new(2026, 6, 1), every: 14, by: 1/10r)
    expect(steps.map(&:last)).to eq([18_000, 16_200, 14_580, 14_000])
    expect(steps.map { |day, _| day.iso8601 }).to eq(%w[2026-06-15 2026-06-29 2026-07-13 2026-07-27])
    expect(described_class.steps(14_000, floor: 14_000, from: Date.new(2026, 6, 1), every: 14, by: 1/10r)).to eq([])
    odd = described_class.steps(1005, floor: 500, from: Date.new(2026, 6, 1), every: 14, by: 1/10r)
    expect(odd.map(&:last).first(2)).to eq([904, 813]) # 904.5 and 813.6, down
    expect(described_class.steps(14_000, floor: nil, from: Date.new(2026, 6, 1), every: 14, by: 1/10r)).to eq([])
  end
end

RSpec.describe Core::Market::Comparables do
  def one(price, sold: true, likeness: 1) = described_class::One.new(price: price, sold: sold, likeness: likeness)

  it "scales what is only asked, and weighs by likeness" do
    expect(described_class.new([one(20_000, sold: false)]).quartiles).to eq([17_000] * 3) # × 0.85
    # 100 once, 200 three times as like: the median lies at 200.
    expect(described_class.new([one(10_000), one(20_000, likeness: 3)]).quartiles).to eq([15_000, 20_000, 20_000])
    expect(described_class.new([]).quartiles).to be_nil
  end

  it "agrees with the plain median of equal weights, and of each repeated as often as it weighs" do
    random = Random.new(5)
    50.times do
      list = Array.new(random.rand(1..9)) { one(random.rand(1..500) * 100, likeness: random.rand(1..3)) }
      repeated = list.flat_map { |each| Array.new(each.likeness) { each.price } }.sort
      middle = repeated.size
      median = (repeated[(middle - 1) / 2] + repeated[middle / 2])/2r
      expect(described_class.new(list).quartiles[1]).to eq(median.round)
    end
  end

  it "takes its own ratio of sold to asked from five sales on" do
    expect(described_class.ratio([[80, 100]] * 4).first).to eq(0.85r)
    own = described_class.ratio([[90, 100], [80, 100], [100, 100], [70, 100], [95, 100]])
    expect(own).to match([0.9r, /90% of your asking price, the median of 5/])
  end
end

RSpec.describe Core::Market::PriceMethods do
  let(:prices) do
    Core::Market::CostAndPay.new(costs: 10_000, seconds: 36_000, fee_rate: 1/10r, fixed: 500, floor_pay: 800,
                                 target_pay: 1_500)
  end

  def rows(**given)
    none = { comparables: Core::Market::Comparables.new([]), ratio_why: "", own: [] }
    described_class.new(prices: prices, today: Date.new(2026, 6, 30), **none, **given).rows
  end

  it "puts cost and pay on the scale: 116.67, 205.56, 283.34 (worked by hand)" do
    expect(rows.map(&:to_h)).to match([include(key: :cost_and_pay, low: 11_667, mid: 20_556, high: 28_334)])
  end

  it "leaves out ways without figures, and says how far the others can be trusted" do
    list = [10_000, 20_000, 30_000].map { |price| Core::Market::Comparables::One.new(price: price, sold: true, likeness: 2) }
    found = rows(comparables: Core::Market::Comparables.new(list), newest: Date.new(2026, 6, 20), own: [15_000] * 6,
                 new_price: 60_000)
    expect(found.map(&:key)).to eq(%i[cost_and_pay comparables own new bold])
    expect(found[1]).to have_attributes(low: 10_000, mid: 20_000, high: 30_000, n: 3,
                                        trust: "3: too few to rely on, the newest 10 days old")
    expect(found[2]).to have_attributes(low: 15_000, high: 15_000, trust: "from 6")
    expect(found[3]).to have_attributes(low: 12_000, mid: 18_000, high: 24_000)
    # The highest middle, the highest high, and a tenth more.
    expect(found[4]).to have_attributes(low: 20_000, mid: 30_000, high: 33_000)
  end
end
