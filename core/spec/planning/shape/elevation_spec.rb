# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Planning::Shape::Elevation do
  def drawing(**measures)
    described_class.new(Core::Planning::Shape::PieceShape.new(kind: "chest of drawers", width: 910.0, height: 780.0,
                                                              **measures))
  end

  it "draws every kind within its own width and height" do
    Core::Planning::Shape::Kinds.names.each do |kind|
      shape = described_class.new(Core::Planning::Shape::PieceShape.new(kind: kind, width: nil, height: nil))
      xs, ys = shape.parts.flat_map { |part| part[:points] }.transpose
      expect(xs.minmax + ys.minmax).to match([be >= -30, be <= shape.width + 30, be >= 0, be <= shape.height]), kind
      expect(shape.to_scale?).to be(false)
    end
  end

  it "draws as many drawers and doors as there are" do
    roles = drawing(drawer_rows: [2, 1, 1], doors: 2, leg: 90.0).parts.map { |part| part[:role] }.tally
    expect(roles).to include(front: 4, door: 2, leg: 2, pull: 6)
    expect(drawing(drawer_rows: [], doors: 0, leg: 0.0).parts.map { |part| part[:role] }).to eq(%i[body top])
  end

  it "tells what it shows" do
    expect(drawing(drawer_rows: [2,
                                 1]).description(unit: "mm")).to eq("Front view, 910 mm wide, 780 mm high, 3 drawers")
  end

  it "reads a stack of drawers and refuses what is none" do
    shape = Core::Planning::Shape::PieceShape
    expect([shape.parse_rows("2,1,1"), shape.parse_rows("2 1"), shape.parse_rows("")]).to eq([[2, 1, 1], [2, 1], []])
    ["two", "1,0", "9", "1," * 13].each do |text|
      expect do
        shape.parse_rows(text)
      end.to raise_error(Core::Refusal,
                         /doesn't say how many drawers there are\. Enter the drawers in each row from the top, like 2,1,1 \(at most 12 rows of 8\)/)
    end
    expect { drawing(leg: 780.0) }.to raise_error(Core::Refusal, /as tall as the whole piece/)
  end
end
