# frozen_string_literal: true

# Time to sell, what waiting brings and what to answer to an offer, by hand arithmetic beside each.
RSpec.describe Core::Market::Survival do
  def spell(days, sold: true) = described_class::Spell.new(days: days, sold: sold)

  it "says how far it is known where the median is not reached" do
    survival = described_class.new([spell(5), spell(9, sold: false), spell(40, sold: false)])
    expect(survival.text).to eq("Fewer than half have sold so far: 1 of 3, after up to 6 weeks.")
    expect([survival.at(4), survival.at(5), survival.at(400)]).to eq([1, 2/3r, 2/3r])
    expect(described_class.new([]).text).to eq("None of this kind has been for sale yet.")
  end

  it "falls by sales alone, equals the plain share where nothing is censored, and never rises" do
    random = Random.new(8)
    60.times do
      days = Array.new(random.rand(1..30)) { random.rand(0..60) }
      plain = described_class.new(days.map { |day| spell(day) })
      day = random.rand(0..60)
      expect(plain.at(day)).to eq(Rational(days.count { |one| one > day }, days.size))
      mixed = described_class.new(days.map { |one| spell(one, sold: random.rand(2).zero?) })
      shares = (0..61).map { |one| mixed.at(one) }
      expect(shares).to eq(shares.sort.reverse)
      expect(shares.minmax).to all(be_between(0, 1))
      # What is censored makes unsold no less likely.
      expect(mixed.at(day)).to be >= plain.at(day)
    end
  end
end

RSpec.describe Core::Market::TimeToSell do
  def spells(number, sold)
    Array.new(number) { |place| Core::Market::Survival::Spell.new(days: place + 1, sold: place < sold) }
  end

  it "goes by the kind where there are 8 listings and 4 sales of it, else by all, else says what is missing" do
    expect(described_class.new("chair" => spells(8,
                                                 4)).for("chair")).to have_attributes(basis: :kind,
                                                                                      why: "8 listings of this kind")
    thin = described_class.new("chair" => spells(7, 7), "desk" => spells(3, 1))
    expect(thin.for("chair")).to have_attributes(basis: :all, why: "10 listings of all kinds, because there are too few of this kind")
    expect(thin.for("sofa").survival.count).to eq(10)
    expect(described_class.new("chair" => spells(8, 3)).for("chair"))
      .to have_attributes(basis: nil, survival: nil, why: "This needs 8 listings and 4 sales. You have 8 and 3")
  end
end

RSpec.describe Core::Market::Outlook do
  # Two sold, on days 10 and 20: S is 1, then a half, then nothing.
  let(:survival) do
    Core::Market::Survival.new([10, 20].map { |day| Core::Market::Survival::Spell.new(days: day, sold: true) })
  end

  def outlook(**rest)
    described_class.new(survival, stood: 0, prices: [[0, 20_000]], ratio: 1r, last: 5_000, **rest).answer
  end

  it "expects days as the sum of what is still unsold, and money over the prices that stand" do
    # Days 0 to 9 all, 10 to 19 a half: 10 + 5 = 15 days; all at 200.00.
    expect(outlook).to have_attributes(days: 15, money: 20_000, left: 0)
    # Lowered to 160.00 from day 15: half at 200.00, half at 160.00; and nine tenths of it are got.
    stepped = described_class.new(survival, stood: 0, prices: [[0, 20_000], [15, 16_000]], ratio: 9/10r,
                                            last: 5_000).answer
    expect(stepped.money).to eq((10_000 + 8_000) * 9/10r)
  end

  it "goes by the price of a step from its own day on" do
    # The second is sold from the 19th to the 20th day: at the price that stands from the 19th.
    [[19, 16_000], [20, 20_000]].each do |day, brought|
      stepped = described_class.new(survival, stood: 0, prices: [[0, 20_000], [day, 16_000]], ratio: 1r, last: 0).answer
      expect(stepped.money).to eq(10_000 + (brought/2r))
    end
  end

  it "reckons from the day it is: after 12 days only the second is left, 8 days on" do
    answer = described_class.new(survival, stood: 12, prices: [[0, 20_000]], ratio: 1r, last: 5_000).answer
    expect(answer).to have_attributes(days: 8, money: 20_000)
  end

  it "stops at its horizon, and takes what is unsold then to go at the last price" do
    # To day 12: 10 + 2 × ½ = 11 days; half at 200.00, half at 50.00.
    expect(outlook(horizon: 12)).to have_attributes(days: 11, money: 12_500, left: 1/2r)
    expect(described_class.new(survival, stood: 30, prices: [[0, 1]], ratio: 1r,
                                         last: 5_000).answer).to have_attributes(days: 180, money: 5_000,
                                                                                 left: 1)
  end
end

RSpec.describe Core::Market::OfferAdvice do
  # 180.00 − 20 × 1.00 = 160.00.
  let(:waiting) { Core::Market::Model::Waiting.new(worth: 16_000, money: 18_000, days: 20, day: 100) }

  def advice(offer, **rest)
    text = Core::Units::MoneyWriter.new(Core::Units::Currency.find("EUR"))
    described_class.new(offer: offer, asking: 20_000, waiting: waiting, text: text, **rest).answer
  end

  it "counters half-way between asking and the worth of waiting, takes what is no less, and says what a no may cost" do
    # (200.00 + 160.00) ÷ 2 = 180.00.
    expect(advice(15_999)).to have_attributes(verdict: :counter, at: 16_000, counter: 18_000)
    expect(advice(18_000)).to have_attributes(verdict: :take, at: 16_000)
    held = "If you wait, expect about €180 in 20 days. Less €1 a day for the space, that's worth about €160 today."
    expect(advice(18_000).why).to eq("#{held} This offer is better.")
    # Of those who offer 159.99 the share (200 − 180) ÷ (200 − 159.99) takes 180.00: 0.49987 × 20.00 = 10.00 more than
    # 160.00.
    expect(advice(15_999).why).to eq("#{held} At €180, about 50% say yes, which brings about €10 more on average; if they say no, you wait " \
                                     "(a built-in guess: none of your counteroffers are recorded yet).")
    # At 170.00: 20 ÷ 30 × 180 + 10 ÷ 30 × 160 − 170 = 3.33, under 2% of 200.00: not worth a no.
    expect(advice(17_000)).to have_attributes(verdict: :take,
                                              why: /A counteroffer would bring at most €3 more, and the buyer may walk away/)
    expect(advice(20_000)).to have_attributes(verdict: :take, why: "It's your asking price.")
  end

  # Asked 9000.00 for what the market pays 58.00 at the most: nobody goes half-way to 9000.00.
  it "counters within what the market pays, however much is asked" do
    dear = Core::Market::Model::Waiting.new(worth: 2_200, money: 3_100, days: 50, day: 17, most: 5_800)
    text = Core::Units::MoneyWriter.new(Core::Units::Currency.find("EUR"))
    found = described_class.new(offer: 1_500, asking: 900_000, waiting: dear, text: text).answer
    # (58.00 + 22.00) ÷ 2 = 40.00.
    expect(found).to have_attributes(verdict: :counter, counter: 4_000)
    expect(described_class.new(offer: 4_500, asking: 900_000, waiting: dear, text: text).answer.verdict).to eq(:take)
  end

  it "declines below a share of it, and only warns below the floor" do
    # 60% of 160.00 are 96.00.
    expect([advice(9_600).verdict, advice(9_599).verdict]).to eq(%i[counter decline])
    expect(advice(18_000,
                  floor: 19_000)).to have_attributes(verdict: :take, warnings: [/below your lowest price of €190/])
    expect(advice(17_000, floor: 17_000).warnings).to eq([])
  end

  it "meets half-way where nothing tells what waiting brings, and goes by how own counters fared" do
    expect(advice(15_000, waiting: nil)).to have_attributes(verdict: :counter, counter: 17_500, at: nil)
    tried = Array.new(12) { Core::Market::Model::Counters::Tried.new(offer: 15_000, asking: 20_000, counter: 18_000, taken: false) }
    shy = Core::Market::Model::Counters.new(tried)
    expect(shy.theta).to be > 1.5
    expect(advice(15_000, counters: shy).counter).to be_between(16_000, 17_500)
    expect(Core::Market::Model::Counters.new.theta).to eq(1)
    expect(shy.text).to eq("0 of your 12 counteroffers were accepted")
  end

  # Two of four sold by day 10, the others stand 20 days: half are unsold on day 12.
  it "says where a listing stands on the curve of the others" do
    spell = Core::Market::Survival::Spell
    spells = [[5, true], [10, true], [20, false], [20, false]].map { |days, sold| spell.new(days: days, sold: sold) }
    survival = Core::Market::Survival.new(spells)
    expect(survival.against(12)).to eq("50% of 4 similar listings had sold by then")
    expect(survival.against(21)).to eq("longer than any of 4 similar listings took")
  end
end
