# frozen_string_literal: true

require "spec_helper"

# Four chairs kept as one piece: work and material for four, ticked off one by one.
RSpec.describe Core::Planning::Repeats do
  planning = Core::Planning
  chair = Plans.zones("chair", "solid", width: 430.0, depth: 450.0, height: 880.0)
  four = described_class.expand(chair, 4)
  seen = chair.select(&:shown?).to_h { |zone| [zone.key, Plans.choice("paint", colour: "#243b53")] }

  def plan(zones, choices, **rest) = Plans.plan("chair", zones, choices, lead: "clear", **rest)

  it "takes four times the area and the material, once the setting up" do
    one = plan(chair, seen)
    all = plan(four, seen)
    expect(four.sum(&:square_metres)).to be_within(1e-9).of(4 * chair.sum(&:square_metres))
    expect(all.materials["paint_all"]).to be_within(8).of(4 * one.materials["paint_all"])
    expect(all.steps.map(&:key)).to eq(one.steps.map(&:key))
    expect(all.step("wash").seconds).to be_between(one.step("wash").seconds, 4 * one.step("wash").seconds)
  end

  it "knows three of four done, and what is left" do
    keys = described_class.by_number(plan(four, seen).step("scuff").zones)
    marks = keys.slice(1, 2, 3).values.flatten.map { |zone| planning::Mark.new(key: "scuff", zone: zone) }
    step = plan(four, seen, marks: marks).step("scuff")
    expect([keys.keys, step.state, (step.zones - step.done_zones)]).to eq([[1, 2, 3, 4], "part", keys[4]])
    expect(step.remaining).to be_between(60, step.seconds / 2)
  end

  it "lets findings and looks hold for all, and names them once" do
    found = plan(four, seen, findings: Plans.findings(["gouge", "seat", 2]))
    expect(found.step("fill").zones).to eq(%w[seat@1 seat@2 seat@3 seat@4])
    conflict = planning::Conflicts.of(Plans.brief("chair", four, Plans.choice("oil").then do |oil|
      chair.to_h do |zone|
        [zone.key, oil]
      end
    end,
                                                  findings: Plans.findings(["gouge", "seat", 2]))).find { |one| one.key == "fills" }
    expect(conflict.zones).to eq(["seat"])
    expect(described_class.single(four).map { |zone| [zone.key, zone.label] }).to eq(chair.map { |zone|
      [zone.key, zone.label]
    })
    expect([described_class.count(four), described_class.count(chair),
            described_class.expand(chair, 1)]).to eq([4, 1, chair])
    open = plan(four, seen.merge("seat" => Plans.choice("undecided", options: %w[paint oil])))
    expect(open.undecided).to eq(["seat"])
  end
end
