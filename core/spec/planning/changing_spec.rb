# frozen_string_literal: true

require "spec_helper"

# A plan is cheap to change: trials, undecided zones, edits, what was done, substitutes, recipes.
RSpec.describe "changing a plan" do
  planning = Core::Planning
  edit = ->(kind, step, **rest) { planning::Edit.new(id: rest.delete(:id) || 1, kind: kind, step: step, **rest) }
  let(:zones) do
    Plans.zones("chest of drawers", "solid", width: 900.0, depth: 450.0, height: 850.0, drawer_rows: [1, 1])
  end
  let(:white) { Plans.choice("paint", colour: "#ffffff") }

  def plan(choices = white, **rest) = Plans.plan("chest of drawers", zones, choices, lead: "clear", **rest)
  def keys(plan) = plan.steps.map(&:key)

  describe "what was tried" do
    it "turns to scraper and sander when the stripper failed on its patch" do
      stained = Plans.choice("stain", colour: "#6b3d1e")
      found = Plans.findings(["painted", nil, 2])
      expect(keys(plan(stained, findings: found))).to include("try-strip", "strip/1", "neutralise")
      failed = keys(plan(stained, findings: found, trials: { "try-strip" => "failed" }))
      expect(failed).to include("scrape").and(satisfy { |all| all.grep(/strip/).empty? })
    end

    it "tries a wash, a tinted clear coat, a new product and a cut before they cannot be taken back, and falls back" do
      wash = Plans.choice("wash", colour: "#dddddd")
      expect(keys(plan(wash))).to include("try-wash")
      expect(plan(wash, trials: { "try-wash" => "failed" }).steps.map(&:kind)).to include("painting")
      navy = Plans.choice("paint", colour: "#0a1a2f", wear: "hard")
      expect(keys(plan(navy))).to include("try-tint")
      expect(plan(navy,
                  trials: { "try-tint" => "failed" }).steps.map(&:label)).to include("Clear coat, coat 1: water-based clear coat")
      cut = planning_act("cut_width", cut: true)
      expect(keys(plan(acts: [cut]))).to include("try-cut_width", "cut_width")
      expect(keys(plan(acts: [cut], trials: { "try-cut_width" => "failed" }))).not_to include("cut_width")
    end

    it "tries the workshop's own product until it has worked once, and recalls what happened" do
      own = Core::Shelf::Products.new(own: [{ key: "p1", like: "paint_all", label: "leaf green satin", recoat: 240 }],
                                      currency: Plans::EURO)
      choice = Plans.choice("paint", colour: "#ffffff", product: "p1")
      brief = lambda { |list|
        Plans.brief("chest of drawers", zones, choice, lead: "clear", experiences: list).tap do |one|
          one.products = own
        end
      }
      fresh = planning::Planner.new(brief.call([])).plan
      expect(keys(fresh)).to include("try-product/p1")
      expect(fresh.steps.find { |step| step.key.start_with?("coat/") }.wait).to eq(240)
      seen = planning::Experience.new(product: "p1", surface: "varnish", worked: true, seconds_lost: 0)
      again = planning::Planner.new(brief.call([seen])).plan
      expect(keys(again)).not_to include("try-product/p1")
      expect(again.steps.find { |step| step.key.start_with?("coat/") }.remembered).to eq([seen])
      expect(again.steps.find { |step| step.key == "wash" }.remembered).to be_empty
    end

    def planning_act(key, **rest) = Core::Planning::Shape::Reshaping::Act.new(key: key, label: "Cut it", **rest)
  end

  describe "undecided zones" do
    it "are planned as far as their options go together, and say the last moment and what each costs" do
      choices = zones.select(&:shown?).to_h do |zone|
        [zone.key, zone.key == "top" ? Plans.choice("undecided", options: %w[paint oil]) : white]
      end
      result = plan(choices)
      gate = result.step("decide/top")
      on_top = result.steps.select { |step| step.zones.include?("top") }.map(&:key)
      expect(on_top.take_while { |key| key != "decide/top" }).to include("wash", "wash-rinse")
      expect(on_top.take_while { |key| key != "decide/top" }.grep(/scuff|scrape|coat|oil/)).to be_empty
      expect(gate.why).to match(/Paint \d.*, Oil \d/)
      expect(planning::Ready.new(result, today: Date.new(2026, 3, 2)).answer.why).to eq("1 zone is undecided")
    end
  end

  describe "the user's edits" do
    it "change minutes, waits, words; remove, split and add steps; and outlive another colour" do
      edits = [edit.call("time", "wash", seconds: 600), edit.call("wait", "wash-rinse", minutes: 30), edit.call("remove", "pads"),
               edit.call("note", "wash", text: "mind the edge"), edit.call("split", "scuff", number: 2),
               edit.call("add", "dust", id: 7, text: "Fill the knot", work: "repair", seconds: 900, minutes: 60)]
      [white, Plans.choice("paint", colour: "#7d9468")].each do |choice|
        result = plan(choice, edits: edits)
        expect(result.step("wash")).to have_attributes(seconds: 600, notes: ["mind the edge"])
        expect(result.step("wash-rinse").wait).to eq(30)
        expect(keys(result)).to include("scuff#1", "scuff#2").and(satisfy { |all| !all.intersect?(%w[pads scuff]) })
        expect([result.step("scuff#1").wait, result.step("scuff#1").seconds]).to eq([0, result.step("scuff#2").seconds])
        own = result.step("own-7")
        expect([own.label, own.seconds, own.wait, own.phase]).to eq(["Fill the knot", 900, 60, "dust"])
        following = result.steps.find { |step| step.key.start_with?("coat/") }
        expect(following.needs.map(&:key)).to include("own-7")
      end
    end

    it "say which of them found no step" do
      lost = plan(edits: [edit.call("time", "stencil/0", seconds: 60),
                          edit.call("wait", "wash", minutes: 5)]).lost_edits
      expect(lost.map(&:step)).to eq(["stencil/0"])
    end

    it "never take away the lead test" do
      result = Plans.plan("chest of drawers", zones, white, edits: [edit.call("remove", "lead")])
      expect(keys(result)).to include("lead")
    end

    it "reorder at will; what is against the craft is said with its reason, a circle is refused" do
      moved = plan(edits: [edit.call("before", "wax-runners", other: "tip-kit")])
      expect(keys(moved).index("wax-runners")).to be < keys(moved).index("tip-kit")
      first = keys(plan).grep(%r{\Acoat/}).first
      asked = lambda { |*edits|
        planning::Planner.new(plan.brief.dup.tap do |brief|
          brief.edits = edits
        end, strict: true).plan
      }
      own_way = asked.call(edit.call("before", first, other: "scuff"))
      expect(keys(own_way).index(first)).to eq(keys(own_way).index("scuff") - 1)
      expect(own_way.faults).to include(have_attributes(level: :craft, code: :no_grip, step: own_way.step(first),
                                                        text: /scuff it until it is dull/))
      expect(own_way.lost_edits).to eq([])
      expect do
        asked.call(edit.call("before", "wash", other: "wash"))
      end.to raise_error(Core::Refusal, /it is the same step/)
      expect do
        asked.call(edit.call("before", "wash", other: "hardware-off"),
                   edit.call("before", "hardware-off", id: 2, other: "wash"))
      end
        .to raise_error(Core::Refusal, /can't come before/) { |error| expect(error.field).to eq(:before) } # a circle
    end
  end

  describe "what was done already" do
    def marks(plan, *found)
      found.flat_map { |key| plan.step(key).zones.map { |zone| Core::Planning::Mark.new(key: key, zone: zone) } }
    end

    it "counts by zone, so that three of four may be done" do
      whole = plan
      part = plan(marks: [planning::Mark.new(key: "scuff", zone: "top"),
                          planning::Mark.new(key: "scuff", zone: "frame")])
      step = part.step("scuff")
      expect([step.state, step.done_zones]).to eq(["part", %w[top frame]])
      expect(step.remaining).to be_between(1, whole.step("scuff").seconds - 1)
      expect(part.remaining).to eq(whole.seconds - whole.step("scuff").seconds + step.remaining)
    end

    it "keeps what was done when the look changes, plans over the new paint and says what was left behind" do
      blue = plan(Plans.choice("paint", colour: "#243b53"))
      done = marks(blue, *keys(blue).take_while { |key| !key.start_with?("inspect") })
      changed = plan(white, marks: done)
      expect(changed.step("wash").state).to eq("done")
      expect(keys(changed)).to include("scuff~1").and(satisfy { |all| all.grep(/lead/).empty? })
      coats = keys(changed).grep(%r{\Acoat/paint\|paint_all\|#ffffff/})
      expect(coats.size).to eq(4) # white over dark, no primer
      expect(changed.left_behind.map(&:key).uniq).to include(match(%r{\Acoat/paint\|paint_all\|#243b53/1}))
      expect(plan(Plans.choice("paint", colour: "#243b53"), marks: done).left_behind).to be_empty
    end

    it "does not scuff what was stripped for an earlier look" do
      found = Plans.findings(["painted", nil, 2])
      bare = plan(Plans.choice("oil"), findings: found)
      changed = plan(white, findings: found, marks: marks(bare, "strip/1", "neutralise"))
      expect(changed.steps.flat_map { |step| step.breaks? ? [step.key] : [] }).to be_empty
    end
  end

  it "fills the old holes before the new ones are drilled, lets an oil-based stain dry a day, and counts an undercolour" do
    pulls = keys(plan(findings: Plans.findings(["old_holes", nil, 96]), look: { hardware: "replaced", spacing: 128.0 }))
    expect(pulls.index("fill-holes")).to be < pulls.index("level-holes")
    expect(pulls.index("level-holes")).to be < pulls.index("drill")
    expect(pulls.index("drill")).to be < pulls.index("scuff")
    gel = plan(Plans.choice("stain", product: "stain_gel")).steps.find { |step| step.key.start_with?("colour/") }
    expect([gel.wait, gel.wait_why]).to eq([1440, "a day before a water-based coat goes over it"])
    under = plan(Plans.choice("paint", colour: "#ffffff", undercolour: "#243b53")).steps.select do |step|
      step.label.start_with?("Paint")
    end
    expect(under.map(&:label).grep(/#ffffff/).size).to eq(3) # white over its dark undercolour
    expect(plan.steps.map(&:seconds)).to all(satisfy { |seconds| (seconds % 60).zero? })
  end

  it "says when edges and trim are painted, by the workshop's way" do
    notes = lambda { |way|
      plan(practices: planning::WorkshopPractices.new("edges" => way)).steps.select do |step|
        step.label.start_with?("Paint")
      end.map(&:notes)
    }
    expect(notes.call("last")).to eq([["body first, then edges and trim"], [], ["edges and trim first"]])
    expect(notes.call("first")).to eq([["edges and trim first"]] * 3)
  end

  it "takes another product instead, with its own coats and waits" do
    shellac = plan(findings: Plans.findings(["tannin_wood", nil, nil]))
    brief = shellac.brief.dup.tap { |one| one.products = one.products.with_swaps("primer_shellac" => "primer_block") }
    other = planning::Planner.new(brief).plan
    primed = ->(result) { result.steps.select { |step| step.phase == "prime" && step.kind == "priming" }.map(&:wait) }
    expect([primed.call(shellac), primed.call(other)]).to eq([[45, 45], [720, 720]])
  end

  it "holds steps for parts that are on their way" do
    found = Plans.findings(["missing_foot", nil, 1]).each { |finding| finding.expected_on = Date.new(2026, 3, 20) }
    result = plan(findings: found, look: { hardware: "replaced", hardware_on: Date.new(2026, 4, 2) })
    slots = planning::Ready.new(result, today: Date.new(2026, 3, 2)).answer.slots
    expect([slots["fit_feet"].from / 1440, slots["hardware-on"].from / 1440]).to eq([18, 31])
    expect(keys(result).index("drill")).to be < keys(result).index(keys(result).grep(%r{\Acoat/}).first)
  end

  it "keeps a plan as a recipe and fits it to another piece, times scaled to its areas" do
    source = plan(edits: [edit.call("time", "scuff", seconds: 3600)])
    recipe = planning::Recipe.from(source.brief, source)
    small = Plans.zones("bedside table", "solid", width: 450.0, depth: 400.0, height: 600.0)
    choices = planning::Recipe.choices_for(recipe, small)
    expect(choices["door-1"]).to be_nil # nothing like it there
    expect(choices.values_at("top", "front-1-1").map(&:colour)).to eq(["#ffffff"] * 2)
    brief = Plans.brief("bedside table", small, choices, lead: "clear")
    fitted = planning::Recipe.edits_for(recipe, brief, planning::Planner.new(brief).plan).first
    area = ->(list, touched) { list.select { |zone| touched.include?(zone.key) }.sum(&:square_metres) }
    ratio = area.call(small,
                      choices.keys & small.select(&:shown?).map(&:key)) / area.call(zones, source.step("scuff").zones)
    expect(fitted).to include(kind: "time", step: "scuff", seconds: (3600 * ratio / 60).round * 60)
  end

  it "says what a look comes to, and leaves undefined what is not known" do
    outcome = lambda { |**rest|
      planning::Outcome.new(plan, resale: 30_000, cash_in: 4_000, done: 3600, fee_rate: 1/10r, fixed: 100,
                                  **rest).figures.to_h do |figure|
        [figure.key, figure]
      end
    }
    figures = outcome.call
    used = figures[:materials_to_come].amount
    expect(figures[:take_home].amount).to eq(26_900) # 300.00 − 30.00 − 1.00
    expect(figures[:profit].amount).to eq(26_900 - 4_000 - used)
    expect(figures[:pay].amount).to eq(Rational((26_900 - 4_000 - used) * 3600, 3600 + plan.seconds))
    expect(outcome.call(whole: true)[:materials_to_come].amount).to eq(outcome.call[:to_buy].amount)
    expect(outcome.call(extra: { "New hardware" => 1_500,
                                 "Wood and parts" => 500 })[:materials_to_come].amount).to eq(used + 2_000)
    expect(outcome.call(resale: nil)[:pay]).to have_attributes(amount: nil, why: "no expected price yet")
  end

  it "names zones shortly" do
    all = zones.map(&:key)
    expect([planning::ZoneWords.list(all, zones),
            planning::ZoneWords.list(%w[front-1-1 front-2-1 top hardware], zones)])
      .to eq(["whole piece", "Top, all drawer fronts, hardware"])
  end
end
