# frozen_string_literal: true

require "spec_helper"

# Answers that were wrong once, each worked out by hand.
RSpec.describe "sound answers of the bench tools" do
  it "buys sticks for slats of each width by themselves: ripping one from the other's stick is another tool" do
    # 15 slats of 600, four to a stick of 2400 less three kerfs: 8 and 7 of each width fill 2 sticks and more.
    found = ask(:slats, field: 800, widths: "30, 15", gap: 22, high: 780, stick: 2400)
    wide, narrow = found.headline[/\d+/].to_i.then { |number| [(number + 1) / 2, number / 2] }
    expect(said(found, "Sticks to buy")).to start_with("#{(wide / 3.0).ceil + (narrow / 3.0).ceil} of 2400 mm: ")
    expect(said(ask(:slats, field: 800, widths: "30", gap: 22, high: 780, stick: 2400),
                "Sticks to buy")).not_to include("wide")
  end

  it "says of what is thinner than wanted without water that water is not the way" do
    expect(ask(:thinning, readings: "5: 20; 10: 15",
                          target: 30).headline).to start_with("Thinner than 30 s even without thinner")
    expect(said(ask(:thinning, readings: "5: 20; 10: 15", target: 30), "Wanted")).to be_nil
  end

  it "proposes no percentage that nobody asked for: what is there is there" do
    there = ask(:thinning, readings: "0: 40; 13: 30", target: 30)
    expect(there.headline).to eq("Just right. Don't add anything.")
    expect(there.warnings).to eq(["13% is in it, past the 10% of the label: try it on a test card first, and let it dry."])
    past = ask(:thinning, readings: "0: 40; 8: 25", target: 30)
    expect([past.headline, past.warnings]).to match([start_with("Too thin: add "), []])
  end

  it "sprays 600 with a fan of 200 in three passes, whatever floats make of it" do
    expect(said(ask(:method, height: 600, fan: 200, overlap: 0), "Passes of the sprayer")).to eq("3")
    expect(said(ask(:method, height: 850, fan: 200, overlap: 40), "Passes of the sprayer")).to eq("7") # 650 ÷ 120 + 1 = 6.4
  end

  it "buys no millilitre for what a float leaves over" do
    # 1.8 m² × 2 coats ÷ 9 m²/L × 1.3 = 520 ml
    expect(ask(:quantity, product: "paint_wall", area: "1.8", coats: 2, way: "spray").materials).to eq("paint_wall" => 520)
  end

  it "lays liner turned piece by piece where that is shorter" do
    # 500 and 400 side by side fill a roll of 900; the third ends behind the shorter one: 400 + 400.
    expect(ask(:liner, parts: "2 × 500 × 400; 1 × 400 × 500", roll: 900,
                       trim: 0).headline).to start_with("800 mm of the roll")
  end

  it "never lets two pieces of liner overlap, stick out of the roll, or take more than laying in bands" do
    random = Random.new(16)
    60.times do
      pieces = Array.new(random.rand(1..9)) do |place|
        [[random.rand(100..600), random.rand(100..600)].then do |a, b|
          [[a, b], [b, a]]
        end, place.to_s]
      end
      Core::Tools::Nesting.new(pieces, 650).all.each do |placed|
        expect(placed.map(&:last)).to match_array(pieces.map(&:last))
        expect(placed.all? { |_, y, _, across, _| y >= -1e-6 && y + across <= 650 + 1e-6 }).to be(true)
        clash = placed.combination(2).any? do |(x, y, long, wide, _), (u, v, far, broad, _)|
          x < u + far - 1e-6 && u < x + long - 1e-6 && y < v + broad - 1e-6 && v < y + wide - 1e-6
        end
        expect(clash).to be(false)
      end
    end
  end

  it "turns some rows of seat covers where that takes less cloth" do
    # 700 × 460: two rows of two lengthwise are 920, one of three turned 700; five seats: 700 + 460 = 1160, where all
    # alike takes 1380.
    found = ask(:fabric, count: 5, wide: 500, deep: 260, thick: 50, wrap: 50, turn: "yes", cloth: 1400)
    expect(found.headline).to eq("1.16 m of cloth 1400 mm wide.")
    expect(said(found, "Rows")).to eq("1 and 1")
    expect(ask(:fabric, count: 5, wide: 500, deep: 260, thick: 50, wrap: 50, turn: "no",
                        cloth: 1400).headline).to start_with("1.38 m")
  end

  it "plans eighty different lengths within a bounded search, and states the gap" do
    random = Random.new(1)
    sizes = Array.new(80) { |place| [(random.rand(200..1500) + place) * 100, random.rand(1..3)] }.to_h
    plan = Core::Tools::StickPlan.new(sizes, 240_300)
    expect(plan.count - plan.bound).to be_between(0, 1)
    expect(plan.instance_variable_get(:@left_tries)).to be >= -1
  end

  it "names the thermometer that speaks against a coat" do
    climate = Core::Bench::Climate
    expect(climate.new(air: 8, surface: 14, humidity: 50).against.first).to start_with("the air at 8 °C is too cold")
    expect(climate.new(air: 14, surface: 8,
                       humidity: 50).against.first).to start_with("the surface at 8 °C is too cold")
    expect(climate.new(air: 20, surface: 40,
                       humidity: 30).against.first).to start_with("the surface at 40 °C is too hot")
    expect(climate.new(air: 9, surface: 15,
                       humidity: 40).against(coldest: 12).first).to start_with("the air at 9 °C is too cold: the label")
  end
end
