# frozen_string_literal: true

require "spec_helper"

# Areas and edges against the formulas of geometry handbooks (Bronshtein and Semendyayev, Handbook of Mathematics, plane
# and solid figures; from memory), worked out by hand.
RSpec.describe "areas by geometry" do
  shape = Core::Planning::Shape

  def zones(**measures)
    Core::Planning::Shape::Zones.of(Core::Planning::Shape::PieceShape.new(**measures))
  end

  def total(zones, *keys)
    zones.select { |zone| keys.any? { |key| zone.key.match?(/\A#{key}(-|\z)/) } }.sum { |zone| zone.area / 1_000_000 }
  end

  it "adds up a closed box 1000 × 500 × 800 mm: top 0.5, sides twice 0.4, front 0.8 m² (worked by hand)" do
    box = zones(kind: "box", width: 1000.0, depth: 500.0, height: 800.0)
    expect(total(box, "top")).to be_within(1e-9).of(0.5)
    edge_front = 1000 * 24 / 1e6 # the slab of the top is 24 mm: 3% of the height
    edge_sides = 2 * 500 * 24 / 1e6
    expect(total(box, "side") + edge_sides).to be_within(1e-9).of(0.8)
    expect(total(box, "frame") + edge_front).to be_within(1e-9).of(0.8)
    expect(total(box, "edge")).to be_within(1e-9).of(edge_front + edge_sides)
    expect(total(box, "back", "underside")).to be_within(1e-9).of(0.8 + 0.5)
  end

  it "gives the same front however it is divided into drawers, doors and frame" do
    plain = zones(kind: "box", width: 900.0, depth: 400.0, height: 700.0)
    divided = zones(kind: "box", width: 900.0, depth: 400.0, height: 700.0, drawer_rows: [2, 1], doors: 2,
                    door_style: "panelled")
    expect(total(divided, "frame", "front", "door")).to be_within(1e-4).of(total(plain, "frame")) # polygons are kept to 0.1 mm
  end

  it "knows circle, half circle and ellipse" do
    area = shape::Area
    expect(area.top("round", 1000.0, 1000.0)).to be_within(0.01).of(785_398.16) # π r², r = 500
    expect(area.top("half-round", 1000.0, 500.0)).to be_within(0.01).of(392_699.08) # half of it
    expect(area.top("oval", 1600.0, 900.0)).to be_within(0.01).of(1_130_973.36) # π a b = π · 800 · 450
    expect(area.edge("round", 1000.0, 1000.0)).to be_within(0.01).of(3141.59) # 2 π r
    expect(area.edge("half-round", 1000.0, 500.0)).to be_within(0.01).of(2570.80) # π r + 2 r
    # 4 a E(e) for a = 2, b = 1 is 9.68845 (complete elliptic integral tables; from memory)
    expect(area.edge("oval", 4000.0, 2000.0)).to be_within(2).of(9688.45)
  end

  it "measures a polygon by its corners: a trapezium of 80 and 50 by 30 is 1950" do
    expect(shape::Area.polygon([[0, 0], [80, 0], [65, 30], [15, 30]])).to eq(1950.0)
  end

  it "enlarges slatted faces: 1 + 2 × depth ÷ pitch, π ÷ 2 for half-rounds that touch (worked by hand)" do
    expect(shape::Area.relief("square", depth: 10.0, pitch: 40.0)).to eq(1.5)
    expect(shape::Area.relief("half-round")).to be_within(1e-12).of(Math::PI / 2)
    expect do
      shape::Area.relief("square", depth: 10.0)
    end.to raise_error(Core::Refusal, /Square slats need their depth and spacing\. Enter both, above 0/)
  end

  it "counts a round table's top, edge and three legs of a half-round one" do
    round = zones(kind: "table", width: 1000.0, depth: 1000.0, height: 750.0, top_shape: "round")
    half = zones(kind: "table", width: 1000.0, depth: 500.0, height: 750.0, top_shape: "half-round")
    expect(total(round, "top")).to be_within(1e-6).of(0.785398)
    expect(total(half, "legs") / total(round, "legs")).to be_within(1e-9).of(0.75)
  end

  it "gives a drop-leaf table two leaves with two faces each" do
    leaves = zones(kind: "table", width: 800.0, depth: 900.0, height: 750.0, top_shape: "drop-leaf",
                   leaf: 300.0).select do |zone|
      zone.role == "leaf"
    end
    expect(leaves.map { |leaf| [leaf.area, leaf.faces, leaf.square_metres] }).to eq([[270_000.0, 2, 0.54]] * 2)
  end
end
