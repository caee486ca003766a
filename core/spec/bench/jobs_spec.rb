# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Bench::Jobs do
  planning = Core::Planning
  let(:zones) { Plans.zones("chest of drawers", "solid", drawer_rows: [1, 1]) }

  def jobs(plan, stretch: 1, **bench)
    bench = described_class::Bench.new(at: lambda { |date|
      (date - Date.new(2026, 1, 1)).to_i * 1440
    }, done: {}, moved: {}, tent: false, **bench)
    described_class.new(plan, piece: 7, bench: bench, stretch: stretch).all.to_h do |job|
      [job.id.delete_prefix("7:"), job]
    end
  end

  it "makes a job of each open step, with the waits between them, and knows sanding as divisible and coats as alike" do
    plan = Plans.plan("chest of drawers", zones, Plans.choice("paint", colour: "#243b53"), lead: "clear")
    made = jobs(plan)
    expect(made.keys).to match_array(plan.steps.map(&:key))
    wash = plan.step("wash-rinse")
    expect(made["wash-rinse"]).to have_attributes(minutes: wash.seconds / 60, wait: 120, divisible: true)
    expect(made["scuff"]).to have_attributes(divisible: true, place: "bench")
    coats = made.values.select { |job| job.like == ["coat", "paint_all@#243b53"] }
    expect(coats.size).to be >= 2
    expect(coats.map(&:divisible)).to all(be(false))
    after = made.values.find { |job| job.needs.map(&:first).include?("7:wash-rinse") }
    expect(after.needs.to_h["7:wash-rinse"]).to eq(120)
    expect(jobs(plan, stretch: 16/10r)["wash-rinse"].minutes).to eq((wash.seconds / 60 * 1.6).round)
  end

  it "waits for what was done to dry, longer by its factor, and leaves done steps out" do
    marks = zones.map { |zone| planning::Mark.new(key: "wash-rinse", zone: zone.key) }
    plan = Plans.plan("chest of drawers", zones, Plans.choice("paint", colour: "#243b53"), lead: "clear", marks: marks)
    made = jobs(plan, done: { "wash-rinse" => [1000, 3/2r] })
    expect(made).not_to include("wash-rinse")
    expect(made.values.map(&:not_before).max).to eq(1000 + 180)
  end

  it "knows what is not in one's hands or undecided, what was moved, and sprays outdoors where there is no tent" do
    undecided = Plans.plan("chest of drawers", zones, Plans.choice("undecided", options: %w[paint oil]))
    blocked = jobs(undecided).values.select(&:blocked)
    expect(blocked.map(&:blocked)).to all(start_with("Choose a finish for “"))
    spraying = planning::WorkshopPractices.new("applying" => "spray")
    plan = Plans.plan("chest of drawers", zones, Plans.choice("paint", colour: "#243b53"), lead: "clear",
                                                                                           practices: spraying)
    expect(jobs(plan, moved: { "wash" => 555 })["wash"].pinned).to eq(555)
    sprayed = plan.steps.select { |step| step.place == "tent" }
    expect(sprayed).not_to be_empty
    expect(sprayed.map { |step| jobs(plan)[step.key].place }.uniq).to eq(["outdoors"])
    expect(sprayed.map { |step| jobs(plan, tent: true)[step.key].place }.uniq).to eq(["tent"])
  end
end
