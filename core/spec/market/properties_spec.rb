# frozen_string_literal: true

require "spec_helper"

# What holds of waiting and of answers to offers, whatever the listings were.
RSpec.describe "selling, over random listings" do
  market = Core::Market

  def survival(random)
    spells = Array.new(random.rand(1..25)) do
      Core::Market::Survival::Spell.new(days: random.rand(0..120), sold: random.rand(3).positive?)
    end
    Core::Market::Survival.new(spells)
  end

  def outlook(random, found, **rest)
    given = { stood: random.rand(0..90), prices: [[0, 20_000], [14, 18_000], [28, 16_200]], ratio: 9/10r, last: 14_580 }
    Core::Market::Outlook.new(found, **given, **rest).answer
  end

  it "expects days within the horizon, and money between the last price and the first" do
    random = Random.new(41)
    150.times do
      answer = outlook(random, survival(random))
      expect(answer.days).to be_between(0, market::Outlook::HORIZON)
      expect(answer.money).to be_between(14_580, 18_000)
      expect(answer.left).to be_between(0, 1)
    end
  end

  # Over random listings that have stood for some days: the outlook with each of some changes.
  def each_outlook(seed, *changes)
    random = Random.new(seed)
    80.times do
      found = survival(random)
      stood = random.rand(0..60)
      yield(*changes.map { |change| outlook(random, found, stood: stood, **change) })
    end
  end

  it "expects no less money where every price is higher" do
    each_outlook(42, {}, { prices: [[0, 22_000], [14, 19_000], [28, 17_000]], last: 15_000 }) do |low, high|
      expect(high.money).to be >= low.money
      expect(high.days).to eq(low.days)
    end
  end

  it "expects to wait longer where the horizon is longer, and leaves less unsold" do
    each_outlook(43, { horizon: 60 }, { horizon: 180 }) do |short, long|
      expect(long.days).to be >= short.days
      expect(long.left).to be <= short.left
    end
  end

  it "expects money in proportion to what is got of what is asked, the rest alike" do
    each_outlook(46, { ratio: 1/2r, last: 0 }, { ratio: 1r, last: 0 }) do |half, whole|
      expect(half.money * 2).to eq(whole.money)
    end
  end

  it "sells all at the last price where nothing ever sold" do
    found = Core::Market::Survival.new([Core::Market::Survival::Spell.new(days: 40, sold: false)])
    answer = outlook(Random.new(1), found, stood: 0)
    expect(answer).to have_attributes(days: 180, money: 14_580, left: 1)
  end

  # The worth of waiting is set at random: from nothing to all that is asked.
  it "never declines what it would take, takes the more readily the less waiting is worth, and never counters above what is asked" do
    random = Random.new(44)
    order = %i[decline counter take]
    200.times do
      offers = Array.new(2) { random.rand(100..19_900) }.sort
      worth = random.rand(0..20_000)
      advise = lambda do |offer, least|
        waiting = market::Model::Waiting.new(worth: least, money: least, days: 10, day: 0)
        market::OfferAdvice.new(offer: offer, asking: 20_000, waiting: waiting,
                                text: Core::Units::MoneyWriter.new(Core::Units::Currency.find("EUR"))).answer
      end
      answers = offers.map { |offer| advise.call(offer, worth) }
      expect(order.index(answers[0].verdict)).to be <= order.index(answers[1].verdict)
      expect(order.index(advise.call(offers[1], worth / 2).verdict)).to be >= order.index(answers[1].verdict)
      offers.zip(answers).each { |offer, answer| expect(answer.counter || offer).to be_between(offer, 20_000) }
    end
  end

  it "keeps an asking price at or above its target, and its steps falling to the floor" do
    random = Random.new(45)
    pricing = Core::Market::AskingPrice
    150.times do
      floor = random.rand(1_000..20_000)
      ending = pricing::ENDINGS.keys.sample(random: random)
      price = pricing.over(floor + random.rand(0..20_000), haggle: Rational(random.rand(0..30), 100), ending: ending)
      steps = pricing.steps(price, floor: floor, from: Date.new(2026, 6, 30), every: random.rand(1..30),
                                   by: Rational(random.rand(1..40), 100))
      amounts = [price, *steps.map(&:last)]
      expect(amounts.each_cons(2)).to all(satisfy { |one, other| one > other })
      expect(amounts.last).to eq(steps.empty? || steps.size == pricing::MAX_STEPS ? amounts.last : floor)
      expect(steps.map(&:first)).to eq(steps.map(&:first).sort.uniq)
    end
  end
end
