# frozen_string_literal: true

RSpec.describe Core::Books::Extras do
  def flip(kind, profit, hours, *extras) = described_class::Flip.new(kind, profit, hours * 3600, extras)

  it "sets flips with an extra against those of their kind without, drawn towards nothing the fewer there are" do
    plain = [90_00, 100_00, 110_00, 100_00].map { |profit| flip("chest", profit, 8) }
    two = described_class.new(plain + Array.new(2) { flip("chest", 140_00, 11, "slats") }).of("slats")
    many = described_class.new(plain + Array.new(30) { flip("chest", 140_00, 11, "slats") }).of("slats")
    # Forty more, and three hours.
    expect(two.profit).to be_between(5_00, 35_00)
    expect(many.profit).to be_between(36_00, 40_00)
    expect(two.high - two.low).to be > many.high - many.low
    expect(two.profit).to be_between(two.low, two.high)
    expect([two.seconds, two.flips]).to eq([3 * 3600, 2])
  end

  it "compares within kinds: an extra that is only put on dear ones brings nothing by that" do
    dear = Array.new(6) { |n| flip("chest", 200_00, 8, *("slats" if n < 3)) }
    cheap = Array.new(6) { flip("stool", 20_00, 2) }
    expect(described_class.new(dear + cheap).of("slats").profit).to eq(0)
  end

  it "says nothing below two a side, and of nothing" do
    expect(described_class.new([flip("chest", 100, 1, "slats"), flip("chest", 100, 1),
                                flip("chest", 100, 1)]).of("slats")).to be_nil
    expect(described_class.new(Array.new(4) { flip("chest", 100, 1, "slats") }).of("slats")).to be_nil
    expect(described_class.new([]).of("slats")).to be_nil
  end
end
