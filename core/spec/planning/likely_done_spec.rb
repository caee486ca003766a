# frozen_string_literal: true

require "spec_helper"
require_relative "../support_plans"

# Which steps hours without a step probably finished (common practice, no source); worked by hand on the plan's own
# estimates.
RSpec.describe Core::Planning::LikelyDone do
  planning = Core::Planning
  let(:zones) do
    Plans.zones("chest of drawers", "solid", width: 900.0, depth: 450.0, height: 850.0, drawer_rows: [1, 1])
  end
  let(:bare) { plan }

  def plan(**rest)
    Plans.plan("chest of drawers", zones, Plans.choice("paint", colour: "#24364f"), lead: "clear", **rest)
  end

  def likely(hours, plan = bare) = described_class.of(plan, hours).select(&:last).map { |step, _| step.key }

  def ticked(plan)
    plan.steps.flat_map { |step| step.zones.map { |zone| Core::Planning::Mark.new(key: step.key, zone: zone) } }
  end

  it "ticks the steps of the kind as far as the hours reach, with what they need first" do
    coats = bare.steps.select { |step| step.kind == "painting" }
    first = coats.first.remaining
    found = likely({ "painting" => first })
    expect(found).to include("wash", "scuff", coats.first.key)
    expect(found & coats.drop(1).map(&:key)).to eq([])
    expect(likely({ "painting" => coats.sum(&:remaining) })).to include(*coats.map(&:key))
  end

  it "counts a step where at least half of its estimate fits in, and none for less" do
    first = bare.steps.find { |step| step.kind == "painting" }
    expect(likely({ "painting" => first.remaining / 2 })).to include(first.key)
    expect(likely({ "painting" => (first.remaining / 2) - 60 })).to eq([])
  end

  it "offers open steps of the kind even where none is likely, and nothing where the kind has none" do
    expect(described_class.of(bare, { "painting" => 0 }).map { |step, _| step.kind }).to include("painting")
    expect(described_class.of(bare, { "travel" => 7200 })).to eq([])
    expect(described_class.of(plan(marks: ticked(bare)), { "painting" => 7200 })).to eq([])
  end

  it "never offers what ends with an answer" do
    asked = Plans.plan("chest of drawers", zones, Plans.choice("stain"),
                       findings: [planning::Inspection::Finding.new(id: 1, key: "painted")])
    keys = described_class.of(asked, asked.steps.map(&:kind).uniq.to_h do |kind|
      [kind, 360_000]
    end).map { |step, _| step.key }
    expect(asked.steps.map(&:key).grep(/\A(lead|try-|decide)/)).not_to be_empty
    expect(keys.grep(/\A(lead|try-|decide)/)).to eq([])
  end
end

RSpec.describe Core::Planning::CostWords do
  items = [["product:paint_all@navy", "all-in-one paint, navy", "paint"], ["product:primer", "shellac-based primer", "primer"],
           ["hardware", "new hardware", nil], ["work:4", "Wrap and panels", nil]]

  # Cases as people write them on receipts.
  { "Paint" => ["product:paint_all@navy"], "quart of navy paint" => ["product:paint_all@navy"], "Primers" => ["product:primer"],
    "half-round wrap panels" => ["work:4"], "Sandwiches" => [], "" => [], "Decorative box" => [] }.each do |what, keys|
    it("takes “#{what}” for #{keys.inspect}") { expect(described_class.likely(what, items)).to eq(keys) }
  end

  it "takes the product of that kind rather than a thing that has its name" do
    expect(described_class.likely("Wax",
                                  [["product:wax_dark", "dark wax", "wax"],
                                   ["work:2", "Wax", nil]])).to eq(["product:wax_dark"])
  end
end
