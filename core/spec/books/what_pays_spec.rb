# frozen_string_literal: true

# What pays with its doubt: what holds whatever the flips were, and what is said of pure chance.
RSpec.describe Core::Books::WhatPays do
  sums_of = lambda do |flips|
    described_class::Sums.new(flips.size, flips.sum(&:first), flips.sum(&:last), flips.sum do |profit, hours|
      profit * profit / hours.to_f
    end)
  end

  def normal(random) = Math.sqrt(-2 * Math.log(1 - random.rand)) * Math.cos(2 * Math::PI * random.rand)

  # Flips of a workshop: hours 3 to 14, profit about pay × hours.
  def flips(random, number, pay: 12_00)
    Array.new(number) do
      random.rand(3.0..14.0).then do |hours|
        [(pay * hours) + (normal(random) * 7_00 * Math.sqrt(8 * hours)), hours]
      end
    end
  end

  define_method(:rows) do |groups, **rest|
    described_class.new(sums_of.call(groups.values.flatten(1)), groups.transform_values(&sums_of), **rest).rows
  end

  it "lies between what a group came to and the pay of all, nearer to its own the more it has behind it" do
    few, many = [2, 40].map do |number|
      found = rows({ "desk" => Array.new(number) { [240_00, 8.0] }, "chair" => Array.new(number) { [80_00, 8.0] } })
      found.find { |row| row.key == "desk" }.middle
    end
    # Desks came to 30.00 an hour, all to 20.00.
    expect(few).to be_between(20_00, 28_00)
    expect(many).to be_between(28_00, 30_00)
  end

  it "ranks by the middle, says how sure, and claims only what holds after counting all groups" do
    groups = { "good" => 200, "poor" => 60 }.transform_values { |least| Array.new(30) { |n| [(least + n) * 100, 8.0] } }
    groups["one"] = [[100_00, 8.0]]
    found = rows(groups)
    expect(found.map(&:key)).to eq(%w[good poor one])
    expect(found[0]).to have_attributes(claim: "more", above: be > 0.99)
    expect(found[1]).to have_attributes(claim: "less", above: be < 0.01)
    expect(found[2]).to have_attributes(middle: nil, few: "one flip so far: 2 are needed")
    expect(rows({ "good" => groups["good"].first(2), "poor" => groups["poor"].first(2) },
                looked_at: 40).map(&:claim)).to eq([nil, nil])
  end

  it "claims something of pure chance in at most a twentieth of workshops, and finds a kind that pays double in most with sixty flips" do
    random = Random.new(31)
    wrong = (1..150).count do
      all = flips(random, 36)
      rows(all.group_by { random.rand(6) }, looked_at: 12).any?(&:claim)
    end
    expect(wrong).to be <= 8
    found = (1..60).count do
      groups = { "double" => flips(random, 15, pay: 24_00), **(1..5).to_h { |n| [n, flips(random, 9)] } }
      rows(groups, looked_at: 12).find { |row| row.key == "double" }.claim == "more"
    end
    expect(found).to be > 36
  end

  it "answers where nothing was earned, and where no hours are known" do
    expect(rows({ "a" => [[0, 5.0], [0, 6.0]], "b" => [[0, 4.0], [0, 3.0]] }).map(&:middle)).to eq([0.0, 0.0])
    nothing = described_class::Sums.new(0, 0, 0.0, 0.0)
    expect(described_class.new(nothing, { "a" => nothing }).rows.first.few).to eq("no hours recorded")
  end
end

RSpec.describe Core::Books::Season do
  # Listings from every month of three years, each stands until it sells at a rate a day.
  def stays(random, number)
    Array.new(number) do
      from = Date.new(2023, 1, 1) + random.rand(3 * 365)
      days = (0..180).find { |day| random.rand < yield((from + day).month) }
      described_class::Listing.new(from, days || 181, !days.nil?)
    end
  end

  it "says nothing of chance in nineteen of twenty workshops" do
    random = Random.new(8)
    wrong = (1..100).count { described_class.new(stays(random, 60) { 0.03 }).notes.any? }
    expect(wrong).to be <= 10
  end

  it "finds a wave of the year, and a month that stands out alone" do
    random = Random.new(9)
    wave = described_class.new(stays(random, 200) do |month|
      0.03 * (1 + (0.8 * Math.cos((month - 5) * Math::PI / 6)))
    end).notes
    expect(wave.first.text).to match(/(March|April|May|June) is about the best month, (September|October|November|December) about the slowest/)
    lone = described_class.new(stays(random, 300) { |month| month == 8 ? 0.2 : 0.02 }).notes
    expect(lone.filter_map(&:month)).to include(8)
    expect(lone.find do |note|
      note.month == 8
    end.text).to match(/August: \d+ sold where [\d.]+ were to be expected of days stood, more than chance/)
  end

  # Two months that differ by chance: five listings each took 21 and 12 days in the middle. That used to be told as
  # nearly twice as long.
  it "does not tell a month by a handful of listings" do
    spells = { 1 => [5, 21, 30, 9, 40], 5 => [10, 8, 25, 12, 20] }
    few = spells.flat_map do |month, days|
      days.map do |one|
        described_class::Listing.new(Date.new(2026, month, 1), one, true)
      end
    end
    expect(described_class.new(few).notes).to eq([])
  end

  it "says nothing where history is short" do
    expect(described_class.new([]).notes).to eq([])
    expect(described_class.new(stays(Random.new(1), 8) { 0.1 }).chance).to be_nil
  end
end
