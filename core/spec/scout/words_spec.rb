# frozen_string_literal: true

require_relative "../spec_helper"

RSpec.describe "what is said of buying" do
  let(:core) { Core }
  let(:euro) { core::Units::Currency.find("EUR") }

  def seen(*rows)
    core::Scout::Sightings.new(rows.map { |on, tag| core::Scout::Sightings::Sighting.new(on: day(on), tag: tag) })
  end

  it "puts the prices of buying on the tape, in their order" do
    tape = core::Market::PriceTape.new(
      { tag: 4500, most: 2866, walk_away: 6566, resale: 13_500, standing: nil, unknown: 5 }, unit: 100
    )
    expect(tape.marks.map { |mark| [mark[:label], mark[:amount]] })
      .to eq([["pay at most", 2866], ["tag price", 4500], ["walk away", 6566], ["expected price", 13_500]])
    expect([tape.step, tape.length]).to eq([2000, 14_000])
  end

  it "says a rule of cuts as a shop would" do
    rule = ->(basis, cut, every) { core::Scout::TagRule.new(basis: basis, cut: cut, every: every).text(euro) }
    expect(rule.call("current", 15/100r, 7)).to eq("15% of the current price every 7 days")
    expect(rule.call("first", 125/1000r, 14)).to eq("12.5% of the first price every 14 days")
    expect(rule.call("amount", 550, 1)).to eq("€5.50 every day")
  end

  it "sorts sightings by day, and rests on those since the last rise" do
    mixed = seen(["2026-05-15", 8000], ["2026-05-01", 9000], ["2026-05-08", 9500])
    expect([mixed.last.tag, mixed.first.tag, mixed.run.size, mixed.all.size]).to eq([8000, 9500, 2, 3])
    expect(seen(["2026-05-01", 9000], ["2026-05-08", 9000]).remarks(euro)).to eq([])
  end

  it "ends a forecast where nothing is left of the tag" do
    rule = core::Scout::TagRule.new(basis: "amount", cut: 4000, every: 7)
    forecast = core::Scout::TagForecast.new(seen(["2026-06-01", 10_000]), rule: rule, today: day("2026-06-01"))
    expect(forecast.points.map(&:tag)).to eq([10_000, 6000, 2000])
    later = core::Scout::TagForecast.new(seen(["2026-06-01", 10_000]), rule: rule, today: day("2026-12-01"))
    expect(later.now.tag).to eq(2000)
  end

  it "says the odds of waiting in whole percent, and neither where no tag is low enough" do
    rule = core::Scout::TagRule.new(basis: "current", cut: 1/10r, every: 7)
    forecast = core::Scout::TagForecast.new(seen(["2026-06-01", 10_000]), rule: rule, today: day("2026-06-01"))
    gone = core::Scout::LossRisk.new(weekly: 0.1, source: "by hand")
    choice = core::Scout::WaitOrBuy.new(forecast, most: 9500, gone: gone, today: day("2026-06-01"))
    # At 100.00 now −5.00; a week on 0.9 × 5 = 4.50; two 0.81 × 14 = 11.34; and so on: the best is later.
    expect(choice.choices.first(3).map { |one| one.worth.round }).to eq([-500, 450, 1134])
    expect(choice.text(euro)).to end_with("At €100 it won't reach your target pay.")
    expect(core::Scout::WaitOrBuy.new(forecast, most: 100, gone: gone, today: day("2026-06-01")).text(euro))
      .to eq("Pass. The price isn't expected to come down to €1.")
    single = core::Scout::TagForecast.new(seen(["2026-06-01", 900]), today: day("2026-06-01"))
    expect(core::Scout::WaitOrBuy.new(single, most: 1000, gone: gone, today: day("2026-06-01")).text(euro))
      .to eq("Buy now at €9: that's about €1 less than you could pay.")
  end

  it "counts parted-out and lost pieces among the losses of a year" do
    tally = ->(cost) { core::Books::Tally.of(profit: -cost, receipts: 0, cost: cost, bench_seconds: nil, all_seconds: nil) }
    totals = core::Books::Totals.new({ "scrapped" => tally.call(100), "parted out" => tally.call(20), "lost" => tally.call(3),
                                       "split" => tally.call(9000) })
    expect([totals.losses.amount, totals.profit.amount, totals.scrapped.flips]).to eq([123, -123, 3])
  end

  it "gives money in the trips that brought a piece, as a line of its own" do
    money = core::Flips::MoneyIn.new(purchase: 1000, trips: 250, materials: 0)
    expect(money.parts.map do |part|
      [part.key, part.amount]
    end.first(3)).to eq([[:purchase, 1000], [:trips, 250], [:materials, 0]])
    expect(money.figure.sentence(euro)).to eq("spent so far €12.50 = €10.00 + €2.50")
    expect(core::Flips::MoneyIn.new(purchase: nil, trips: 250).figure.why).to eq("the price you paid is missing")
  end
end
