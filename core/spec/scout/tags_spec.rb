# frozen_string_literal: true

require_relative "../spec_helper"

RSpec.describe "tags that are cut" do
  let(:scout) { Core::Scout }
  let(:euro) { Core::Units::Currency.find("EUR") }
  let(:today) { day("2026-06-01") }

  def rule(basis, size, every: 7) = scout::TagRule.new(basis: basis, cut: size, every: every)
  def sightings(*rows) = scout::Sightings.new(rows.map { |on, tag| scout::Sightings::Sighting.new(on: day(on), tag: tag) })
  def forecast(seen, **rest) = scout::TagForecast.new(seen, today: today, **rest)

  it "cuts 140.00 three times by 15% (arithmetic)" do
    expect(rule("current", 15/100r).after(3, price: 14_000)).to eq(8598)
    expect(rule("first", 15/100r).after(3, price: 14_000)).to eq(7700)
    expect(rule("amount", 2000).after(8, price: 14_000)).to eq(0)
  end

  it "assumes weekly cuts from two sightings, and says so" do
    # Two weeks, 100 → 81: two cuts of 10% of the current price.
    inferred = sightings(["2026-05-10", 10_000], ["2026-05-24", 8100]).rule
    expect([inferred.text(euro),
            inferred.source]).to match(["10% of the current price every 7 days",
                                        /assuming weekly markdowns/])
  end

  it "infers size and interval from more of them" do
    # Every 14 days 20% off: 100, 80, 64, 51.20, seen at odd times.
    four = sightings(["2026-03-01", 10_000], ["2026-03-17", 8000], ["2026-03-30", 6400], ["2026-04-13", 5120])
    expect(four.rule.text(euro)).to eq("20% of the current price every 14 days")
    # 12.00 off each week.
    amount = sightings(["2026-05-01", 9000], ["2026-05-08", 7800], ["2026-05-23", 5400], ["2026-05-29", 4200])
    expect(amount.rule.text(euro)).to eq("€12.00 every 7 days")
  end

  it "begins anew after a rise, and says so" do
    seen = sightings(["2026-05-01", 9000], ["2026-05-08", 9500], ["2026-05-15", 8550])
    expect(seen.remarks(euro)).to eq(["The price rose from €90.00 on 1 May 2026 to €95.00 on 8 May 2026, so the forecast starts over from there."])
    expect(seen.rule.text(euro)).to eq("10% of the current price every 7 days")
  end

  it "says why there is no forecast" do
    expect(forecast(sightings(["2026-05-01", 9000])).why).to include("one price isn't enough")
    expect(forecast(sightings(["2026-05-01", 9000], ["2026-05-08", 9000])).why).to include("hasn't fallen")
  end

  it "forecasts the tag by date and the day it reaches a price" do
    seen = sightings(["2026-05-25", 10_000])
    known = forecast(seen, rule: rule("current", 1/10r))
    # Cuts on 1, 8, 15, 22 June: 90, 81, 72.90, 65.61.
    expect(known.points.first(4).map { |point| [point.on.iso8601, point.tag] })
      .to eq([["2026-05-25", 10_000], ["2026-06-01", 9000], ["2026-06-08", 8100], ["2026-06-15", 7290]])
    expect(known.now.tag).to eq(9000)
    expect(known.reaches(7300).on).to eq(day("2026-06-15"))
    expect(known.reaches(9000).on).to eq(today)
    expect(forecast(seen, rule: rule("current", 1/10r),
                          next_cut: day("2026-06-03")).points[1].on).to eq(day("2026-06-03"))
    expect(known.reaches(1)).to be_nil
  end

  it "weighs the saving by waiting against the chance that it is gone" do
    weekly = ->(share) { scout::LossRisk.new(weekly: share, source: "by hand") }
    known = forecast(sightings(["2026-06-01", 10_000]), rule: rule("current", 1/10r))
    decide = ->(most, share) { scout::WaitOrBuy.new(known, most: most, gone: weekly.call(share), today: today) }
    # Most 105.00, gone 50% a week: now 5.00; next week 0.5 × 15 = 7.50; then 0.25 × 24 = 6.00. Wait one week.
    half = decide.call(10_500, 0.5)
    expect([half.key, half.best.on, half.best.worth.round]).to eq(["wait", day("2026-06-08"), 750])
    expect(half.text(euro)).to start_with("Wait until 8 Jun 2026. The price should be down to €90 by then, and it's 50% likely to still be there.")
    # Most 150.00: now 50; next week 0.5 × 60 = 30. Buy.
    expect(decide.call(15_000, 0.5).text(euro)).to eq("Buy now at €100: that's about €50 less than you could pay. " \
                                                      "Waiting until 8 Jun 2026 would save you €10, but it's only 50% likely to still be there.")
    expect(decide.call(-1, 0.1).key).to eq("never")
    expect(decide.call(nil, 0.1).key).to eq("unknown")
  end

  it "waits only where that gains what a second trip costs, and forecasts nothing from one sighting or one day" do
    weekly = scout::LossRisk.new(weekly: 0.5, source: "by hand")
    known = forecast(sightings(["2026-06-01", 10_000]), rule: rule("current", 1/10r))
    decide = ->(most, trip) { scout::WaitOrBuy.new(known, most: most, gone: weekly, today: today, trip: trip) }
    # Now 5.00, next week 7.50: a gain of 2.50.
    expect([decide.call(10_500, 249).key, decide.call(10_500, 251).key]).to eq(%w[wait buy])
    expect(decide.call(10_500, 251).text(euro)).to eq("Buy now at €100: that's about €5 less than you could pay. " \
                                                      "Waiting until 8 Jun 2026 would gain about €2 on average, less than a second trip " \
                                                      "costs (€2.51).")
    expect(decide.call(9_500, 1000)).to have_attributes(key: "never")
    expect(decide.call(9_500,
                       1000).text(euro)).to eq("Pass. Waiting wouldn't save enough to pay for a second trip (€10).")
    one = scout::WaitOrBuy.new(forecast(sightings(["2026-06-01", 10_000])), most: 9000, gone: weekly, today: today)
    expect(one.text(euro)).to start_with("At €100 it won't reach your target pay, and there's no forecast: one price")
    twice = sightings(["2026-06-01", 10_000], ["2026-06-01", 9000])
    expect([twice.rule, twice.last.tag]).to eq([nil, 9000])
    expect(twice.remarks(euro)).to eq(["Two prices on 1 Jun 2026: the later one counts. One day isn't enough to tell how the shop marks " \
                                       "prices down."])
  end

  it "takes the weekly chance from own history once five are gone, else by size" do
    own = scout::LossRisk.estimate(kind: "stool", gone: 5, weeks: 20)
    expect([own.weekly, own.there_after(14).round(4)]).to eq([0.25, 0.5625])
    expect(scout::LossRisk.estimate(kind: "stool", gone: 4, weeks: 20,
                                    volume: 0.05).source).to start_with("assumed for a small piece")
    expect(scout::LossRisk.estimate(kind: "wardrobe",
                                    volume: 1.1).weekly).to be < scout::LossRisk.estimate(
                                      kind: "stool", volume: 0.05
                                    ).weekly
  end

  it "refuses a rule that is none" do
    [["current", 0r, 7], ["current", 11/10r, 7], ["amount", 5, 0], ["sometimes", 1, 7]].each do |basis, size, every|
      expect { rule(basis, size, every: every) }.to raise_error(Core::Refusal)
    end
  end
end
