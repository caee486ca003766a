# frozen_string_literal: true

require_relative "tools_helper"

# Pictures and templates: what they draw lies where the figures say. Plane geometry (Pythagoras, similar triangles), by
# hand.
RSpec.describe "geometry of the bench tools" do
  def shapes(picture, role) = picture.shapes.select { |shape| shape[:role] == role }

  it "sets a leg's plate in by its inset, with four holes round its middle and the splay towards the corner" do
    plate = ask(:legs, inset: 40, plate: 60, front: 10, side: 10).template
    box = shapes(plate, "ghost").first
    expect(box.values_at(:x, :y, :w, :h)).to eq([40.0, 40.0, 60.0, 60.0])
    holes = shapes(plate, "hole").map { |hole| [hole[:x], hole[:y]] }
    expect(holes.first(4)).to contain_exactly([49.0, 49.0], [49.0, 91.0], [91.0, 49.0], [91.0, 91.0])
    line = shapes(plate, "cut").last
    # Equal splay both ways points along the diagonal.
    expect(line[:x] - line[:x2]).to be_within(1e-9).of(line[:y] - line[:y2])
    one_way = shapes(ask(:legs, front: 10, side: 0).template, "cut").last
    expect([one_way[:y] - one_way[:y2], one_way[:x] > one_way[:x2]]).to eq([0, true])
  end

  it "agrees with Pythagoras: a leg's length squared is its height squared and what its foot stands out" do
    [[250, 10, 10], [400, 5, 12], [120, 0, 20], [600, 15, 3]].each do |high, front, side|
      found = ask(:legs, high: high, front: front, side: side)
      out = [front, side].map { |degrees| high * Math.tan(degrees * Math::PI / 180) }
      expect(found.cuts.first.long).to be_within(1e-6).of(Math.sqrt((high**2) + out.sum { |mm| mm**2 }))
    end
  end

  it "makes rails longer the lower they lie, by twice the tangent" do
    lengths = [50, 100, 150].map { |rail| ask(:legs, rail: rail, front: 12).cuts.find { |cut| cut.mark == "F" }.long }
    steps = lengths.each_cons(2).map { |one, other| other - one }
    expect(steps).to all(be_within(1e-9).of(2 * 50 * Math.tan(12 * Math::PI / 180)))
  end

  it "lays liner within the roll and no piece over another" do
    random = Random.new(12)
    25.times do
      parts = Array.new(random.rand(1..4)) do
        "#{random.rand(1..4)} × #{random.rand(150..480)} × #{random.rand(150..480)} drawer"
      end.join("; ")
      pieces = shapes(ask(:liner, parts: parts, roll: 520, trim: 10).picture, "wood").map do |one|
        one.values_at(:x, :y, :w, :h)
      end
      expect(pieces).to all(satisfy { |_, y, _, h| y >= 0 && y + h <= 520.0001 })
      apart = pieces.combination(2).all? { |one, other| apart?(one, other) }
      expect(apart).to be(true)
    end
  end

  def apart?(one, other)
    x, y, w, h = one
    x2, y2, w2, h2 = other
    x + w <= x2 + 1e-6 || x2 + w2 <= x + 1e-6 || y + h <= y2 + 1e-6 || y2 + h2 <= y + 1e-6
  end

  it "is never longer turned: the least of all ways of turning the drawers" do
    random = Random.new(13)
    15.times do
      sizes = Array.new(2) { [random.rand(150..450), random.rand(150..450)] }
      text = ->(list) { list.map { |wide, deep| "2 × #{wide} × #{deep}" }.join("; ") }
      length = ->(list) { ask(:liner, parts: text.call(list), roll: 500, trim: 0).picture.width }
      ways = [sizes, [sizes[0].reverse, sizes[1]], [sizes[0], sizes[1].reverse], sizes.map(&:reverse)]
      expect(ways.map { |way| length.call(way) }.uniq.size).to eq(1)
    end
  end

  it "draws grooves evenly, and their guides the base's width away" do
    found = ask(:grooves, count: 7, panel: 640, side: "left", offset: 90)
    middles = shapes(found.picture, "hole").map { |hole| hole[:x] + (hole[:w] / 2) }
    expect(middles).to eq((1..7).map { |place| place * 80.0 })
    expect(shapes(found.picture, "cut").first[:x]).to be_within(1e-9).of(80 - 1.5 - 90)
  end

  it "keeps pulls symmetrical about the middle of their front" do
    %w[centre quarters thirds].each do |rule|
      [0, 64, 96].each do |spacing|
        xs = shapes(ask(:pulls, rule: rule, spacing: spacing, wide: 900).picture, "hole").map { |hole| hole[:x] }
        expect(xs.map { |x| (900 - x).round(6) }.sort).to eq(xs.map { |x| x.round(6) }.sort)
      end
    end
  end

  it "spaces hinges evenly from end to end" do
    found = ask(:hinges, high: 1800, wide: 500, ends: 120)
    ys = shapes(found.picture, "hole").map { |hole| hole[:y] }
    expect(ys).to eq([120.0, 640.0, 1160.0, 1680.0])
  end

  it "draws the parts of sticks to their length, one saw cut apart" do
    found = ask(:sticks, parts: "2 × 700 a; 1 × 500 b", stick: 2400, kerf: 4)
    parts = shapes(found.picture, "wood").sort_by { |part| part[:x] }
    expect(parts.sum { |part| part[:w] }).to eq(1900.0)
    gaps = parts.each_cons(2).map { |one, other| (other[:x] - one[:x] - one[:w]).round(6) }
    expect(gaps).to eq([4.0, 4.0])
    # 2400 − 1900 − 3 × 4
    expect(shapes(found.picture, "offcut").first[:w]).to be_within(1e-6).of(488)
  end
end

# A mix is bought as its parts.
RSpec.describe Core::Shelf::Products do
  let(:products) do
    own = [{ key: "own-1", like: "paint_chalk", label: "Sail grey",
             mix: { "paint_chalk" => 2/3r, "paint_wall" => 1/4r } }]
    described_class.new(own: own, currency: Plans::EURO)
  end

  it "takes mixes apart, rounds up, leaves water out, and adds to what is needed anyway" do
    expect(products.apart({ "own-1" => 120, "paint_wall" => 5 })).to eq("paint_chalk" => 80, "paint_wall" => 35)
    expect(products.apart({ "own-1" => 100 })).to eq("paint_chalk" => 67, "paint_wall" => 25)
    expect(products.apart({ "own-1" => 1 })).to eq("paint_chalk" => 0.67, "paint_wall" => 0.25)
    lines = Core::Planning::Stock.new({ "own-1" => 120 }, products).lines
    expect(lines.map { |line| [line.row[:key], line.amount] }).to eq([["paint_chalk", 80], ["paint_wall", 30]])
  end
end
