# frozen_string_literal: true

require_relative "../support/planned_pieces"

# A plan that was made is not made again from the same, and never taken for another.
RSpec.describe Operations::Planning::PlanMemory, :api do
  include_context "with planned pieces"

  let(:planning) { Operations::Planning }

  def record = Records::Piece.find(id)

  # What a plan says: steps with their minutes, waits and materials.
  def told(plan)
    plan.steps.map do |step|
      [step.key, step.label, step.state, step.seconds, step.wait, step.materials, step.needs.map(&:to_a)]
    end
  end

  def fresh = told(Core::Planning::Planner.new(planning::Plans.brief(record, planning::Plans.chosen(record))).plan)

  def first_step = planning::Plans.of(record).steps.first.key

  it "gives the plan that was made before" do
    first = planning::Plans.of(record)
    expect(planning::Plans.of(record)).to equal(first)
  end

  it "plans once for a change of finish and the page that is opened after it" do
    look = record.looks.first.id
    call(:get, "/api/pieces/#{id}/plan")
    planner = Core::Planning::Planner
    made = 0
    allow(planner).to receive(:new).and_wrap_original do |original, *rest, **named|
      made += 1
      original.call(*rest, **named)
    end
    call(:put, "/api/looks/#{look}/zones", { zones: ["top"], finish: "paint", colour: "#ffffff" })
    changed = made
    call(:get, "/api/pieces/#{id}/plan")
    expect([changed, made]).to eq([1, 1])
  end

  it "makes another after each thing that a plan hangs on" do
    product = call(:post, "/api/products", { label: "House blue", generic: "paint_all", rate: "9" }).fetch("id")
    look = record.looks.first.id
    changes = {
      "a finding" => -> { call(:post, "/api/pieces/#{id}/findings", { kind: "gouge", zone: "top", measure: "3" }) },
      "a way of the house" => lambda {
        call(:patch, "/api/workshop",
             { lock_version: call(:get, "/api/workshop")["lock_version"], practices: { washing: "both" } })
      },
      "a product of one's own" => lambda {
        call(:put, "/api/looks/#{look}/zones",
             { zones: ["top"], finish: "paint", product: "own-#{product}", colour: "#243b53" })
      },
      "what its label says" => -> { call(:patch, "/api/products/#{product}", { rate: "4" }) },
      "a colour" => lambda {
        call(:put, "/api/looks/#{look}/zones", { zones: ["top"], finish: "paint", colour: "#ffffff" })
      },
      "an edit" => -> { call(:post, "/api/pieces/#{id}/plan-edits", { kind: "time", step: first_step, time: "90" }) },
      "what was done" => -> { done(first_step) },
      "a measure" => -> { call(:patch, "/api/pieces/#{id}", { lock_version: record.lock_version, width: "1200" }) }
    }
    changes.each do |what, change|
      before = told(planning::Plans.of(record))
      change.call
      expect([what, status < 300]).to eq([what, true])
      after = told(planning::Plans.of(record))
      expect([what, after == before]).to eq([what, false])
      expect([what, after]).to eq([what, fresh])
    end
  end

  it "keeps nothing of a plan that cannot be made, and no more than so many" do
    expect { described_class.of(:none) { raise Core::Refusal.new(:not_a_product, given: "tar") } }.to raise_error(Core::Refusal)
    expect(described_class.of(:none) { :made }).to eq(:made)
    described_class::MAX_PLANS.times { |number| described_class.of(number) { number } }
    expect(described_class.of(:none) { :anew }).to eq(:anew)
  end
end
