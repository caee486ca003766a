# frozen_string_literal: true

# Mixes by parts: scaling and correcting as worked by hand (200 : 100 : 0 → 2 : 2 : 1 needs 0, 100, 100).
RSpec.describe Core::Shelf::Mix do
  def mix(**parts)
    described_class.new(parts.map do |key, number|
      described_class::Part.new(key: key.to_s, label: key.to_s, parts: number)
    end)
  end

  it "scales to an amount, and adds up to it where it does not divide" do
    expect(mix(blue: 2, white: 1, water: 1).amounts(200)).to eq("blue" => 100, "white" => 50, "water" => 50)
    thirds = mix(a: 1, b: 1, c: 1).amounts(100)
    expect([thirds.values.sum, thirds.values.map(&:to_f)]).to eq([100, [33.334, 33.333, 33.333]])
    # 240 ml paint, 30 ml calcium carbonate, 15 ml water (common practice, no source): a batch of half a litre.
    home = mix(paint: 240, powder: 30, water: 15).amounts(500).transform_values { |amount| amount.round(1).to_f }
    expect(home).to eq("paint" => 421.1, "powder" => 52.6, "water" => 26.3)
    expect { mix(a: 1, b: 1).amounts(0) }.to raise_error(Core::Refusal, /The amount has to be above 0\. Check the amount/)
  end

  it "says what so much of one part makes" do
    expect(mix(blue: 2, white: 1, water: 1).from("blue", 120)).to eq(240)
  end

  it "corrects a batch by the least of each part" do
    new = mix(a: 2, b: 2, c: 1)
    expect(new.correction("a" => 200, "b" => 100,
                          "c" => 0)).to have_attributes(
                            adds: { "a" => 0, "b" => 100, "c" => 100 }, whole: 500
                          )
    expect(new.correction("a" => 200, "b" => 200,
                          "c" => 100)).to have_attributes(
                            adds: { "a" => 0, "b" => 0, "c" => 0 }, whole: 500
                          )
  end

  it "cannot take a part out again, nor correct what is gone" do
    expect do
      mix(a: 1, b: 1).correction("a" => 10,
                                 "c" => 5)
    end.to raise_error(Core::Refusal, /It contains c, and you can't take that out again\. Include it in the new mix, or mix it again/)
    expect { mix(a: 1, b: 1).correction("a" => 0) }.to raise_error(Core::Refusal, /Nothing is left/)
  end

  it "is never less than what was there, and has the parts it was asked for" do
    random = Random.new(7)
    100.times do
      new = mix(a: random.rand(1..9), b: random.rand(1..9), c: random.rand(1..9))
      present = { "a" => Rational(random.rand(0..9999), 10), "b" => Rational(random.rand(1..9999), 10), "c" => 0 }
      done = new.correction(present)
      after = present.to_h { |key, amount| [key, amount + done.adds[key]] }
      expect(done.adds.values).to all(be >= 0)
      expect(after.values.sum).to eq(done.whole)
      new.shares.each { |key, share| expect(after[key].to_f).to be_within(0.002).of((share * done.whole).to_f) }
      # The least: some part had no need of any.
      expect(done.adds.values.min).to be < 0.001
    end
  end

  it "writes its parts in the smallest whole numbers" do
    expect(mix(a: 1/2r, b: 1/3r).text).to eq("3 : 2")
    expect(mix(paint: 240, powder: 30, water: 15).text).to eq("16 : 2 : 1")
    expect(mix(blue: 203, black: 10).text).to eq("95.3 : 4.7")
  end

  it "refuses what is no mix" do
    expect { mix(a: 1) }.to raise_error(Core::Refusal, /A mix needs at least two parts\. Add another one/)
    expect { mix(a: 1, b: 0) }.to raise_error(Core::Refusal, /b has no part/)
    expect { described_class.new(Array.new(2) { described_class::Part.new(key: "a", label: "Blue", parts: 1) }) }
      .to raise_error(Core::Refusal, /Blue is named twice/)
    expect { mix(**("a".."k").to_h { |name| [name.to_sym, 1] }) }.to raise_error(Core::Refusal, /11 parts/)
  end
end

# Cumulative percent of the original, as a matching log is kept (common practice, no source).
RSpec.describe Core::Shelf::MatchingLog do
  it "adds up each part and all of them, in percent of what there was at first" do
    entry = described_class::Entry
    log = described_class.new(200, [
                                entry.new(key: "black", label: "Black", amount: 10, trip: true), entry.new(key: "ochre", label: "Ochre", amount: 3),
                                entry.new(key: "black", label: "Black", amount: 4)
                              ])
    expect(log.lines.map { |line| [line.percent.to_f, line.all.to_f] }).to eq([[5.0, 5.0], [1.5, 6.5], [7.0, 8.5]])
    expect(log.trips).to eq(1)
    expect { described_class.new(0, []) }.to raise_error(Core::Refusal, /nothing to match/)
  end
end
