# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Shelf::FirstIn do
  shelf = Core::Shelf

  def container(id, size, paid, drawn: 0, charged: 0)
    Core::Shelf::Container.new(id: id, volume: Rational(size), paid: paid, drawn: Rational(drawn), charged: charged)
  end

  def draw(amount, *containers, **rest)
    described_class.new(containers, **rest).draw(Rational(amount)).map do |part|
      [part.container.id, part.amount, part.cost]
    end
  end

  it "takes the oldest first, as accounting textbooks do (first in, first out; the example of two purchases, from memory)" do
    # 100 units at 10.00 and then 150 at 12.00; 180 go out: 100 × 10.00 + 80 × 12.00 = 1960.00. 70 at 12.00 = 840.00
    # stay.
    old = container(:old, 100, 100_000)
    new = container(:new, 150, 180_000)
    parts = described_class.new([old, new]).draw(180r)
    expect(parts.map do |part|
      [part.container.id, part.amount, part.cost]
    end).to eq([[:old, 100, 100_000], [:new, 80, 96_000]])
    expect(parts.sum(&:cost)).to eq(196_000)
    expect(container(:new, 150, 180_000, drawn: 80, charged: 96_000).worth).to eq(84_000)
  end

  it "is never worth less than nothing, whatever a reading of its level had charged" do
    expect(container(:read, 150, 180_000, drawn: 120, charged: 190_000).worth).to eq(0)
  end

  it "rounds what all draws together cost, not each: thirds of 10.00 are 3.33, 3.34 and 3.33" do
    charged = 0
    costs = Array.new(3) do |third|
      container(1, 3, 1000, drawn: third, charged: charged).cost(1r).tap do |cost|
        charged += cost
      end
    end
    expect(costs).to eq([333, 334, 333])
  end

  it "costs 5.10 to use six of a pack of ten for 8.50 (worked by hand)" do
    expect(draw(6, container(1, 10, 850))).to eq([[1, 6, 510]])
  end

  it "adds up to what a container cost, however it is drawn" do
    100.times do |seed|
      random = Random.new(seed)
      size = random.rand(1..900)
      paid = random.rand(0..5000)
      drawn = charged = 0
      until drawn == size
        amount = random.rand(1..(size - drawn))
        cost = container(1, size, paid, drawn: drawn, charged: charged).cost(Rational(amount))
        expect(cost).to be >= 0
        drawn += amount
        charged += cost
      end
      expect(charged).to eq(paid), "seed #{seed}"
    end
  end

  it "lets the first piece bear the container where that is the house rule" do
    expect(draw(200, container(1, 1000, 4200), whole: true)).to eq([[1, 200, 4200]])
    expect(draw(200, container(1, 1000, 4200, drawn: 200, charged: 4200), whole: true)).to eq([[1, 200, 0]])
  end

  it "refuses what is not there, nothing, and what has no price; empty containers are passed over" do
    expect(draw(50, container(1, 100, 900, drawn: 100, charged: 900), container(2, 100, 800))).to eq([[2, 50, 400]])
    expect do
      draw(150, container(1, 100, 900))
    end.to raise_error(Core::Refusal, /The shelf says only 100 is left\. Use that much, or confirm that there was more/)
    expect { draw(150, container(1, 100, 900)) }.to raise_error(an_object_having_attributes(code: :too_little_left))
    expect { draw(0, container(1, 100, 900)) }.to raise_error(Core::Refusal, /above 0/)
    expect do
      draw(1,
           container(1, 100, nil))
    end.to raise_error(Core::Refusal, /The price you paid for it is unknown\. Enter it on the container first; 0 if it was a gift/)
    expect(container(1, 100, nil)).to have_attributes(unit_cost: nil, worth: nil)
    expect(container(1, 750, 3150).unit_cost).to eq(4.2r)
    expect(shelf::Container.new(id: 1, volume: 10r, paid: 0, drawn: 0, charged: 0).cost(3r)).to eq(0)
  end
end

RSpec.describe Core::Units::Quantity do
  it "reads amounts in the unit of the product" do
    expect([described_class.parse("250 ml", unit: "ml"), described_class.parse("0.5 L", unit: "ml"), described_class.parse("1/2 L", unit: "ml"),
            described_class.parse("1.2 kg", unit: "g"), described_class.parse("6", unit: "pcs"),
            described_class.parse("1,5 l", unit: "ml")]).to eq([250, 500, 500, 1200, 6, 1500])
    ["6 kg", "some", "", "-3", "1,2,3"].each do |text|
      expect { described_class.parse(text, unit: "ml") }.to raise_error(Core::Refusal)
    end
  end

  it "reads parts of a whole" do
    expect(%w[1/3 25% full 3/4 empty 0.5].map do |text|
      described_class.share(text)
    end).to eq([1/3r, 1/4r, 1, 3/4r, 0, 1/2r])
    ["4/3", "130%", "1/0", "half of it", "1/x"].each { |text| expect { described_class.share(text) }.to raise_error(Core::Refusal) }
  end
end
