# frozen_string_literal: true

require "spec_helper"

# How far a zone is, and what of a step falls to it. Worked by hand.
RSpec.describe "zones under work" do
  zones = Plans.zones("bedside table", "solid", width: 400.0, depth: 350.0, height: 600.0)
  painted = zones.select(&:shown?).first(2)
  choices = painted.to_h { |zone| [zone.key, Plans.choice("paint", colour: "#243b53")] }

  # A plan in which the steps for which the block is true are done on the given zones.
  define_method(:plan) do |done = [], on: []|
    marks = done.flat_map { |step| on.map { |zone| Core::Planning::Mark.new(key: step, zone: zone) } }
    Plans.plan("bedside table", zones, choices, lead: "clear", marks: marks)
  end

  it "share a step's minutes: each its own, the fixed ones on the first, so that they add up" do
    plan.steps.select { |step| step.zones.size > 1 }.each do |step|
      around = Core::Planning::Step::AROUND
      fixed = step.tasks.map(&:fixed).max * 60 * around
      whole = (step.tasks.sum(&:minutes) * 60 * around) + fixed
      expect(step.zones.sum { |zone| step.seconds_on(zone) }).to be_within(step.zones.size).of(whole)
      alone = step.tasks.select { |task| task.zone == step.zones.first }.sum(&:minutes) * 60 * around
      expect(step.seconds_on(step.zones.first)).to eq((alone + fixed).round)
    end
  end

  it "are untouched, begun and finished by the steps on them; dressing and showing the piece do not hold them back" do
    zone, other = painted.map(&:key)
    on_it = plan.steps.select do |step|
      step.zones.include?(zone) && !Core::Planning::Plan::AFTER.include?(step.phase)
    end.map(&:key)
    expect(on_it.size).to be > 2
    expect(plan.zone_state(zone)).to eq("untouched")
    expect(plan(on_it.first(1), on: [zone]).zone_state(zone)).to eq("begun")
    finished = plan(on_it, on: [zone])
    expect([finished.zone_state(zone), finished.zone_state(other)]).to eq(%w[finished untouched])
    expect(plan.zone_state("no such zone")).to eq("untouched")
  end
end
