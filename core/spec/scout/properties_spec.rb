# frozen_string_literal: true

require_relative "../spec_helper"

# What must hold for any figures, over many generated cases (fixed seeds).
RSpec.describe "buying, whatever the figures" do
  let(:scout) { Core::Scout }
  let(:flips) { Core::Flips }
  let(:euro) { Core::Units::Currency.find("EUR") }
  let(:random) { Random.new(2026) }

  def three(range) = scout::Estimate.three(*Array.new(3) { random.rand(range) }.sort)

  def terms
    scout::Terms.new(fee_rate: Rational(random.rand(0..30), 100), added_rate: Rational(random.rand(0..25), 100), trip: random.rand(0..1500),
                     sundries: random.rand(0..500), floor_pay: random.rand(0..600), target_pay: random.rand(600..2500))
  end

  def prospect(resale: three(3000..60_000), hours: three(3600..72_000), materials: three(0..9000),
               ask: random.rand(0..30_000), with: terms)
    scout::Prospect.new(resale: resale, hours: hours, materials: materials, ask: ask, terms: with)
  end

  def same(seen, **changes)
    prospect(resale: seen.resale, hours: seen.hours, materials: seen.materials, ask: seen.ask, with: seen.terms,
             **changes)
  end

  def shifted(estimate, by)
    moved = [estimate.low, estimate.likely, estimate.high].map { |point| point + by }
    scout::Estimate.three(*moved) if moved.first >= 0
  end

  it "says changes that are true: each of them turns the answer" do
    checked = 0
    300.times do
      seen = prospect
      verdict = scout::Verdict.new(seen, currency: euro)
      next unless %w[less leave].include?(verdict.key)

      checked += 1
      gap = seen.shortfall
      dearer = shifted(seen.resale, (gap / (1 - seen.terms.fee_rate)).ceil + 1)
      expect(scout::Verdict.new(same(seen, resale: dearer), currency: euro).key).to eq("buy")
      expect(scout::Verdict.new(same(seen, ask: seen.most.amount), currency: euro).key).to eq("buy")
      quicker = shifted(seen.hours, -((gap * 60 / seen.terms.target_pay).ceil * 60))
      expect(scout::Verdict.new(same(seen, hours: quicker), currency: euro).key).to eq("buy") if quicker
    end
    expect(checked).to be > 40
  end

  it "never asks more pay for a lower tag: pay and chance fall as the tag rises, walk-away is never under the most" do
    200.times do
      cheap = prospect
      dear = same(cheap, ask: cheap.ask + random.rand(1..5000))
      expect(dear.pay.amount).to be < cheap.pay.amount
      expect(dear.chance.amount).to be <= cheap.chance.amount
      expect(cheap.walk_away.amount).to be >= cheap.most.amount
      expect(cheap.chance.amount).to be_between(0, 1)
    end
  end

  it "gives an even chance exactly where the most to pay is reached on the mean" do
    100.times do
      seen = prospect
      next unless seen.most.amount.positive? && seen.resale.sd.positive?

      expect(same(seen, ask: seen.most.amount).chance.amount.to_f).to be_within(0.02).of(0.5)
    end
  end

  it "shares any lot so that price, premium and tax each add up, and dearer pieces never bear less" do
    200.times do
      lot = flips::Lot.new(price: random.rand(0..90_000), premium: Rational(random.rand(0..2500), 10_000),
                           tax: random.rand(0..3000))
      members = Array.new(random.rand(1..12)) { { resale: random.rand(1..40_000), found: random.rand(6).zero? } }
      next if members.all? { |member| member[:found] }

      parts = lot.shares("resale", members)
      expect([parts.sum(&:price), parts.sum(&:premium), parts.sum(&:tax)]).to eq([lot.price, lot.premium, lot.tax])
      expect(parts.zip(members).select { |_, member| member[:found] }.sum { |part, _| part.total }).to eq(0)
      borne = parts.zip(members).reject do |_, member|
        member[:found]
      end.sort_by { |_, member| member[:resale] }.map { |part, _| part.price }
      expect(borne.each_cons(2).all? { |less, more| less <= more + 1 }).to be(true)
    end
  end

  # A piece is cut again and again; what its last parts bear is what the whole cost and took.
  def cut(money, work, depth)
    return [[money, work]] if depth.zero?

    weights = Array.new(random.rand(2..4)) { random.rand(0..5) }
    flips::Inheritance.money(money, weights).zip(flips::Inheritance.work(work, weights)).flat_map do |part, hours|
      cut(part, hours, depth - 1)
    end
  end

  it "loses nothing however often a piece is split" do
    40.times do
      money = { purchase: random.rand(0..9999), materials: random.rand(0..9999), trips: random.rand(0..999) }
      work = { "sanding" => random.rand(0..600) * 60, "repair" => random.rand(0..36_000) }
      leaves = cut(money, work, 3)
      expect(money.keys.to_h { |key| [key, leaves.sum { |part, _| part[key] }] }).to eq(money)
      expect(work.keys.to_h { |key| [key, leaves.sum { |_, hours| hours[key] }] }).to eq(work)
    end
  end

  it "finds the shop's rule again from what was seen of it" do
    60.times do
      every = [7, 14].sample(random: random)
      basis = %w[current amount].sample(random: random)
      first = random.rand(8000..30_000)
      cut = basis == "current" ? Rational(random.rand(5..30), 100) : Rational(first, random.rand(8..14))
      rule = scout::TagRule.new(basis: basis, cut: cut, every: every)
      days = Array.new(4) { |i| i * every } # seen on each of four cuts
      seen = days.map { |days_on| scout::Sightings::Sighting.new(on: day("2026-01-05") + days_on, tag: rule.after(days_on / every, price: first)) }
      inferred = scout::Sightings.new(seen).rule
      ahead = 5
      expect(inferred.after(ahead * every / inferred.every,
                            price: first)).to be_within(first * 0.01).of(rule.after(ahead, price: first))
    end
  end

  it "never waits longer where pieces go more quickly, and always chooses the best of its own table" do
    60.times do
      tag = random.rand(5000..20_000)
      seen = scout::Sightings.new([scout::Sightings::Sighting.new(on: day("2026-06-01"), tag: tag)])
      rule = scout::TagRule.new(basis: "current", cut: Rational(random.rand(5..30), 100), every: 7)
      forecast = scout::TagForecast.new(seen, rule: rule, today: day("2026-06-01"))
      most = random.rand(3000..25_000)
      slow, quick = [0.05, 0.4].map do |weekly|
        scout::WaitOrBuy.new(forecast, most: most, gone: scout::LossRisk.new(weekly: weekly), today: day("2026-06-01"))
      end
      expect(quick.best.on).to be <= slow.best.on
      expect(slow.choices.map(&:worth).max).to eq(slow.best.worth)
    end
  end

  it "has room no later with more places, and no earlier with more pieces" do
    60.times do
      held = Array.new(random.rand(1..8)) do
        listed = random.rand(2).zero?
        scout::Room::Held.new(stage: listed ? "listed" : "bought", seconds_to_come: random.rand(0..40_000),
                              listed_on: (day("2026-05-01") + random.rand(0..30) if listed))
      end
      from = lambda { |places, pieces|
        scout::Room.new(places: places, weekly: 36_000, held: pieces, today: day("2026-06-10")).from
      }
      places = random.rand(1..held.size)
      expect(from.call(places + 1, held)).to be <= from.call(places, held)
      expect(from.call(places, held.drop(1))).to be <= from.call(places, held)
    end
  end
end
