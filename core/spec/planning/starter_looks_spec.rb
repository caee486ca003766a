# frozen_string_literal: true

# Looks to begin with: common practice, no source.
RSpec.describe Core::Planning::StarterLooks do
  def zones(kind: "chest of drawers", **given)
    shape = Core::Planning::Shape::PieceShape.new(kind: kind, width: 900.0, depth: 450.0, height: 800.0, **given)
    Core::Planning::Shape::Zones.of(shape)
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
    expect do
      described_class.choices("gilded", zones)
    end.to raise_error(Core::Refusal, /isn't a look to start from\. Choose one from the list/)
    described_class::ALL.each do |row|
      finishes = described_class.choices(row[:key], zones(drawer_rows: [1])).values.map(&:finish)
      expect(finishes).to all(satisfy { |key| Core::Planning::Finishes.fetch(key) })
    end
  end

  # Whatever the piece: what is shown is finished, what is not shown is left alone, and one look differs from the other.
  it "finishes what is shown of every kind of piece, each look in its own way" do
    Core::Planning::Shape::Kinds.names.each do |kind|
      all = zones(kind: kind)
      shown = all.select(&:shown?).map(&:key)
      laid = described_class.for(all).map { |row| described_class.choices(row[:key], all) }
      expect(laid.map(&:keys)).to all(match_array(shown)), kind
      told = laid.map { |choices| choices.transform_values { |one| [one.finish, one.colour, one.over] } }
      expect(told.uniq.size).to be >= (shown.empty? ? 0 : 5), kind
      expect(laid.flat_map(&:values)).to all(have_attributes(finish: be_a(String), over: be_an(Array)))
    end
  end
end
