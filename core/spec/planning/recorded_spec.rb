# frozen_string_literal: true

require "support_any_piece"

# What was worked, used and bought, and what it leaves of the work and the money still to spend (common practice, no
# source).
RSpec.describe Core::Planning::Recorded do
  planning = Core::Planning

  let(:zones) do
    Plans.zones("chest of drawers", "solid", width: 900.0, depth: 450.0, height: 850.0, drawer_rows: [1, 1])
  end
  let(:bare) { plan }

  def plan(marks: [], **recorded)
    Plans.plan("chest of drawers", zones, Plans.choice("paint", colour: "#24364f"), lead: "clear", marks: marks,
                                                                                    recorded: described_class.new(**recorded))
  end

  def ticked(key) = bare.step(key).zones.map { |zone| Core::Planning::Mark.new(key: key, zone: zone) }
  def paint(plan) = plan.materials_left.fetch("paint_all@#24364f", 0)

  describe "hours" do
    it "without a step take nothing off the work left: ticking does" do
      wash = bare.step("wash").seconds
      done = plan(marks: ticked("wash"))
      expect(done.remaining).to eq(bare.remaining - wash)
      expect(plan(marks: ticked("wash"), on_steps: { "wash" => wash }).remaining).to eq(done.remaining) # the step's own hours cover its tick
    end

    it "on a step come off that step alone, and off a ticked one nothing" do
      part = plan(on_steps: { "scuff" => 600 })
      expect([part.step("scuff").remaining,
              part.remaining]).to eq([bare.step("scuff").seconds - 600, bare.remaining - 600])
      expect(plan(marks: ticked("scuff"),
                  on_steps: { "scuff" => 99_999 }).remaining).to eq(plan(marks: ticked("scuff")).remaining)
    end

    # Worked by hand: 40 minutes estimated leave 10 after 35, and after five hours still 10, until somebody ticks it.
    it "on a step leave a quarter of its estimate until it is ticked, however many they are" do
      scuff = bare.step("scuff").seconds
      quarter = (scuff / 4 / 60.0).ceil * 60
      [scuff - quarter, scuff, scuff + 18_000].each do |worked|
        expect(plan(on_steps: { "scuff" => worked }).step("scuff").remaining).to eq(quarter)
      end
      expect(plan(on_steps: { "scuff" => scuff - quarter - 60 }).step("scuff").remaining).to eq(quarter + 60)
      expect(plan(on_steps: { "scuff" => scuff + 18_000 }, marks: ticked("scuff")).step("scuff").remaining).to eq(0)
    end

    it "on a step done in part first cover what is ticked of it, then the rest" do
      zones = bare.step("scuff").zones
      first = [Core::Planning::Mark.new(key: "scuff", zone: zones.first)]
      part = plan(marks: first).step("scuff")
      ticked = part.seconds - part.remaining
      expect(plan(marks: first, on_steps: { "scuff" => ticked }).step("scuff").remaining).to eq(part.remaining)
      expect(plan(marks: first,
                  on_steps: { "scuff" => ticked + 120 }).step("scuff").remaining).to eq(part.remaining - 120)
    end

    it "well past an estimate ask whether the step is done, and a little past it do not" do
      wash = bare.step("wash").seconds
      expect(plan(on_steps: { "wash" => (wash * 1.4).to_i }).past).to eq([])
      expect(plan(on_steps: { "wash" => wash * 3 }).past.map(&:key)).to eq(["wash"])
      expect(plan(marks: ticked("wash"), on_steps: { "wash" => wash * 3 }).past).to eq([])
      short = bare.steps.min_by(&:seconds) # twice a few minutes is no reason to ask
      expect(plan(on_steps: { short.key => short.seconds * 2 }).past).to eq([])
      wide = Plans.zones("sideboard", "solid", width: 2400.0, depth: 600.0, height: 1200.0, drawer_rows: [3], doors: 3)
      brushed = Plans.choice("paint", colour: "#24364f").tap { |choice| choice.way = "brush" }
      large = ->(**recorded) { Plans.plan("sideboard", wide, brushed, lead: "clear", recorded: described_class.new(**recorded)) }
      long = large.call.steps.max_by(&:seconds) # nor is less than half over on a long one, though that is more than a quarter of an hour
      worked = long.seconds * 149 / 100
      expect(worked - long.seconds).to be > described_class::LEAST
      expect(large.call(on_steps: { long.key => worked }).past).to eq([])
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

    it "that a cost covers leave nothing to buy; what it does not cover stays" do
      expect(paint(plan(bought: ["paint_all@#24364f"]))).to eq(0)
      expect(paint(plan(bought: ["paint_all@#ffffff"]))).to eq(paint(bare)) # another colour
      others = ->(made) { made.materials_left.except("paint_all@#24364f") }
      expect(others.call(plan(bought: ["paint_all@#24364f"]))).to eq(others.call(bare))
      expect(plan(bought: ["paint_all@#24364f"]).remaining).to eq(bare.remaining)
    end
  end

  describe "once the piece is ready" do
    let(:late) { Core::Planning::Inspection::Finding.new(id: 7, key: "gouge", zone: "top", measure: 2, late: true) }

    def ready(marks: [], findings: [], **recorded)
      Plans.plan("chest of drawers", zones, Plans.choice("paint", colour: "#24364f"), lead: "clear", marks: marks, findings: findings,
                                                                                      recorded: described_class.new(closed: true, **recorded))
    end

    it "leaves nothing open and nothing in the plan that was not done, whatever was ticked" do
      closed = ready(marks: ticked("wash"))
      expect([closed.remaining, closed.materials_left, closed.steps.map(&:key),
              closed.steps.map(&:state)]).to eq([0, {}, ["wash"], ["done"]])
      expect(closed.dropped.size).to eq(bare.steps.size - 1)
      expect([closed.undecided, closed.outside, closed.past, closed.lead_open?,
              closed.faults]).to eq([[], [], [], false, []])
      expect(closed.zone_state("top")).to eq("finished")
    end

    it "has open only what is touched up, where the person wants that" do
      all = bare.steps.flat_map { |step| step.zones.map { |zone| Core::Planning::Mark.new(key: step.key, zone: zone) } }
      touched = ready(marks: all, findings: [late], touch_ups: [7])
      open = touched.steps.select(&:open?)
      expect(open.map(&:finding).uniq).to eq([7])
      expect([touched.remaining, open.empty?]).to eq([open.sum(&:remaining), false])
      expect(ready(marks: all, findings: [late]).remaining).to eq(0)
    end
  end

  it "never adds to what is to come, on no step and of no product, over random pieces and records" do
    (0...40).each do |seed|
      random = Random.new(seed)
      brief = AnyPiece.brief(seed)
      before = planning::Planner.new(brief).plan
      keys = before.steps.map(&:key)
      brief.recorded = described_class.new(
        on_steps: keys.sample(3, random: random).to_h { |key| [key, random.rand(0..7200)] },
        taken: before.materials.keys.sample(2, random: random).to_h { |key| [key, random.rand(1..300)] },
        bought: before.materials.keys.sample(1, random: random)
      )
      after = planning::Planner.new(brief).plan
      expect(after.steps.map(&:key)).to eq(keys)
      after.steps.zip(before.steps) { |now, was| expect(now.remaining).to be_between(0, was.remaining) }
      expect(after.materials_left.reject do |key, amount|
        amount <= before.materials_left.fetch(key, 0)
      end).to eq({}), "seed #{seed}"
      expect(after.remaining).to eq(after.steps.sum(&:remaining))
    end
  end
end
