# frozen_string_literal: true

# Looks to begin with: common practice, no source.
RSpec.describe Kohlrabi::Core::Planning::StarterLooks do
  def zones(kind: "chest of drawers", **given)
    shape = Kohlrabi::Core::Planning::Shape::PieceShape.new(kind: kind, width: 900.0, depth: 450.0, height: 800.0, **given)
    Kohlrabi::Core::Planning::Shape::Zones.of(shape)
  end

  it "finishes what is shown and leaves the rest, top and body each in its own way" do
    all = zones(drawer_rows: [1, 1])
    choices = described_class.choices("painted_stained_top", all)
    expect(choices.keys).to match_array(all.select(&:shown?).map(&:key))
    expect(choices.fetch("top")).to have_attributes(finish: "stain")
    expect(choices.fetch("front-1-1")).to have_attributes(finish: "paint")
    expect(choices.values.map(&:finish).uniq).to contain_exactly("stain", "paint")
  end

  it "offers fronts of their own only where there are fronts" do
    expect(described_class.for(zones(drawer_rows: [1, 1])).map { |row| row[:key] }).to include("painted_oiled_fronts")
    expect(described_class.for(zones(kind: "stool")).map { |row| row[:key] }).not_to include("painted_oiled_fronts")
  end

  it "refuses one that is not there, and names only finishes that there are" do
    expect { described_class.choices("gilded", zones) }.to raise_error(Kohlrabi::Core::Refusal, /“gilded” is not a look to begin with/)
    described_class::ALL.each do |row|
      finishes = described_class.choices(row[:key], zones(drawer_rows: [1])).values.map(&:finish)
      expect(finishes).to all(satisfy { |key| Kohlrabi::Core::Planning::Finishes.fetch(key) })
    end
  end
end
