# frozen_string_literal: true

require "spec_helper"

# Zones whose finish is still in question, the shape that changes, and the order between steps.
RSpec.describe "what is open and what changes in a plan" do
  planning = Core::Planning
  zones = Plans.zones("chest of drawers", "solid", width: 900.0, depth: 450.0, height: 850.0, drawer_rows: [1, 1])

  def plan(zones, choices, **rest) = Plans.plan("chest of drawers", zones, choices, lead: "clear", **rest)

  describe "undecided" do
    def on_top(plan) = plan.steps.select { |step| step.zones.include?("top") }.map(&:key)

    def with_top(zones, *options, finish: "oil")
      choices = zones.select(&:shown?).to_h { |zone| [zone.key, Plans.choice(finish)] }
      choices.merge("top" => Plans.choice("undecided", options: options))
    end

    it "goes as far as its options go together: paint and oil part after washing, two clear finishes after sanding" do
      early = on_top(plan(zones, with_top(zones, "paint", "oil")))
      late = on_top(plan(zones, with_top(zones, "oil", "clear")))
      expect(early.take(early.index("decide/top"))).to eq(%w[record vacuum wash wash-rinse])
      expect(late.take(late.index("decide/top"))).to eq(%w[record vacuum wash wash-rinse ladder/80-120-150-220 dust])
    end

    it "has nothing to decide between that would be done before it, and waits with what comes after" do
      result = plan(zones, with_top(zones, "oil", "clear"))
      keys = on_top(result)
      expect(keys.drop(keys.index("decide/top") + 1)).to eq(%w[pads tip-kit picture])
      expect(result.undecided).to eq(["top"])
      expect(result.step("decide/top").seconds).to eq(0)
    end

    it "names what each option would take in all, and falls back on the usual options" do
      why = plan(zones, with_top(zones)).step("decide/top").why
      expect(why).to match(/Paint .*, Clear coat .*, Leave as is /)
    end

    it "is gone once the zone is decided, and the shared steps stay the same" do
      open = plan(zones, with_top(zones, "oil", "clear"))
      settled = plan(zones, with_top(zones).merge("top" => Plans.choice("clear")))
      expect(settled.step("decide/top")).to be_nil
      expect(on_top(settled)).to include(*(on_top(open) - ["decide/top"]))
    end
  end

  describe "a shape that changes" do
    shape = ->(**measures) { Core::Planning::Shape::PieceShape.new(kind: "chest of drawers", width: 900.0, depth: 450.0, height: 850.0, drawer_rows: [1, 1], **measures) }

    it "takes the base off before washing, and fills the holes that it leaves" do
      acts = Core::Planning::Shape::Reshaping.between(shape.call, shape.call(base: "none", height: 760.0))
      legless = Core::Planning::Shape::Zones.of(shape.call(base: "none", height: 760.0), surface: "solid")
      painted = legless.to_h { |zone| [zone.key, Plans.choice("paint", colour: "#ffffff")] }
      keys = plan(legless, painted, acts: acts).steps.map(&:key)
      expect(keys.index("remove_base")).to be < keys.index("wash")
      expect(keys).to include("fill", "level")
      expect(keys.index("fill")).to be < keys.grep(/coat/).map { |key| keys.index(key) }.min
    end

    it "marks and checks a cut before it is made, makes it before repairs, and dresses the edge it leaves" do
      acts = Core::Planning::Shape::Reshaping.between(shape.call, shape.call(width: 700.0))
      narrow = Core::Planning::Shape::Zones.of(shape.call(width: 700.0), surface: "solid")
      result = plan(narrow, Plans.choice("paint", colour: "#ffffff"), acts: acts,
                                                                      findings: Plans.findings(["wobble", nil, nil]))
      keys = result.steps.map(&:key)
      order = %w[try-cut_width cut_width reglue dress_edge]
      expect(order.map { |key| keys.index(key) }).to eq(order.map { |key| keys.index(key) }.sort)
      expect(result.step("cut_width").cautions).to include("saw", "dust", "lift")
    end

    it "hands a cut through a finish with lead to a certified firm" do
      acts = Core::Planning::Shape::Reshaping.between(shape.call, shape.call(width: 700.0))
      result = Plans.plan("chest of drawers", zones, Plans.choice("paint"), acts: acts, lead: "present")
      expect(result.step("cut_width")).to have_attributes(outside?: true, breaks?: false,
                                                          label: start_with("Have it done by a certified lead-safe firm"))
    end
  end

  describe "the order between steps" do
    it "gives every need its wait and its reason, and needs nothing twice" do
      result = plan(zones, Plans.choice("paint", colour: "#ffffff"))
      result.steps.each do |step|
        expect(step.needs.map(&:key)).to eq(step.needs.map(&:key).uniq)
        expect(step.needs.map(&:why)).to all(match(/\w{4}/))
      end
      scuff = result.step("scuff").needs.find { |need| need.key == "wash-rinse" }
      expect([scuff.wait, scuff.why]).to eq([120, "scratches show through a finish"])
    end

    it "lets what shares no zone change places, though the phases differ" do
      early = [planning::Edit.new(id: 1, kind: "before", step: "hardware-clean", other: "vacuum")]
      keys = plan(zones, Plans.choice("oil"), look: { hardware: "cleaned" }, edits: early).steps.map(&:key)
      expect(keys.index("hardware-clean")).to be < keys.index("vacuum")
    end

    it "makes the same plan of the same brief" do
      plans = Array.new(2) do
        plan(zones, Plans.choice("paint", colour: "#243b53"),
             findings: Plans.findings(["gouge", "top", 4], ["musty", nil, nil]))
      end
      expect(plans.map do |one|
        one.steps.map do |step|
          [step.key, step.seconds, step.wait, step.needs.map(&:to_h)]
        end
      end.uniq.size).to eq(1)
    end
  end
end
