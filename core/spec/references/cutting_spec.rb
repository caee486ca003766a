# frozen_string_literal: true

require "spec_helper"

# Cutting sticks against published cases with a known optimum, and against trying everything.
RSpec.describe "cutting sticks, published cases" do
  plan = ->(sizes, capacity, **rest) { Core::Tools::StickPlan.new(sizes, capacity, **rest) }

  def fits?(found, sizes)
    cut = found.patterns.each_with_object(Hash.new(0)) do |one, all|
      one.parts.each do |size, number|
        all[size] += number * one.number
      end
    end
    room = found.patterns.map { |one| one.parts.sum { |size, number| size * number } }
    cut == sizes && room.all? { |used| used <= found.capacity }
  end

  it "cuts the 13 orders from rolls of 5600 with 73, proven (the worked example usual for the problem; from memory)" do
    orders = { 1380 => 22, 1520 => 25, 1560 => 12, 1710 => 14, 1820 => 18, 1880 => 18, 1930 => 20, 2000 => 10, 2050 => 12, 2100 => 14, 2140 => 16,
               2150 => 18, 2200 => 20 }
    found = plan.call(orders, 5600)
    expect([found.count, found.bound, found.proven?]).to eq([73, 73, true])
    expect(fits?(found, orders)).to be(true)
  end

  it "cuts 97, 610, 395 and 211 finals from raws of 100 with 453 (Chvátal, Linear Programming, 1983, chapter 13; from memory), its gap stated" do
    finals = { 45 => 97, 36 => 610, 31 => 395, 14 => 211 }
    found = plan.call(finals, 100)
    expect(found.count).to eq(453)
    expect(found.bound).to be <= 453
    expect(found.proven?).to be(found.bound == 453)
    expect(fits?(found, finals)).to be(true)
  end

  it "packs triplets, three to a stick without waste, as they were made (Falkenauer 1996, kind t60; built here from the same rule)" do
    random = Random.new(60)
    sizes = Hash.new(0)
    20.times do
      long = random.rand(380..490)
      middle = random.rand(250..((1000 - long) / 2))
      [long, middle, 1000 - long - middle].each { |size| sizes[size] += 1 }
    end
    found = plan.call(sizes.to_h, 1000)
    # 20 sticks are full and no plan can do with fewer; what is found is within one of it, and says so.
    expect(found.bound).to eq(20)
    expect(found.count).to be_between(20, 21)
    expect(found.proven?).to be(found.count == 20)
  end

  it "matches trying every way, on small cases" do
    random = Random.new(11)
    40.times do
      parts = Array.new(random.rand(3..8)) { random.rand(15..70) }
      expect(plan.call(parts.tally, 100).count).to eq(fewest(parts.sort.reverse, [], parts.size))
    end
  end

  # Every part into every stick there is, or into a new one.
  def fewest(parts, rooms, best)
    return best if rooms.size >= best
    return rooms.size if parts.empty?

    first, *rest = parts
    tries = rooms.each_index.select { |place| rooms[place] >= first }.uniq { |place| rooms[place] }
    tries.each { |place| best = fewest(rest, rooms.dup.tap { |copy| copy[place] -= first }, best) }
    fewest(rest, [*rooms, 100 - first], best)
  end

  it "has bounds that no plan undercuts, and the same plan for the same input" do
    random = Random.new(5)
    60.times do
      sizes = Array.new(random.rand(5..40)) { random.rand(50..700) }.tally
      found = plan.call(sizes, 1000, steps: 2000)
      expect([found.bound <= found.count, fits?(found, sizes)]).to eq([true, true])
      expect(plan.call(sizes, 1000, steps: 2000).patterns).to eq(found.patterns)
    end
  end

  it "refuses a part longer than a stick" do
    expect { plan.call({ 1200 => 1 }, 1000) }.to raise_error(Core::Refusal, /longer than a stick/)
    expect(plan.call({}, 1000).count).to eq(0)
  end
end
