# frozen_string_literal: true

# The model's parts against published data and closed forms. Remission in weeks of two arms of leukaemia patients:
# Freireich et al., Blood 21, 1963, as in R's package survival (data gehan); fits computed there.
RSpec.describe "the market's model against what is known" do
  model = Core::Market::Model
  curve = model::DemandCurve
  treated = [[6, 1], [6, 1], [6, 1], [6, 0], [7, 1], [9, 0], [10, 1], [10, 0], [11, 0], [13, 1], [16, 1], [17, 0], [19, 0], [20, 0], [22, 1], [23, 1],
             [25, 0], [32, 0], [32, 0], [34, 0], [35, 0]]
  control = [1, 1, 2, 2, 3, 4, 4, 5, 5, 8, 8, 8, 8, 11, 11, 12, 12, 15, 17, 22, 23].map { |week| [week, 1] }

  # Log-likelihood and its slope in the value, of an arm whose rate a week stands for the rate of sale at what is asked.
  def likelihood(arm, rate, frailty)
    curve = Core::Market::Model::DemandCurve
    z = Math.log(((curve::C * curve::H_REF / rate) - 1) / (curve::C - 1))
    asked = z / (4.25 * curve::KAPPA)
    arm.map do |weeks, ended|
      stretch = Core::Market::Model::ListingPath::Stretch.new(asked, weeks.to_f, 1)
      Core::Market::Model::Likelihood.of([stretch], ended == 1, 0.0, 4.25, [0.0, 0.0], frailty, [0.0, 0.0, 0.0, 0.0])
    end.then { |rows| [rows.sum(&:first), rows.sum { |row| row[1][0] }] }
  end

  it "fits exponential rates 0.025070 and 0.115385 a week, log-likelihood −108.524" do
    sure = model::Frailty.new(1e9, 1e9)
    expect([9 / 359.0, 21 / 182.0].map { |rate| rate.round(6) }).to eq([0.02507, 0.115385])
    found = [[treated, 9 / 359.0], [control, 21 / 182.0]].map { |arm, rate| likelihood(arm, rate, sure) }
    expect(found.sum(&:first)).to be_within(0.002).of(-108.524)
    expect(found.map(&:last)).to all(be_within(1e-4).of(0)) # at the top in each arm
    worse = likelihood(treated, 0.027, sure).first + likelihood(control, 0.11, sure).first
    expect(worse).to be < -108.53
  end

  it "fits gamma frailty of k = 2: ln λ −3.5719, β 1.6048, log-likelihood −111.2617" do
    two = model::Frailty.new(2.0, 2.0)
    found = [[treated, Math.exp(-3.5719)], [control, Math.exp(-3.5719 + 1.6048)]].map do |arm, rate|
      likelihood(arm, rate, two)
    end
    expect(found.sum(&:first)).to be_within(0.0005).of(-111.2617)
    expect(found.map(&:last)).to all(be_within(0.01).of(0))
  end

  it "knows digamma, trigamma and what follows them (Abramowitz and Stegun 1964, tables 6.1 and 6.2)" do
    poly = Core::Statistics::Polygamma
    expect(poly.digamma(2.5)).to be_within(1e-7).of(0.7031566)
    expect(poly.trigamma(2.5)).to be_within(1e-7).of(0.4903578)
    expect(poly.digamma(1)).to be_within(1e-12).of(-0.5772156649015329)
    expect(poly.trigamma(1)).to be_within(1e-12).of((Math::PI**2) / 6)
    expect(poly.trigamma(0.5)).to be_within(1e-11).of((Math::PI**2) / 2)
    expect(poly.of(2, 1)).to be_within(1e-11).of(-2 * 1.2020569031595942) # −2 ζ(3)
    expect(poly.of(3, 1)).to be_within(1e-10).of((Math::PI**4) / 15)
    [0.003, 0.4, 1, 7.7, 5_000].each do |x|
      expect(poly.inverse_trigamma(poly.trigamma(x))).to be_within(1e-8 * x).of(x)
    end
  end

  it "carries doubt as a frailty whose log has mean 0 and spread βs" do
    frailty = model::Frailty.of(0.9)
    poly = Core::Statistics::Polygamma
    expect(poly.trigamma(frailty.k)).to be_within(1e-9).of(0.81)
    expect(poly.digamma(frailty.k) - Math.log(frailty.r)).to be_within(1e-12).of(0)
    # The share unsold is the gamma mixture of exponentials: ∫ e^(−zE) over the gamma density, by a plain sum.
    density = lambda { |z|
      Math.exp((frailty.k * Math.log(frailty.r)) - Math.lgamma(frailty.k).first + ((frailty.k - 1) * Math.log(z)) - (frailty.r * z))
    }
    step = 0.0005
    sum = (1..60_000).sum { |n| density.call(n * step) * Math.exp(-n * step * 1.3) * step }
    expect(frailty.unsold(1.3)).to be_within(0.001).of(sum)
  end

  # The worth of an even price for ever is a − λ ÷ h(a).
  def top(range)
    low, high = range
    200.times do
      one = low + ((high - low) * 0.382)
      two = low + ((high - low) * 0.618)
      yield(one) > yield(two) ? high = two : low = one
    end
    low
  end

  it "asks 274.8 for a worth of 210.2 by the closed form of the power law: V 240, β 4.25, a day 1.20" do
    closed = 240 * ((curve::H_REF * 240 / (1.2 * 4.25))**(1 / 3.25))
    expect([closed, closed * (1 - (1 / 4.25))].map { |one| one.round(1) }).to eq([274.8, 210.2])
    power = ->(a) { a - (1.2 / (curve::H_REF * curve.phi(Math.log(a / 240), 4.25, 1e12))) }
    expect(top([100.0, 500.0], &power)).to be_within(0.05).of(closed)
    expect(power.call(closed)).to be_within(0.05).of(210.2)
  end

  it "asks by dynamic programming what an even price for ever asks, where there is no doubt" do
    value = model::Value.new(log: Math.log(24_000), doubt: 0.0005, sources: [])
    position = model::Position.new(value: value, beta: 4.25, got: 1.0, net: model::Net.new(fee_rate: 0, fixed: 0),
                                   day: 120.0)
    programme = model::Programme.new(position, (200..340).map { |whole| whole * 100 })
    even = top([10_000.0, 50_000.0]) { |a| a - (120 / (curve::H_REF * curve.phi(Math.log(a / 24_000), 4.25))) }
    worth = even - (120 / (curve::H_REF * curve.phi(Math.log(even / 24_000), 4.25)))
    expect(programme.best_course.steps.first.first).to be_within(600).of(even)
    expect(programme.worth).to be_within(worth * 0.02).of(worth) # half a year instead of for ever
  end

  it "tells two arms apart by log-rank: 16.793, observed 9 and 21, expected 19.2505 and 10.7495" do
    weeks = (treated + control).map(&:first).uniq.sort
    rows = weeks.filter_map do |week|
      mine, others = [treated, control].map do |arm|
        [arm.count { |at, _| at >= week }, arm.count do |at, ended|
          at == week && ended == 1
        end]
      end
      [mine[0], mine[0] + others[0], mine[1], mine[1] + others[1]] if (mine[1] + others[1]).positive?
    end
    test = Core::Statistics::LogRank.new(rows)
    expect(test.statistic).to be_within(0.001).of(16.793)
    expect([test.observed, test.expected.round(4), (rows.sum do |row|
      row[3]
    end - test.expected).round(4)]).to eq([9, 19.2505, 10.7495])
    expect(test.p).to be_within(1e-6).of(4.17e-5)
  end

  it "knows Student's t as tables have it, from ten degrees of freedom on (Abramowitz and Stegun 1964, table 26.10)" do
    student = Core::Statistics::Student
    [[2.228, 10, 0.975], [1.812, 10, 0.95], [2.042, 30, 0.975], [1.2816, 100_000, 0.9]].each do |t, freedom, below|
      expect(student.below(t, freedom)).to be_within(0.003).of(below)
    end
    expect(Core::Statistics::Normal.below(1.2816)).to be_within(1e-5).of(0.9)
  end
end
