# frozen_string_literal: true

require "spec_helper"

# Each form of furniture, part by part.
RSpec.describe "forms of the drawing" do
  def parts(kind, **measures)
    shape = Core::Planning::Shape::PieceShape.new(kind: kind, width: nil, height: nil, **measures)
    Core::Planning::Shape::Elevation.new(shape).parts
  end

  def box(part)
    xs, ys = part[:points].transpose
    { left: xs.min, right: xs.max, top: ys.min, bottom: ys.max }
  end

  {
    "chest of drawers" => { front: 4, leg: 2, pull: 4, top: 1, body: 1 },
    "washstand" => { front: 1, door: 2, pull: 3, leg: 2, top: 1, body: 1 },
    "bookcase" => { opening: 5, leg: 1, top: 1, body: 1 },
    "table" => { top: 1, body: 1, leg: 2 },
    "side table" => { top: 1, body: 1, leg: 2, front: 1, pull: 1 },
    "blanket box" => { front: 1, top: 1, leg: 2, pull: 1 },
    "bar cart" => { body: 2, top: 2, leg: 2 },
    "mirror" => { body: 1, glass: 1 }
  }.each do |kind, counts|
    it "draws a #{kind} of #{counts.map { |role, count| "#{count} #{role}" }.join(', ')}" do
      expect(parts(kind).map { |part| part[:role] }.tally).to eq(counts)
    end
  end

  it "draws a chair's back with at least two slats, and more on a wider one" do
    slats = ->(width) { parts("chair", width: width, height: 900.0).count { |part| part[:role] == :body } - 2 }
    expect([slats.call(430.0), slats.call(1000.0)]).to eq([3, 9])
  end

  it "stacks drawers from the top without overlap, in rows of equal height" do
    fronts = parts("chest of drawers", width: 900.0, height: 850.0, drawer_rows: [2, 1, 1]).select do |part|
      part[:role] == :front
    end.map { |part| box(part) }
    rows = fronts.group_by { |front| front[:top] }.sort
    expect(rows.map { |_, row| row.size }).to eq([2, 1, 1])
    expect(rows.each_cons(2).all? { |(_, upper), (top, _)| upper.first[:bottom] < top }).to be(true)
    heights = fronts.map { |front| (front[:bottom] - front[:top]).round }
    expect(heights.uniq.size).to eq(1)
  end

  it "draws to the millimetre: legs end on the floor, the top spans the width" do
    shapes = parts("sideboard", width: 1500.0, height: 820.0, leg: 140.0)
    legs = shapes.select { |part| part[:role] == :leg }.map { |part| box(part) }
    expect(legs).to all(include(bottom: 820.0, top: 680.0))
    expect(box(shapes.find { |part| part[:role] == :top })).to include(left: 0, right: 1500.0)
  end

  it "takes a name it does not know as a plain case, and any case of a known one" do
    kinds = Core::Planning::Shape::Kinds
    expect(kinds.template("Gizmo")).to eq(kinds.template("other"))
    expect(kinds.template(" Washstand ")).to eq(kinds.template("washstand"))
    expect(kinds.template(nil)).to eq(kinds.template("other"))
  end

  it "describes itself in the workshop's unit, and says when it is not to scale" do
    shape = Core::Planning::Shape::PieceShape.new(kind: "bench", width: 1193.8, height: 450.85)
    expect(Core::Planning::Shape::Elevation.new(shape).description(unit: "in")).to eq("Front view, 47 in wide, 17 3/4 in high")
    bare = Core::Planning::Shape::PieceShape.new(kind: "mirror", width: nil, height: nil)
    expect(Core::Planning::Shape::Elevation.new(bare).description(unit: "mm")).to include("not to scale, measures not given")
  end
end
