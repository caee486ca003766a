# frozen_string_literal: true

require "spec_helper"

RSpec.describe "flips compared" do
  tally = Core::Books::Tally

  # One flip of one hour at the bench.
  def one(profit, hours: 1)
    Core::Books::Tally.of(profit: profit, receipts: 100_00, cost: 10_00, bench_seconds: hours * 3600,
                          all_seconds: hours * 7200)
  end

  def flips(*profits) = { "sold" => profits.sum(Core::Books::Tally.zero) { |profit| one(profit) } }

  def compare(groups, whole, **rest)
    Core::Books::Comparison.new(groups: groups, whole: whole, hours_rule: "bench", **rest).rows
  end

  # By hand: 5 desks at 30.00 an hour, 5 others at 10.00.
  it "sets a group against all the rest" do
    desks = flips(*[30_00] * 5)
    rows = compare({ "desk" => desks, "chair" => flips(*[10_00] * 5) }, flips(*[30_00] * 5, *[10_00] * 5))
    desk = rows.find { |row| row.key == "desk" }
    expect([desk.with.hourly_pay.amount, desk.rest.hourly_pay.amount, desk.edge,
            desk.few]).to eq([30_00, 10_00, 20_00, nil])
  end

  it "tells nothing below two flips a side" do
    rows = compare({ "desk" => flips(30_00) }, flips(30_00, *[10_00] * 9))
    expect(rows.first).to have_attributes(edge: nil, few: "one flip so far: 2 are needed")
    rows = compare({ "desk" => flips(*[30_00] * 9) }, flips(*[30_00] * 9, 1_00))
    expect(rows.first).to have_attributes(edge: nil, few: "nothing to compare it with")
    rows = compare({ "desk" => flips(30_00, 30_00) }, flips(30_00, 30_00, 10_00, 10_00))
    expect(rows.first).to have_attributes(few: nil, edge: 20_00,
                                          pays: have_attributes(middle: be_between(20_00, 30_00), claim: nil))
  end

  it "orders by size and gives quartiles of what was given" do
    rows = compare({ "a" => flips(1_00), "b" => flips(1_00, 2_00) }, flips(1_00, 1_00, 2_00),
                   profits: { "b" => [1_00, 2_00] }, days: { "b" => [10] })
    expect(rows.map(&:key)).to eq(%w[b a])
    expect(rows.first.profits).to include(median: 1_50, n: 2)
    expect(rows.last.days).to include(median: nil, n: 0)
  end

  # Property: over random flips, with and rest add up to the whole in every line, whatever the grouping and whether
  # groups overlap.
  it "loses nothing: the sides of every group add up to the whole" do
    random = Random.new(7)
    40.times do
      all = Array.new(random.rand(1..40)) do
        [%w[sold scrapped kept].sample(random: random), one(random.rand(-50_00..200_00), hours: random.rand(0..9))]
      end
      sum = ->(rows) { rows.group_by(&:first).transform_values { |found| found.sum(tally.zero, &:last) } }
      groups = Array.new(4) { |key| [key, all.select { random.rand < 0.4 }] }.reject { |_, found| found.empty? }.to_h
      whole = Core::Books::Totals.new(sum.call(all))
      compare(groups.transform_values(&sum), sum.call(all)).each do |row|
        expect(row.with.paid + row.rest.paid).to eq(whole.paid)
        expect(row.with.at_cost + row.rest.at_cost).to eq(whole.at_cost)
      end
    end
  end
end
