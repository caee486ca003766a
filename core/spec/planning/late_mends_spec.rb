# frozen_string_literal: true

require "support_any_piece"

# What is found, or broken, once the work is under way: mended on the state as it is (common practice, no source).
RSpec.describe Core::Planning::LateMends do
  planning = Core::Planning

  let(:zones) do
    Plans.zones("chest of drawers", "solid", width: 900.0, height: 700.0, depth: 450.0, drawer_rows: [1, 1])
  end
  let(:whole) { plan }

  def plan(found: [], marks: [], finish: Plans.choice("paint", colour: "#24364f"), **rest)
    Plans.plan("chest of drawers", zones, finish, findings: found, lead: "clear", marks: marks, **rest)
  end

  def gouge(id: 7, late: true)
    Core::Planning::Inspection::Finding.new(id: id, key: "gouge", zone: "top", measure: 2, late: late)
  end

  # Marks of all steps of a plan up to one, by the start of its key.
  def up_to(plan, start)
    last = plan.steps.rindex { |step| step.key.start_with?(start) }
    plan.steps.take(last + 1).flat_map { |step| step.zones.map { |zone| Core::Planning::Mark.new(key: step.key, zone: zone) } }
  end

  def open_on(plan, zone)
    plan.steps.select { |step| step.zones.include?(zone) && !step.done_zones.include?(zone) }.map(&:key)
  end

  it "fills, levels and seals behind the coat that lies there, and leaves the next coat to cover it" do
    made = plan(found: [gouge], marks: up_to(whole, "coat/paint|paint_all|#24364f/1"))
    open = open_on(made, "top")
    expect(open.first(4)).to eq(["inspect/paint|paint_all|#24364f", "between/paint|paint_all|#24364f/1", "fill+7",
                                 "level+7"])
    expect(open.index("spot-seal+7")).to be < open.index("coat/paint|paint_all|#24364f/2")
    expect(open.grep(/coat.*\+7/)).to eq([])
    expect(made.faults).to eq([])
  end

  it "lays once more what lay there, where no more of it is to come: the coat and the clear coat over it" do
    finish = Plans.choice("paint", colour: "#24364f", product: "paint_chalk")
    painted = plan(finish: finish)
    clear = painted.steps.map(&:key).grep(%r{\Aclear/}).last
    made = plan(finish: finish, found: [gouge], marks: up_to(painted, clear))
    open = open_on(made, "top")
    expect(open.grep(/\+7/).map { |key| key.split("/").first }).to eq(%w[fill+7 level+7 spot-seal+7 coat clear])
    again = made.steps.find { |step| step.key.match?(/\Acoat.*\+7/) }
    expect([again.label, again.zones]).to match([/again over the mend/, ["top"]])
    expect(open_on(made, "side-left").grep(/\+7/)).to eq([])
    expect(made.faults).to eq([])
  end

  it "is another mend than that of a gouge that was filled already, and can be ticked by itself" do
    first = gouge(id: 3, late: false)
    before = plan(found: [first])
    marks = up_to(before, "level")
    made = plan(found: [first, gouge], marks: marks)
    expect(made.step("fill").done?).to be(true)
    expect(made.step("fill+7").state).to eq("open")
    ticked = plan(found: [first, gouge], marks: marks + [planning::Mark.new(key: "fill+7", zone: "top")])
    expect(ticked.step("fill+7").state).to eq("done")
    expect(planning::Deed.read("level/wet+7#2").to_h).to include("name" => "level", "how" => "wet", "finding" => 7,
                                                                 "part" => 2)
    expect(planning::Deed.read("level/wet+7#2").key).to eq("level/wet+7#2")
  end

  it "is planned as ever where nothing was done there yet" do
    expect(plan(found: [gouge(late: false)]).steps.map(&:key)).to include("fill", "level").and(satisfy { |keys|
      keys.grep(/\+/).empty?
    })
  end

  it "holds over random pieces that are part-done: what is found then brings mends, and no fault that was not there" do
    mended = (0...AnyPiece.many(80)).filter_map do |seed|
      before, after = AnyPiece.found_later(seed)&.map { |brief| planning::Planner.new(brief).plan }
      next unless after

      expect(AnyPiece.new_faults(after, before).map { |fault| [fault.code, fault.step&.key] }).to eq([]), "seed #{seed}"
      after.steps.any? { |step| step.key.include?("+900") }
    end
    expect(mended.count(true)).to be > 30
  end
end
