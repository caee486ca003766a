# frozen_string_literal: true

require "spec_helper"

# Slats, wrap, legs and the like in the plan, as part of the look (common practice, no source).
RSpec.describe Core::Planning::Applied do
  planning = Core::Planning
  pale = "#f0ece0"

  let(:zones) do
    Plans.zones("chest of drawers", "solid", width: 900.0, height: 700.0, depth: 450.0, drawer_rows: [1, 1, 1])
  end
  let(:fronts) { described_class.usual("slats", zones) }

  def work(tool, on, parts: 30, relief: 1, id: 1, materials: {})
    described_class.new(id: id, tool: tool, zones: on, parts: parts, relief: relief, materials: materials)
  end

  def plan(*works, findings: [], lead: "clear", **rest)
    Plans.plan("chest of drawers", zones, Plans.choice("paint", colour: "#f0ece0"), findings: findings, lead: lead,
                                                                                    look: { works: works }, **rest)
  end

  def keys(plan) = plan.steps.map(&:key)
  def on(plan, zone) = plan.steps.select { |step| step.zones.include?(zone) }.map(&:key)
  def at(plan, prefix) = keys(plan).index { |key| key.start_with?(prefix) } || raise("no #{prefix} in #{keys(plan)}")
  def minutes(plan, tool) = plan.steps.select { |step| step.key.start_with?("#{tool}-") }.sum(&:seconds) / 60.0

  describe "slats" do
    it "on three drawer fronts take two to four hours: cut, sanded, glued and pinned" do
      expect(fronts).to eq(%w[front-1-1 front-2-1 front-3-1])
      expect(minutes(plan(work("slats", fronts, parts: 28)), "slats")).to be_between(120, 240)
    end

    it "go on what is washed, dull and dry, and are sanded and painted after the glue has set" do
      made = plan(work("slats", fronts))
      order = %w[vacuum wash wash-rinse ground slats-cut slats-ease slats-fix smooth-new dust coat/].map do |key|
        at(made, key)
      end
      expect(order).to eq(order.sort)
      expect(made.step("slats-fix/1")).to have_attributes(wait: 720, cautions: [])
      expect(made.step("slats-cut/1").cautions).to include("saw", "dust")
      expect(on(made, "front-1-1")).not_to include("scuff")
      expect(made.faults).to eq([])
    end

    it "count their relief: so much more paint, and a small brush on them" do
      flat = plan.materials.fetch("paint_all@#f0ece0")
      area = zones.sum { |zone| fronts.include?(zone.key) ? zone.square_metres : 0 }
      coats = plan.steps.count { |step| step.key.start_with?("coat/") }
      relief = plan(work("slats", fronts, relief: 1.5)).materials.fetch("paint_all@#f0ece0")
      more = area * coats / 13.5 * 1000 * (1.5 - 1) # 13.5 m² a litre
      expect(relief - flat).to be_within(0.05 * more).of(more)
    end

    it "hide what lies under them: its dents are not filled, its old paint is not stripped" do
      dents = Plans.findings(["gouge", "front-1-1", 4], ["painted", "front-1-1", 4])
      expect(on(plan(findings: dents), "front-1-1")).to include("fill", "level")
      expect(on(plan(work("slats", fronts), findings: dents), "front-1-1")).to include("ground", "slats-fix/1").and(
        satisfy { |all| !all.intersect?(%w[fill level strip/1 scrape]) }
      )
    end

    it "want lead answered before the ground is scuffed; where it is there the ground is wiped wet" do
      asked = plan(work("slats", fronts), lead: nil)
      expect(at(asked, "lead")).to be < at(asked, "ground")
      present = plan(work("slats", fronts), lead: "present")
      expect(on(present, "front-1-1")).to include("ground-wet", "smooth-new").and(satisfy { |all|
        !all.include?("ground")
      })
      expect(present.faults.select(&:refused?)).to eq([])
    end

    it "are a fault on dirt, on a glossy finish, and without their wait" do
      faults = lambda do |kind, step, **rest|
        edit = planning::Edit.new(id: 9, kind: kind, step: step, **rest)
        plan(work("slats", fronts), edits: [edit]).faults.map(&:text).join(" ")
      end
      expect(faults.call("remove", "ground")).to include("glue does not hold on a glossy finish")
      expect(faults.call("wait", "slats-fix/1", minutes: 30)).to include("is not dry yet")
      washed = %w[wash wash-rinse].map.with_index do |key, place|
        planning::Edit.new(id: place, kind: "remove", step: key)
      end
      expect(plan(work("slats", fronts),
                  edits: washed).faults.map(&:text).join).to include("glue does not hold on dirt")
    end
  end

  it "is new wood to what does not go together, too: old knots do not bleed through slats, old fills do not show under them" do
    told = lambda do |*works|
      never = planning::WorkshopPractices.new("primer" => "never")
      knots = Plans.findings(["knots", "front-1-1", 2])
      brief = Plans.brief("chest of drawers", zones, Plans.choice("paint", colour: pale), findings: knots,
                                                                                          practices: never, look: { works: works })
      planning::Conflicts.of(brief)
    end
    expect([told.call, told.call(work("slats", fronts))].map do |all|
      all.map(&:key).include?("bleed")
    end).to eq([true, false])
  end

  it "hides the old holes of pulls, and new ones go through it and what lies under it" do
    look = { works: [work("slats", fronts)], hardware: "replaced", spacing: 96.0 }
    replaced = lambda { |lead|
      Plans.plan("chest of drawers", zones, Plans.choice("paint", colour: pale), lead: lead, look: look)
    }
    expect(keys(replaced.call("clear"))).to include("drill").and(satisfy { |all|
      !all.intersect?(%w[fill-holes level-holes spot-seal])
    })
    asked = replaced.call(nil)
    expect(%w[drill ground smooth-new].to_h { |key| [key, asked.step(key).cautions.include?("lead")] })
      .to eq("drill" => true, "ground" => true, "smooth-new" => false)
  end

  it "wraps fronts and finishes the new wood bare under a clear coat, whatever they were painted before" do
    painted = Plans.choice("paint", colour: pale)
    choices = zones.select(&:shown?).to_h do |zone|
      [zone.key, fronts.include?(zone.key) ? Plans.choice("clear") : painted]
    end
    made = Plans.plan("chest of drawers", zones, choices, findings: Plans.findings(["painted", nil, 3]), lead: "clear",
                                                          look: { works: [work("sheets", fronts, parts: 3, relief: 1.57)] })
    expect(on(made, "front-1-1")).to include("sheets-fix/1", "sheets-flush/1", "clear/clear_water/1")
      .and(satisfy { |all| all.none? { |key| key.match?(/\A(strip|scrape|ladder|coat)/) } })
    expect(made.faults).to eq([])
    expect(made.materials["glue"]).to be_within(15).of(150 * zones.sum { |zone|
      fronts.include?(zone.key) ? zone.square_metres : 0
    })
  end

  it "fits legs that were not there as new wood: neither washed nor stripped, on last" do
    made = plan(work("legs", %w[legs], parts: 4))
    expect(on(made, "legs")).to include("legs-fit/1", "legs-fasten/1").and(satisfy { |all|
      !all.intersect?(%w[vacuum wash scuff])
    })
    expect(at(made, "legs-fasten")).to be > at(made, "coat/")
    expect(made.faults).to eq([])
  end

  it "looks for nothing on new legs that was found on the old piece" do
    made = plan(work("legs", %w[legs], parts: 4), findings: Plans.findings(["nails", nil, 20], ["gouge", "legs", 3]))
    expect(on(made, "legs")).to(satisfy { |all| !all.intersect?(%w[draw_nails fill level]) })
    expect([on(made, "side-left").include?("draw_nails"), made.faults]).to eq([true, []])
  end

  it "cuts grooves and tops before anything is filled or finished, and asks about lead first" do
    grooves = plan(work("grooves", fronts, parts: 5), findings: Plans.findings(["gouge", "top", 3]), lead: nil)
    expect([at(grooves, "lead"), at(grooves, "grooves-cut"), at(grooves, "fill")].each_cons(2).all? do |one, two|
      one < two
    end).to be(true)
    expect(grooves.step("grooves-cut/1").cautions).to include("saw", "lead")
    expect(at(plan(work("split_top", %w[top], parts: 2)),
              "split-top-cut")).to be < at(plan(work("split_top", %w[top], parts: 2)), "scuff")
  end

  it "brings along what its tool asks for, once" do
    made = plan(work("brackets", described_class.usual("brackets", zones), parts: 12, materials: { "screws" => 53 }))
    expect(made.materials["screws"]).to eq(53)
    expect(made.step("brackets-fit/1").seconds).to eq(((3 + (12 * 3)) * 1.15).round * 60)
  end

  it "adds legs to a shape without a cut where its height stays, and cuts where it becomes lower" do
    shape = ->(**rest) { planning::Shape::PieceShape.new(kind: "chest of drawers", width: 900.0, depth: 450.0, height: 800.0, base: "none", **rest) }
    acts = ->(now) { planning::Shape::Reshaping.between(shape.call, now).map(&:key) }
    expect(acts.call(shape.call(base: "legs", leg: 150.0))).to eq(["add_base"])
    expect(acts.call(shape.call(height: 700.0))).to eq(["cut_height"])
  end
end
