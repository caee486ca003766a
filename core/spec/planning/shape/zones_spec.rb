# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Planning::Shape::Zones do
  shape_of = ->(**measures) { Core::Planning::Shape::PieceShape.new(kind: "chest of drawers", width: 900.0, depth: 450.0, height: 850.0, **measures) }
  change = ->(zone, **fields) { described_class::Change.new(zone: zone, **fields) }

  it "gives every kind zones with areas, each key once, and a zone for every polygon that is finished" do
    Core::Planning::Shape::Kinds.names.each do |kind|
      shape = Core::Planning::Shape::PieceShape.new(kind: kind, width: nil, height: nil)
      elevation = Core::Planning::Shape::Elevation.new(shape)
      keys = elevation.zones.map(&:key)
      expect(keys).to eq(keys.uniq), kind
      expect(elevation.zones.map(&:area)).to all(be_positive), kind
      expect(elevation.parts.filter_map { |part| part[:zone] } - keys).to be_empty, kind
      expect(elevation.zones.map(&:group) - Core::Planning::Shape::Zone::GROUPS.keys).to be_empty, kind
    end
  end

  it "has legs or plinth or skirt, panelled doors in two zones, an upper part of its own depth" do
    keys = ->(**measures) { described_class.of(shape_of.call(**measures)).map(&:key) }
    expect(keys.call).to include("legs", "front-1-2", "front-3-1", "drawers")
    expect(keys.call(base: "skirt", leg: 90.0)).to include("base").and(satisfy { |all| !all.include?("legs") })
    expect(keys.call(base: "none")).not_to include("legs", "base")
    expect(keys.call(drawer_rows: [], doors: 1,
                     door_style: "panelled")).to include("door-1-frame", "door-1-panel", "inside")
    two = described_class.of(shape_of.call(height: 1800.0, upper_height: 900.0, upper_depth: 300.0,
                                           upper_doors: 2)).to_h do |zone|
      [zone.key, zone]
    end
    expect(two.values_at("top", "upper-top",
                         "upper-side-left").map(&:area)).to eq([900.0 * 150, 900.0 * 300, 300.0 * 900])
  end

  it "draws drawers of different height as they were measured" do
    zones = described_class.of(shape_of.call(drawer_rows: [1, 1, 1],
                                             row_heights: [120.0, 180.0,
                                                           240.0])).select do |zone|
      zone.role == "front"
    end
    expect(zones.map { |zone| zone.height.round }).to eq([120, 180, 240])
  end

  it "takes over what people changed: area, grade, material, relief, split and merged, losing no area" do
    plain = described_class.of(shape_of.call)
    sum = ->(zones) { zones.sum(&:square_metres) }
    split = described_class.of(shape_of.call, changes: [change.call("top", pieces: 2)])
    expect(split.map(&:key)).to include("top/1", "top/2")
    expect(sum.call(split)).to be_within(1e-9).of(sum.call(plain))
    merged = described_class.of(shape_of.call, changes: [change.call("edge", into: "top")])
    expect(merged.map(&:key)).not_to include("edge")
    expect(sum.call(merged)).to be_within(1e-9).of(sum.call(plain))
    slatted = change.call("top", area: 500_000.0, material: "solid", relief: "square", relief_depth: 5.0,
                                 relief_pitch: 20.0)
    own = described_class.of(shape_of.call, surface: "veneer", changes: [slatted])
    expect(own.find do |zone|
      zone.key == "top"
    end).to have_attributes(area: 750_000.0, material: "solid", grade: "detailed")
    expect(own.find { |zone| zone.key == "back" }.material).to eq("veneer")
    expect(described_class.of(shape_of.call, changes: [change.call("gone", pieces: 3)])).to eq(plain)
  end

  it "refuses measures that cannot be, and zones that are not there, naming the field" do
    refusal = ->(field, text, &block) { expect(&block).to raise_error(Core::Refusal, text) { |error| expect(error.field).to eq(field) } }
    refusal.call(:row_heights,
                 /The drawers are 900 mm tall together, but there's only room for 760 mm\. Check the heights of the rows, the legs, and the piece/) do
      shape_of.call(drawer_rows: [1, 1], row_heights: [500.0, 400.0])
    end
    refusal.call(:row_heights, /1 heights for 2 rows/) { shape_of.call(drawer_rows: [1, 1], row_heights: [500.0]) }
    refusal.call(:width, /Width isn't above 0\. Measure it and enter a number above 0/) { shape_of.call(width: 0.0) }
    refusal.call(:upper_height, /as tall as the whole piece/) { shape_of.call(upper_height: 850.0) }
    refusal.call(:upper_depth, /deeper than the lower/) { shape_of.call(upper_height: 400.0, upper_depth: 500.0) }
    refusal.call(:zone, /no zone “lid”/) { described_class.check!("lid", %w[top]) }
  end

  it "says what lies between the shape as bought and as planned, what it leaves and what is left over" do
    acts = ->(was, now) { Core::Planning::Shape::Reshaping.between(shape_of.call(**was), shape_of.call(**now)).map(&:to_h) }
    expect(acts.call({}, {})).to be_empty
    off = acts.call({}, { base: "none", height: 760.0, drawer_rows: [2, 1] })
    expect(off).to match([include(key: "remove_base", leaves: "screw_holes", spare: { name: "Leg, 90 mm", count: 4 }),
                          include(key: "remove_drawers", spare: { name: "Drawer", count: 1 })])
    expect(acts.call({},
                     { width: 600.0 })).to match([include(key: "cut_width", label: "Cut it narrower by 300 mm", cut: true,
                                                          leaves: "raw_edge")])
    expect(acts.call({}, { height: 700.0 })).to match([include(key: "cut_height", label: "Cut it lower by 150 mm")])
    two = { height: 1800.0, upper_height: 900.0, doors: 2 }
    expect(acts.call(two,
                     { height: 900.0,
                       doors: 1 })).to match([include(key: "remove_upper"),
                                              include(key: "remove_doors", label: "Take out 1 door")])
  end
end
