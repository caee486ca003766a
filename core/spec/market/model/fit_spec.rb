# frozen_string_literal: true

# Fits, values and prices over made-up listings: what holds whatever they were.
RSpec.describe "a market learned from own listings" do
  model = Core::Market::Model

  # Listings of three kinds; random ones, each sold or not.
  def stays(random, number, asked: 0.1, kinds: %w[desk chair box])
    Array.new(number) do
      kind = kinds.sample(random: random)
      listed = Date.new(2025, 1, 1) + random.rand(400)
      ask = (10_000 * Math.exp(asked + random.rand(-0.3..0.3))).round
      days = random.rand(1..120)
      Core::Market::Model::ListingPath.new(kind: kind, base: Math.log(10_000), features: { "market" => 1.0, "kind:#{kind}" => 1.0 }, weight: 1.0,
                                           sold: random.rand < 0.6, seen: seen(random, random.rand(0..2)),
                                           stretches: path([[listed, ask], [listed + 30, (ask * 0.9).round]], listed + days))
    end
  end

  def path(asks, to) = Core::Market::Model::ListingPath.path(asks, to: to)

  def seen(random, number)
    Array.new(number) { Core::Market::Model::PriceObservation.of(random.rand(8_000..15_000), sold: random.rand(3).zero?, likeness: random.rand(1..3)) }
  end

  def fitted(rows, sights = [], **rest)
    Core::Market::Model::Fitter.of(Core::Market::Model::Evidence.new(rows, sights), **rest)
  end

  def value(fit, kind: "desk", seen: [], further: [])
    row = Core::Market::Model::Evidence::Sight.new(kind: kind, base: Math.log(10_000), seen: seen,
                                                   features: { "market" => 1.0, "kind:#{kind}" => 1.0 })
    Core::Market::Model::Valuation.new(fit, row, further: further, known: false).value
  end

  def position(value, **rest)
    net = Core::Market::Model::Net.new(fee_rate: 1/10r, fixed: 300)
    Core::Market::Model::Position.new(value: value, beta: 4.25, got: 0.93, net: net, day: value.middle * 0.005, **rest)
  end

  it "has slopes and curvature by formula that agree with differences" do
    step = 1e-5
    path = [model::ListingPath::Stretch.new(9.4, 20.0, 3), model::ListingPath::Stretch.new(9.2, 12.0, 4)]
    at = lambda do |given, sold|
      level, slope, *season = given
      frailty = model::Frailty.of(Math.exp(slope) * 0.2)
      model::Likelihood.of(path, sold, level, Math.exp(slope), season, frailty, frailty.slopes)
    end
    given = [9.3, 1.4, 0.1, -0.2]
    [true, false].each do |sold|
      _, gradient, curvature = at.call(given, sold)
      place = 0
      4.times do |i|
        up, down = [step, -step].map { |by| at.call(given.dup.tap { |copy| copy[i] += by }, sold) }
        expect(gradient[i]).to be_within(1e-5).of((up[0] - down[0]) / (2 * step))
        i.upto(3) do |j|
          expect(curvature[place]).to be_within(1e-4).of((up[1][j] - down[1][j]) / (2 * step))
          place += 1
        end
      end
    end
  end

  it "finds again what listings were drawn from" do
    random = Random.new(12)
    beta = 5.0
    rows = Array.new(400) do |number|
      kind = %w[desk chair][number % 2]
      value = Math.log(10_000) + (kind == "desk" ? 0.3 : -0.2)
      log = value + random.rand(-0.3..0.4)
      rate = model::DemandCurve::H_REF * model::DemandCurve.phi(log - value, beta)
      days = (-Math.log(1 - random.rand) / rate).ceil
      sold = days <= 150
      model::ListingPath.new(kind: kind, base: Math.log(10_000), features: { "market" => 1.0, "kind:#{kind}" => 1.0 },
                             weight: 1.0, sold: sold, seen: [],
                             stretches: [model::ListingPath::Stretch.new(log, [days, 150].min.to_f, 1 + (number % 12))])
    end
    found = fitted(rows, spreads: [0.15])
    # Within two of what the fit itself says its doubt is; that doubt is small.
    expect(found.at("kind:desk") - found.at("kind:chair")).to be_within(0.1).of(0.5)
    expect(found.beta).to be_within(1.2).of(beta)
    expect(found.sd("slope")).to be < 0.2
  end

  it "does not hang on the order of rows, and is found from anywhere" do
    rows = stays(Random.new(3), 60)
    one = fitted(rows)
    other = fitted(rows.shuffle(random: Random.new(9)), from: fitted(rows.first(20)))
    expect(other.theta.zip(one.theta).map { |mine, theirs| (mine - theirs).abs }.max).to be < 1e-3
    expect(value(other).middle).to be_within(10).of(value(one).middle)
  end

  it "answers where nothing sold, where all stood at one price, where there is one kind only, and where there is nothing" do
    random = Random.new(4)
    unsold = stays(random, 12).each { |stay| stay.sold = false }
    expect(value(fitted(unsold)).middle).to be < value(fitted([])).middle
    flat = stays(random, 12, kinds: %w[desk]).each { |stay| stay.stretches = [model::ListingPath::Stretch.new(Math.log(12_000), 20.0, 5)] }
    expect(value(fitted(flat)).doubt).to be < value(fitted([])).doubt
    expect(value(fitted([]))).to have_attributes(log: be_within(1e-9).of(Math.log(10_000)),
                                                 sources: [have_attributes(key: "usual", share: be_within(1e-9).of(1))])
    expect(model::ListingPath.path([[Date.new(2026, 1, 2), 0]], to: Date.new(2026, 1, 9))).to eq([]) # an ask of nothing
    expect(model::ListingPath.path([[Date.new(2026, 1, 9), 100]], to: Date.new(2026, 1, 2))).to eq([]) # sold before it was listed
    expect(model::ListingPath.path([[Date.new(2026, 1, 9), 100]], to: Date.new(2026, 1, 9)).sum(&:days)).to eq(0.5)
  end

  it "takes a path by its months and prices, and what went far under as cut to it on the last day" do
    path = model::ListingPath.path([[Date.new(2026, 1, 20), 20_000], [Date.new(2026, 2, 10), 18_000]],
                                   to: Date.new(2026, 2, 20), got: 9_300)
    expect(path.map { |one| [Math.exp(one.log).round, one.days, one.month] })
      .to eq([[20_000, 12.0, 1], [20_000, 9.0, 2], [18_000, 9.0, 2], [10_000, 1.0, 2]])
    # From its own day on the new price stands: 9 days at 200.00 in February, not 10.
    expect(path[1].days + path[0].days).to eq((Date.new(2026, 2, 10) - Date.new(2026, 1, 20)).to_i)
  end

  it "lies between its sources' ends, whose shares add up to one" do
    random = Random.new(5)
    30.times do
      found = fitted(stays(random, random.rand(0..20)), spreads: [0.22])
      further = [model::Valuation::Further.new(key: "typed", log: Math.log(random.rand(5_000..20_000)), sd: 0.3)]
      own = seen(random, random.rand(0..3))
      whole = value(found, seen: own, further: further)
      expect(whole.sources.sum(&:share)).to be_within(0.01).of(1)
      expect(whole.sources.map(&:share)).to all(be_between(0, 1))
      without = value(found, seen: own)
      expect(whole.log).to be_between(*[without.log, further.first.log].minmax)
      expect(whole.doubt).to be < without.doubt
    end
  end

  it "is in less doubt the more there is behind it, on average" do
    random = Random.new(6)
    doubts = [0, 8, 40].map do |number|
      Array.new(12) do
        value(fitted(stays(random, number), spreads: [0.22])).doubt
      end.sum / 12
    end
    expect(doubts).to eq(doubts.sort.reverse)
    expect(value(fitted([]), seen: seen(random, 3)).doubt).to be < value(fitted([]), seen: seen(random, 1)).doubt
  end

  it "never sells sooner at a higher price, asks no less than any price on its grid is worth, and waits for no more than is asked" do
    random = Random.new(7)
    40.times do
      worth = model::Value.new(log: Math.log(random.rand(3_000..80_000)), doubt: random.rand(0.02..0.5), sources: [])
      here = position(worth, exposure: random.rand(0.0..3.0))
      prices = model::Ladder.of(worth, ending: %w[none 5 9 59].sample(random: random), unit: 100)
      even = prices.map { |price| model::Projection.new(here, [[price, 182]]) }
      expect(even.map(&:days).each_cons(2)).to all(satisfy { |one, other| one <= other + 1e-9 })
      expect(even.map { |course| course.within(30) }.each_cons(2)).to all(satisfy { |one, other| one + 1e-9 >= other })
      programme = model::Programme.new(here, prices)
      expect(programme.courses.map(&:worth).max).to eq(programme.best_course.worth)
      expect(programme.best_course.worth).to be >= even.map(&:worth).max * 0.98
      expect(programme.best_course.steps.map(&:first)).to eq(programme.best_course.steps.map(&:first).sort.reverse.uniq)
      asking = prices.sample(random: random)
      expect(model::Waiting.of(here, asking, prices).worth).to be_between(0, asking)
    end
  end

  it "prices in currencies without decimals and with three" do
    { 1 => 24_000, 100 => 24_000, 1000 => 240_000 }.each do |unit, middle|
      worth = model::Value.new(log: Math.log(middle), doubt: 0.2, sources: [])
      prices = model::Ladder.of(worth, ending: "5", unit: unit)
      expect(prices).to all(satisfy { |price| (price % (5 * unit)).zero? })
      best = model::Programme.new(position(worth), prices).best_course.steps.first.first
      expect(best).to be_within(middle * 0.35).of(middle)
    end
  end

  it "is the same after it was kept as text" do
    found = fitted(stays(Random.new(8), 20))
    again = model::FitJson.read(model::FitJson.write(found))
    expect(value(again)).to eq(value(found))
    expect(model::FitJson.read('{"version":0}')).to be_nil
  end

  it "fits a hundred listings within half a second and five hundred within three, with room for a busy machine" do
    { 100 => 0.5, 500 => 3.0 }.each do |number, limit|
      rows = stays(Random.new(9), number)
      took = Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID)
      fitted(rows)
      expect(Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) - took).to be < limit * 2
    end
  end
end
