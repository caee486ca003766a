# frozen_string_literal: true

require "spec_helper"

# What is done with the hardware: off, cleaned, sprayed, missing (common practice, no source).
RSpec.describe Core::Planning::Fitting do
  zones = Plans.zones("chest of drawers", "solid", width: 900.0, depth: 450.0, height: 850.0, drawer_rows: [2, 1, 1])
  white = Plans.choice("paint", colour: "#ffffff")

  plan = lambda { |findings: [], **look|
    Plans.plan("chest of drawers", zones, white, findings: findings, lead: "clear", look: look)
  }
  fitting = lambda { |kind, number, treatment, missing = 0|
    described_class.new(kind: kind, number: number, treatment: treatment, missing: missing)
  }
  made = lambda { |plan|
    plan.steps.select do |step|
      step.key.start_with?("fitting")
    end.map { |step| [step.key, (step.seconds / 60.0).round] }
  }

  it "is taken off, cleaned, sprayed and put back by its number, in its place in the plan" do
    hinges = plan.call(fittings: [fitting.call("hinge", 6, "sprayed")])
    expect(made.call(hinges)).to eq([["fitting-off/hinge", 14], ["fitting-clean/hinge", 14], ["fitting-spray/hinge-1", 8],
                                     ["fitting-spray/hinge-2", 8], ["fitting-spray/hinge-3", 8], ["fitting-back/hinge", 21]])
    expect(hinges.materials.values_at("aerosol_primer", "aerosol")).to eq([36, 72])
    expect(hinges.faults).to eq([])
  end

  it "that is missing is matched and ordered first, and fitted with the rest; what is taken off for good stays off" do
    pins = plan.call(fittings: [fitting.call("shelf_pin", 8, "kept", 2), fitting.call("lock", 1, "removed")])
    expect(made.call(pins)).to eq([["fitting-match/shelf_pin", 17], ["fitting-off/lock", 3],
                                   ["fitting-new/shelf_pin", 1]])
    expect(pins.steps.first.key).to eq("fitting-match/shelf_pin").or eq("record")
    expect(made.call(plan.call(fittings: [fitting.call("hinge", 4,
                                                       "replaced")]))).to eq([["fitting-off/hinge", 9],
                                                                              ["fitting-new/hinge", 32]])
  end

  it "that rolls gets no felt pads, unless it is taken off for good" do
    pads = lambda { |treatment|
      plan.call(fittings: [fitting.call("castor", 4, treatment)]).steps.map(&:key).include?("pads")
    }
    expect(%w[cleaned replaced removed].map(&pads)).to eq([false, false, true])
    expect(plan.call(findings: Plans.findings(["castors", nil, 4])).steps.map(&:key)).not_to include("pads")
  end

  it "counts six pulls on four drawers: their holes, their fitting and their paint" do
    drilled = lambda { |number|
      plan.call(hardware: "replaced", spacing: 96.0, pulls: number).step("drill").tasks.sum(&:minutes)
    }
    expect([drilled.call(nil), drilled.call(6)]).to eq([14, 21]) # three and a half minutes a pull
    sprayed = ->(number) { plan.call(hardware: "sprayed", pulls: number).materials["aerosol"] }
    expect([sprayed.call(nil), sprayed.call(6)]).to eq([120, 180])
    table = Plans.zones("table", "solid")
    expect(Plans.brief("table", table, white, look: { pulls: 7 }).pulls).to eq(0) # on a piece that has no front
  end
end
