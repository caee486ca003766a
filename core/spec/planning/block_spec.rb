# frozen_string_literal: true

require "spec_helper"

# What keeps a step from being started, as the plan alone tells it; a device asks nothing else.
RSpec.describe Core::Planning::Block do
  planning = Core::Planning
  let(:zones) { Plans.zones("chest of drawers", "solid") }

  def plan(lead:, finish: "paint", **rest)
    Plans.plan("chest of drawers", zones, Plans.choice(finish, colour: "#243b53"),
               findings: Plans.findings(["painted", nil, 3]), lead: lead, **rest)
  end

  def blocks(plan, step, confirmed: [])
    described_class.of(step, plan, confirmed: confirmed, read: ->(key) { "About #{key}." })
  end

  def codes(...) = blocks(...).map(&:code)

  it "has every step that breaks an old coat wait for the lead answer, read cautions or not" do
    asked = plan(lead: nil)
    broken = asked.steps.select(&:breaks?)
    expect(broken).not_to be_empty
    broken.each do |step|
      held = blocks(asked, step, confirmed: planning::Cautions::ROWS.keys.map(&:to_s) + step.cautions).find { |one| one.code == "lead" }
      expect([step.label, held&.until_answer, held&.text]).to match([step.label, "lead", end_with(".")])
    end
    expect(codes(asked, asked.step("lead"))).to include("lead")
    expect(plan(lead: "clear").steps.flat_map { |step| codes(plan(lead: "clear"), step) }).not_to include("lead")
  end

  it "has a serious caution read once, and what it follows done and dry" do
    clear = plan(lead: "clear")
    wary = clear.steps.find { |step| step.cautions.any? { |key| planning::Cautions.serious?(key) } }
    unread = blocks(clear, wary).select { |one| one.code == "caution" }
    serious = wary.cautions.select { |key| planning::Cautions.serious?(key) }
    expect(unread.map { |one| [one.until_answer, one.text] }).to eq(serious.map { |key|
      ["caution:#{key}", "Read the caution first: About #{key}."]
    })
    expect(codes(clear, wary, confirmed: serious)).not_to include("caution")
    later = clear.steps.find { |step| step.needs.any? { |need| need.wait.positive? && clear.step(need.key)&.open? } }
    dries = blocks(clear, later).find { |one| one.code == "dries_after" }
    expect([dries.until_step, dries.wait]).to eq(later.needs.find { |need|
      need.wait.positive?
    }.then { |need| [need.key, need.wait] })
    expect(dries.text).to start_with("Wait ").and include("“#{clear.step(dries.until_step).label}”")
  end

  it "ends with an answer where a finish is not chosen, or a trial not judged" do
    undecided = plan(lead: "clear", finish: "undecided")
    choose = undecided.steps.find { |step| step.key.start_with?("decide/") }
    expect(blocks(undecided, choose).map { |one| [one.code, one.until_answer] }).to include(["decide", choose.key])
  end
end
