# frozen_string_literal: true

require "support_any_piece"

# What was worked, taken and bought comes off what is to come, whether or not anybody ticked (common practice, no source).
RSpec.describe Kohlrabi::Core::Planning::Recorded do
  planning = Kohlrabi::Core::Planning

  let(:zones) { Plans.zones("chest of drawers", "solid", width: 900.0, depth: 450.0, height: 850.0, drawer_rows: [1, 1]) }
  let(:bare) { plan }

  def plan(marks: [], **recorded)
    Plans.plan("chest of drawers", zones, Plans.choice("paint", colour: "#24364f"), lead: "clear", marks: marks,
                                                                                    recorded: described_class.new(**recorded))
  end

  def seconds(plan, kind) = plan.steps.select { |step| step.kind == kind }.sum(&:remaining)
  def ticked(key) = bare.step(key).zones.map { |zone| Kohlrabi::Core::Planning::Mark.new(key: key, zone: zone) }
  def paint(plan) = plan.materials_left.fetch("paint_all@#24364f", 0)

  describe "hours" do
    it "of a kind come off what is to come of that kind, the earliest step first, and of no other" do
      cleaning = seconds(bare, "cleaning")
      worked = plan(hours: { "cleaning" => 1200 })
      expect(seconds(worked, "cleaning")).to eq(cleaning - 1200)
      expect(worked.remaining).to eq(bare.remaining - 1200)
      expect(worked.steps.find { |step| step.kind == "cleaning" }.remaining).to eq(0) # vacuuming takes less than 20 minutes
      expect(plan(hours: { "cleaning" => cleaning + 36_000 }).remaining).to eq(bare.remaining - cleaning) # no more than there is
      expect(plan(hours: { "travel" => 7200 }).remaining).to eq(bare.remaining)
    end

    it "cover what was ticked before they come off the rest" do
      wash = bare.step("wash").seconds
      done = plan(marks: ticked("wash"))
      expect(plan(marks: ticked("wash"), hours: { "cleaning" => wash }).remaining).to eq(done.remaining)
      expect(plan(marks: ticked("wash"), hours: { "cleaning" => wash + 300 }).remaining).to eq(done.remaining - 300)
    end

    it "on a step come off that step alone, and off a ticked one nothing" do
      part = plan(on_steps: { "scuff" => 600 })
      expect([part.step("scuff").remaining, part.remaining]).to eq([bare.step("scuff").seconds - 600, bare.remaining - 600])
      expect(plan(marks: ticked("scuff"), on_steps: { "scuff" => 99_999 }).remaining).to eq(plan(marks: ticked("scuff")).remaining)
    end

    it "well past an estimate ask whether the step is done, and a little past it do not" do
      wash = bare.step("wash").seconds
      expect(plan(on_steps: { "wash" => (wash * 1.4).to_i }).past).to eq([])
      expect(plan(on_steps: { "wash" => wash * 2 }).past.map(&:key)).to eq(["wash"])
      expect(plan(marks: ticked("wash"), on_steps: { "wash" => wash * 2 }).past).to eq([])
      short = bare.steps.min_by(&:seconds) # twice a few minutes is no reason to ask
      expect(plan(on_steps: { short.key => short.seconds * 2 }).past).to eq([])
    end
  end

  describe "products" do
    it "that were taken come off what is still to be bought; for a ticked step they are in it already" do
      whole = paint(bare)
      expect(paint(plan(taken: { "paint_all@#24364f" => 100 }))).to eq(whole - 100)
      expect(paint(plan(taken: { "paint_all@#24364f" => whole * 2 }))).to eq(0)
      coat = bare.steps.find { |step| step.key.start_with?("coat/") }
      half = coat.materials.fetch("paint_all@#24364f")
      expect(paint(plan(marks: ticked(coat.key), for_steps: { "paint_all@#24364f" => half }))).to eq(whole - half)
      expect(paint(plan(marks: ticked(coat.key), taken: { "paint_all@#24364f" => half + 20 }))).to eq(whole - half - 20)
    end

    it "that were bought by their name come off by their worth; what names nothing comes off nothing" do
      used = planning::Stock.new(bare.materials_left, bare.brief.products).used
      worth = ->(made) { planning::Stock.new(made.materials_left, made.brief.products).used }
      expect(paint(plan(bought: [["Satin paint, a tin", 9900]]))).to eq(0)
      expect(worth.call(plan(bought: [["Paint", 200]]))).to be_within(3).of(used - 200)
      expect(worth.call(plan(bought: [["Sandwiches", 200], ["Decorative box", 300]]))).to eq(used)
    end
  end

  it "leaves nothing to come once the piece is ready, whatever was ticked" do
    ready = plan(closed: true)
    expect([ready.remaining, ready.materials_left, ready.steps.any?(&:done?)]).to eq([0, {}, false])
  end

  it "never adds to what is to come, on no step and of no product, over random pieces and records" do
    (0...40).each do |seed|
      random = Random.new(seed)
      brief = AnyPiece.brief(seed)
      before = planning::Planner.new(brief).plan
      keys = before.steps.map(&:key)
      brief.recorded = described_class.new(
        hours: before.steps.map(&:kind).uniq.to_h { |kind| [kind, random.rand(0..7200)] },
        on_steps: keys.sample(3, random: random).to_h { |key| [key, 900] },
        taken: before.materials.keys.sample(2, random: random).to_h { |key| [key, random.rand(1..300)] },
        bought: [["paint and primer", random.rand(1..5000)]]
      )
      after = planning::Planner.new(brief).plan
      expect(after.steps.map(&:key)).to eq(keys)
      after.steps.zip(before.steps) { |now, was| expect(now.remaining).to be_between(0, was.remaining) }
      expect(after.materials_left.reject { |key, amount| amount <= before.materials_left.fetch(key, 0) }).to eq({}), "seed #{seed}"
      expect(after.remaining).to eq(after.steps.sum(&:remaining))
    end
  end
end
