# frozen_string_literal: true

require "spec_helper"

# What does not go together, each by itself (common practice, no source).
RSpec.describe Core::Planning::Conflicts do
  def told(material, choice, *found, look: {}, **rest)
    zones = Plans.zones("chest of drawers", material)
    brief = Plans.brief("chest of drawers", zones, choice, findings: Plans.findings(*found), look: look, **rest)
    described_class.of(brief).to_h { |one| [one.key, [one.settled, one.remedies.map(&:label)]] }
  end

  white = Plans.choice("paint", colour: "#ffffff")
  stain = Plans.choice("stain", colour: "#6b3d1e")
  tannin = ["tannin_wood", nil, nil]
  never = Core::Planning::WorkshopPractices.new("primer" => "never")

  it "pale paint on tannin-rich wood: settled by a blocking primer, open without one" do
    expect(told("solid", white, tannin)).to include("bleed" => ["shellac-based stain-blocking primer blocks it", []])
    open = { "bleed" => [nil, ["prime with the shellac-based primer", "leave it as it is"]] }
    expect(told("solid", white, tannin, practices: never)).to include(open)
    expect(told("solid", white, tannin, look: { primer: "primer_bond" })).to include(open)
    expect(told("solid", Plans.choice("paint", colour: "#101010"), tannin, practices: never)).not_to include("bleed")
  end

  it "a primer under a paint that has its own, unless findings call for it" do
    always = Core::Planning::WorkshopPractices.new("primer" => "always")
    expect(told("solid", white, practices: always)).to include("unneeded" => [nil, ["leave the primer out"]])
    expect(told("solid", white, tannin, practices: always)).not_to include("unneeded")
    expect(told("solid", Plans.choice("paint", product: "paint_enamel"), practices: always)).not_to include("unneeded")
  end

  it "water-based over oil, wax or silicone under paint" do
    expect(told("solid", white,
                ["oiled", nil, nil])).to include("oil" => ["bonding primer seals it after mineral spirits", []])
    expect(told("solid",
                Plans.choice("stain", product: "stain_gel"))).to include("oil" => ["a day of drying between them", []])
    expect(told("solid", Plans.choice("clear"),
                ["oiled", nil, nil])).to include("oil" => [nil, ["take the solvent-based clear coat"]])
    expect(told("solid", white, ["waxed", nil, nil])).to include("wax" => ["taken off with mineral spirits first", []])
    expect(told("solid", white, ["silicone", nil, nil])["wax"].first).to include("sealed")
  end

  it "stain over fills: paint it, or keep the pulls" do
    expect(told("solid", stain, ["gouge", "top", 2])).to include("fills" => [nil, ["paint it"]])
    pulls = { hardware: "replaced", spacing: 128.0 }
    expect(told("solid", stain, ["old_holes", nil, 96],
                look: pulls)["fills"].last).to eq(["paint it", "keep the pulls"])
    expect(told("solid", stain, ["old_holes", nil, 128], look: pulls)).not_to include("fills")
  end

  it "veneer and coarse paper; laminate without grip; a wash and its clear coat" do
    expect(told("veneer", stain)["veneer"].first).to include("120 grit")
    expect(told("veneer", stain, ["thin_veneer", nil, 0.4])["veneer"]).to eq([nil, ["paint it", "leave it as it is"]])
    expect(told("laminate", white)).to include("laminate" => ["bonding primer grips", []])
    expect(told("laminate", white, look: { primer: "none" })["laminate"].last).to eq(["prime with the bonding primer"])
    expect(told("laminate", stain)["laminate"].last).to eq(["paint it", "leave it as it is"])
    wash = Plans.choice("wash", colour: "#dddddd")
    expect(told("solid", wash)["wash"].first).to eq("3 clear coats are added").or eq("2 clear coats are added")
  end

  it "smell without sealing, wax under something else, clear coats over dark paint" do
    expect(told("solid", white, ["smoke", nil, nil])["odour"]).to eq([nil, ["seal the inside"]])
    expect(told("solid", white, ["smoke", nil, nil],
                look: { inside: "sealed" })["odour"].first).to eq("the inside is sealed")
    waxed = Core::Planning::Choice.new(finish: "paint", colour: "#ffffff", over: %w[wax stencil])
    expect(told("solid", waxed)["over_wax"].last).to eq(["wax last"])
    expect(told("solid",
                Plans.choice("paint", colour: "#0a1a2f", wear: "hard"))["tint"].first).to include("tried first")
  end

  it "says nothing where all goes together, nor of what is undecided" do
    expect(told("solid", white)).to be_empty
    expect(told("solid", Plans.choice("undecided", options: %w[paint stain]), tannin)).to be_empty
  end
end
