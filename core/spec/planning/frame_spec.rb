# frozen_string_literal: true

require "spec_helper"

# What hangs or runs in a frame, while the frame is worked on. Common practice, no source.
RSpec.describe "drawers and doors beside a frame that is painted" do
  zones = Plans.zones("washstand", "solid", width: 800.0, depth: 450.0, height: 780.0)
  frame = zones.select { |zone| zone.group == "carcass" }.map(&:key)
  fronts = zones.select { |zone| %w[fronts doors].include?(zone.group) }.map(&:key)

  def keys(plan) = plan.steps.map(&:key)

  # Minutes of waiting on the way from one step to a later one, by the longest way; nil where none leads there.
  def waited(plan, later, earlier)
    return 0 if later == earlier

    plan.step(later).needs.filter_map { |need| waited(plan, need.key, earlier)&.+(need.wait) }.max
  end

  define_method(:washstand) do |painted, **rest|
    choices = (frame + fronts).to_h do |key|
      [key, painted.include?(key) ? Plans.choice("paint", colour: "#243b53") : Plans.choice("leave")]
    end
    Plans.plan("washstand", zones, choices, lead: "clear", **rest)
  end

  it "come out where the frame alone is painted, though they stay as they are, and go back when it may be handled" do
    plan = washstand(frame)
    expect(keys(plan)).to include("drawers-out", "doors-off", "drawers-in", "doors-on")
    coats = plan.steps.select { |step| step.phase == "coat" && step.zones.intersect?(frame) }
    %w[drawers-in doors-on].each do |back|
      expect(keys(plan).index(back)).to be > coats.map { |coat| keys(plan).index(coat.key) }.max
      expect(waited(plan, back, coats.last.key)).to be >= 720 # handled overnight, by the label
    end
  end

  it "are masked instead where the workshop paints them in place" do
    plan = washstand(frame, practices: Plans::PLANNING::WorkshopPractices.new(drawers: "place"))
    expect(keys(plan)).to include("drawers-mask")
    expect(keys(plan)).not_to include("drawers-out")
  end

  it "stay where they are while nothing of either is worked on" do
    expect(keys(washstand([])) & %w[drawers-out doors-off drawers-mask]).to eq([])
  end
end
