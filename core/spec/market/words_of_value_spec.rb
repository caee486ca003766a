# frozen_string_literal: true

# What is said of a value and of a price, by hand beside each.
RSpec.describe "a value in words" do
  model = Core::Market::Model
  text = Core::Units::MoneyWriter.new(Core::Units::Currency.find("EUR"))

  def value(shares, log: Math.log(24_000), doubt: 0.1)
    sources = shares.map do |key, share|
      Core::Market::Model::Value::Source.new(key: key, number: 3, share: share, log: Math.log(20_000))
    end
    Core::Market::Model::Value.new(log: log, doubt: doubt, sources: sources)
  end

  def words(value, pairs = [])
    Core::Market::ValueWords.new(value, got: Core::Market::Model::SaleToAsk.of(pairs))
  end

  it "gives shares that add up, in whole percent, and leaves out what comes to nothing" do
    found = words(value({ "own" => 0.5533, "comparables" => 0.2967, "usual" => 0.1468, "others" => 0.0032 }))
    expect(found.lines.map(&:share)).to eq([55, 30, 15])
    expect(found.sentence).to eq("Based on your own pieces of this kind (55%), prices you looked up for it (30%), and a built-in guess (15%).")
    expect(words(value({ "typed" => 1.0 })).sentence).to eq("Based on your expected price (100%).")
    expect(found.lines.first.words).to start_with("3 listings of yours")
  end

  it "says what it fetches: what is got of it, in fives from a hundred on and in whole units below" do
    # 240.00 × 0.93 = 223.20; e^±0.12816: 196.35 and 253.72.
    expect(words(value({ "usual" => 1.0 })).fetch).to eq([19_635, 22_320, 25_372])
    expect(words(value({ "usual" => 1.0 })).fetch_said(100)).to eq([19_500, 22_500, 25_500])
    expect(words(value({ "usual" => 1.0 }, log: Math.log(4_000))).fetch_said(100)).to eq([3_300, 3_700, 4_200])
    expect(words(value({ "usual" => 1.0 }, log: Math.log(60))).fetch_said(100)).to eq([49, 56, 63])
  end

  it "takes what is got of what is asked from five usual sales and one's own" do
    got = model::SaleToAsk
    expect(got.of([]).share).to be_within(1e-9).of(0.93)
    # (5 ln 0.93 + 5 ln 0.8) ÷ 10: √(0.93 × 0.8).
    expect(got.of([[80, 100]] * 5).share).to be_within(1e-9).of(Math.sqrt(0.93 * 0.8))
    # A slip (300 got for 30 asked) counts as a tenth above, nothing asked as nothing; never more than all that is
    # asked.
    expect(got.of([[300, 30]] * 100).share).to eq(1.0)
    expect(got.of([[50, 0], [nil, 100]]).sales).to eq(0)
    expect(got.of([[90,
                    100]]).text).to eq("92% of the asking price: one sale of yours, and 93% counted as five more")
  end

  it "sets need beside fetch" do
    said = lambda do |need, break_even|
      Core::Market::NeedAndFetch.new(fetch: [21_000, 24_000, 26_500], need: need, break_even: break_even, at: 24_000,
                                     pay: 580, text: text)
    end
    short = said.call(40_400, 9_000)
    expect(short.sentences).to eq(["Likely to sell for €210–265.",
                                   "You need €404 to cover your costs and hours. That's more than it's likely to bring in.",
                                   "If it sells for €240, you make about €5.80 an hour."])
    expect([short.state, said.call(25_000, 9_000).state, said.call(20_000, 9_000).state]).to eq(%i[short short content])
    expect(said.call(25_000, 9_000).sentences[1]).to end_with("hours. That's above the likely price, but possible.")
    expect(said.call(20_000, 9_000).sentences[1]).to end_with("hours. That's within the likely range.")
    expect(said.call(40_400, 30_000).sentences.last).to start_with("A sale won't bring back what you've put in")
    expect(said.call(nil, nil).sentences.size).to eq(2)
  end

  it "keeps its ladder the same whatever else is asked for, on the house's endings" do
    plain = model::Ladder.of(value({}), ending: "9", unit: 100)
    far = model::Ladder.of(value({}), ending: "9", unit: 100, also: 90_000)
    expect(far.first(plain.size - 2)).to eq(plain.first(plain.size - 2))
    expect(far).to include(90_000)
    expect(plain.map { |price| price % 1000 }.uniq).to eq([900])
    expect(plain.last).to be <= value({}).high * model::Ladder::ABOVE
  end

  it "learns from counters that were taken as from those that were not" do
    tried = ->(taken) { model::Counters::Tried.new(offer: 15_000, asking: 20_000, counter: 18_000, taken: taken) }
    shy, eager = [false, true].map { |taken| model::Counters.new([tried.call(taken)] * 8) }
    expect(shy.theta).to be > 1
    expect(eager.theta).to be < 1
    expect(eager.best_for(asking: 20_000, worth: 16_000)).to be > shy.best_for(asking: 20_000, worth: 16_000)
    expect([shy, eager].map { |one| one.taking(offer: 15_000, asking: 20_000, counter: 20_000) }).to eq([0.0, 0.0])
    # One that is no counter says nothing.
    expect(model::Counters.new([model::Counters::Tried.new(offer: 15_000, asking: 20_000, counter: 14_000,
                                                           taken: true)]).tried).to eq(0)
  end

  it "says of asking less what own demand says" do
    cheaper = Core::Books::Cheaper
    # φ(ln 0.9) at β 4.25: 6 ÷ (1 + 5 · e^(4.25 · 1.2 · ln 0.9)) = 1.529: a third of the days, 3.5% a percent.
    expect(cheaper.learned(1/10r, 4.25)).to eq(3.5r)
    expect(cheaper.learned(0r, 4.25)).to eq(0)
    expect(cheaper.learned(1/10r, 6.0)).to be > cheaper.learned(1/10r, 3.0)
  end
end
