# frozen_string_literal: true

require_relative "../spec_helper"

RSpec.describe Core::Scout::Prospect do
  let(:euro) { Core::Units::Currency.find("EUR") }

  def three(*points) = Core::Scout::Estimate.three(*points)
  def terms(**given) = Core::Scout::Terms.new(floor_pay: 500, target_pay: 1000, **given)

  # Resale 180 to 240 to 300 (mean 240.00, sd 20.00), hours 6 to 8 to 10 (mean 8 h, sd 40 min), materials 20, 30, 40
  # (sd 3.33).
  def prospect(ask:, **rest)
    described_class.new(resale: three(18_000, 24_000, 30_000), hours: three(6 * 3600, 8 * 3600, 10 * 3600), materials: three(2000, 3000, 4000),
                        ask: ask, terms: terms(**rest))
  end

  def verdict(prospect) = Core::Scout::Verdict.new(prospect, currency: euro)

  it "says the most to pay, the walk-away price and the pay at the tag (by hand)" do
    # Net 240 × 0.9 − 5 − 10 = 201; less materials 30, trip 6, sundries 5 = 160; less 8 h × 10 = 80; less 8 h × 5 = 120.
    seen = prospect(ask: 10_000, fee_rate: 1/10r, fixed_fee: 500, delivery: 1000, trip: 600, sundries: 500)
    expect([seen.net_resale, seen.most, seen.walk_away].map(&:amount)).to eq([20_100, 8000, 12_000])
    expect(seen.profit.amount).to eq(6000)
    expect(seen.pay.amount).to eq(750)
    expect(seen.most.sentence(euro)).to eq("pay at most €80 = €200 − €30 − €6.00 − €5.00 − €80")
  end

  # Net 240, less materials 30 and 8 h × 10 = 130 at most; less 8 h × 5 = 170 to walk away.
  it "answers at arm's length: yes, up to, or no" do
    asks = [10_000, nil, 15_000, 18_000].map { |ask| verdict(prospect(ask: ask)).short }
    expect(asks).to eq(["yes, up to €130", "up to €130", "up to €130", "no, up to €130"])
    # 130 − 150 for the pay aimed at, 170 − 150 for the least; 170 − 180 for neither.
    dear = ->(delivery) { verdict(prospect(ask: 500, delivery: delivery)).short }
    expect([dear.call(15_000), dear.call(18_000)]).to eq(["only for less pay", "no"])
  end

  it "divides by what premium and tax add, rounded down" do
    # (240 − 30 − 80) ÷ 1.18 = 110.169…
    expect(prospect(ask: nil, added_rate: 18/100r).most.amount).to eq(11_016)
  end

  it "takes the fee off the spread of the resale too (by hand, normal table)" do
    # Nothing but the resale is open: net 240 × 0.9 = 216, less 80 wages; at an ask of 127.00 Z is 9.00, its deviation
    # 0.9 × 20 = 18: z 0.5, 0.6915.
    open = described_class.new(resale: three(18_000, 24_000, 30_000), hours: three(*[8 * 3600] * 3), materials: three(0, 0, 0), ask: 12_700,
                               terms: terms(fee_rate: 1/10r))
    expect(open.chance.amount.to_f).to be_within(0.00005).of(0.6915)
  end

  it "gives the chance of target pay (by hand, normal table)" do
    # At an ask of 130.00 the mean of Z is 240 − 30 − 130 − 80 = 0 → 0.5.
    expect(prospect(ask: 13_000).chance.amount).to eq(0.5r)
    # At 109.02: Z = 20.98; variance 20² + 3.33² + (10 × 2/3)² = 400 + 11.11 + 44.44 = 455.56, sd 21.34 → z 0.983 →
    # 0.8372.
    expect(prospect(ask: 10_902).chance.amount.to_f).to be_within(0.0005).of(0.8372)
    sure = described_class.new(resale: three(100, 100, 100), hours: three(0, 0, 0), materials: three(0, 0, 0),
                               ask: 100, terms: terms)
    expect(sure.chance.amount).to eq(1)
  end

  it "says why where something is not known" do
    blind = described_class.new(resale: nil, hours: three(1, 2, 3), materials: nil, ask: 100, terms: terms)
    expect([blind.most.why, blind.chance.why]).to eq(["the expected price is missing"] * 2)
    unset = described_class.new(resale: three(1, 2, 3), hours: three(1, 2, 3), materials: three(0, 0, 0), ask: nil,
                                terms: Core::Scout::Terms.new)
    expect([unset.most.why, unset.pay.why]).to eq(["your target pay isn't set in House rules", "the tag price is missing"])
    expect(verdict(blind).text).to eq("No answer yet: the expected price is missing.")
  end

  it "puts the answer in words with what would change it" do
    # Most 130.00, walk-away 170.00. At 150: (240 − 30 − 150) ÷ 8 = 7.50 an hour; 20.00 short = 2 h of target pay.
    less = verdict(prospect(ask: 15_000))
    expect([less.key,
            less.text]).to eq(["less",
                               "Pay €130 at most. At €150 you'd make about €7.50 an hour, below your target."])
    expect(less.changes).to eq(["It's worth it if you save 2 h of work, sell it for €20 more, or get the price down to €130."])
    expect(verdict(prospect(ask: 12_000)).key).to eq("buy")
    expect(verdict(prospect(ask: 12_000)).changes.first).to eq("It pays less than your target if it takes 1 h longer than expected or it " \
                                                               "sells for €10 less.")
    expect(verdict(prospect(ask: 18_000)).text).to start_with("Pass at €180: you'd make only about €3.80 an hour")
    never = described_class.new(resale: three(1000, 1000, 1000), hours: three(36_000, 36_000, 36_000), materials: three(500, 500, 500), ask: 500,
                                terms: terms)
    expect(verdict(never).text).to eq("Not even for free: you'd still make only about €0.50 an hour.")
  end

  it "never says not even free where the least acceptable pay is reached at some price" do
    # 80 − 30 = 50 over 8 h: 6.25 an hour for nothing, between 5 and 10; walk away above 50 − 40 = 10.
    known = { resale: three(*[8000] * 3), hours: three(*[8 * 3600] * 3), materials: three(*[3000] * 3), terms: terms }
    thin = ->(ask) { described_class.new(**known, ask: ask) }
    expect(verdict(thin.call(500)).text).to eq("It won't reach your target pay, even for free. Up to €10 you'd make at least your minimum; " \
                                               "at €5 you'd make about €5.60 an hour.")
    expect(verdict(thin.call(nil))).to have_attributes(key: "less",
                                                       text: "It won't reach your target pay, even for free. Up to €10 you'd make at least " \
                                                             "your minimum.")
    expect(verdict(thin.call(1500)).text).to eq("Pass at €15: you'd make only about €4.40 an hour, below your minimum. " \
                                                "Even for free it wouldn't reach your target pay.")
  end

  it "answers in a sentence where no hours, no resale or no pay are given, and says what is missing" do
    idle = described_class.new(resale: three(*[8000] * 3), hours: three(0, 0, 0), materials: three(*[3000] * 3),
                               ask: 2000, terms: terms)
    expect(verdict(idle)).to have_attributes(
      text: "A good buy at €20: you'd make about €30 without any work. Pay €50 at most.", doubt: nil, missing: nil
    )
    gone = described_class.new(resale: three(0, 0, 0), hours: three(0, 0, 0), materials: three(*[3000] * 3), ask: 2000,
                               terms: terms)
    expect(verdict(gone).text).to eq("Not even for free: it costs more than it brings in.")
    lacking = { resale: nil, hours: nil, materials: nil }.keys.map do |name|
      known = { resale: three(1, 2, 3), hours: three(1, 2, 3), materials: three(0, 0, 0) }
      verdict(described_class.new(**known, name => nil, ask: 1, terms: terms)).missing
    end
    expect(lacking).to eq(%w[resale hours materials])
    unset = described_class.new(resale: three(1, 2, 3), hours: three(1, 2, 3), materials: three(0, 0, 0), ask: 1,
                                terms: Core::Scout::Terms.new)
    expect(verdict(unset).missing).to eq("pay")
  end

  it "says between what an hour lies at the tag, by hand" do
    # At 130.00: (240 − 30 − 130) ÷ 8 = 10.00; √(20² + 3.33² + (10 × 0.6667)²) = 21.34, ÷ 8 = 2.668, × 1.2816 = 3.42.
    expect(prospect(ask: 13_000).pay_between.map { |minor| minor.round(-1) }).to eq([660, 1340])
    expect(verdict(prospect(ask: 13_000)).doubt).to eq("Likely €7–13 an hour. It's 50% likely to reach your target pay.")
  end

  it "reaches target pay exactly at the most to pay, whatever the figures" do
    random = Random.new(7)
    100.times do
      points = -> { Array.new(3) { random.rand(1..50_000) }.sort }
      rates = { fee_rate: Rational(random.rand(0..40), 100), added_rate: Rational(random.rand(0..30), 100),
                trip: random.rand(0..2000) }
      seen = described_class.new(resale: three(*points.call), hours: three(*points.call), materials: three(*points.call), ask: 0,
                                 terms: terms(**rates))
      at = described_class.new(resale: seen.resale, hours: seen.hours, materials: seen.materials, ask: [seen.most.amount, 0].max,
                               terms: terms(**rates))
      next if seen.most.amount.negative?

      wages = seen.hours.mean * 1000 / 3600
      expect(at.profit.amount).to be_between(wages, wages + 2)
    end
  end
end
