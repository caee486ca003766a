# frozen_string_literal: true

require "spec_helper"

# What the house rules, the hardware and the inside change in a plan (practitioners disagree on it; common practice, no
# source).
RSpec.describe "ways of working" do
  planning = Core::Planning
  zones = Plans.zones("bedside table", "solid", width: 420.0, depth: 380.0, height: 600.0)
  found = Plans.findings(["painted", nil, 2])
  white = Plans.choice("paint", colour: "#ffffff")

  def plan(zones, choice, **rest) = Plans.plan("bedside table", zones, choice, lead: "clear", **rest)

  describe "house rules: question and answer => steps that come, steps that go, against the defaults" do
    prime = %w[prime/primer_shellac/1 prime/primer_shellac/1/face1 prime/primer_shellac/1/face2 sand-prime]
    {
      %w[primer findings] => [[], []], %w[primer always] => [prime, []], %w[primer never] => [[], []],
      %w[grip deglosser] => [%w[deglosser], %w[dust scuff]], %w[grip chalk] => [[], []],
      %w[washing after] => [%w[wash-after wash-rinse-after], %w[wash wash-rinse]],
      %w[washing both] => [%w[wash-after wash-rinse-after], []], %w[drawers place] => [%w[drawers-mask drawers-unmask], %w[drawers-in drawers-out]]
    }.each do |(question, answer), (come, gone)|
      it "#{question}: #{answer}" do
        usual = plan(zones, white, findings: found).steps.map(&:key)
        own = plan(zones, white, findings: found,
                                 practices: planning::WorkshopPractices.new(question => answer)).steps.map(&:key)
        expect([(own - usual).sort, (usual - own).sort]).to eq([come, gone])
      end
    end

    it "grip: a deglosser makes no dust, and scratches that were feathered out under it do" do
      gloss = lambda { |*found|
        plan(zones, white, findings: Plans.findings(*found),
                           practices: planning::WorkshopPractices.new("grip" => "deglosser"))
      }
      expect(gloss.call(["glossy", nil, nil]).steps.map(&:key)).not_to include("dust")
      scratched = gloss.call(["scratches", "top", nil])
      expect([scratched.step("dust").zones, scratched.faults]).to eq([["top"], []])
    end

    it "grip: nothing under chalk-style paint, and only under that" do
      chalk = Plans.choice("paint", colour: "#ffffff", product: "paint_chalk")
      own = planning::WorkshopPractices.new("grip" => "chalk")
      expect(plan(zones, chalk, practices: own).steps.map(&:key)).not_to include("scuff")
      expect(plan(zones, white, practices: own).steps.map(&:key)).to include("scuff")
    end

    it "the first paper on the way to the wood, as somebody says for a zone; on veneer from P120 all the same, and told" do
      first = lambda do |list, how|
        plan(list, Plans.choice("clear", preparation: how)).steps.find do |step|
          step.key.start_with?("ladder/")
        end.grits.first
      end
      expect([nil, "sander_60", "sander_80", "sander_100"].map do |how|
        first.call(zones, how)
      end).to eq([120, 60, 80, 100])
      veneer = Plans.zones("bedside table", "veneer")
      expect(first.call(veneer, "sander_80")).to eq(120)
      told = lambda { |how|
        planning::Conflicts.of(Plans.brief("bedside table", veneer, Plans.choice("clear", preparation: how))).map(&:key)
      }
      expect([told.call("sander_80").include?("coarse"), told.call("sander").include?("coarse")]).to eq([true, false])
    end

    it "edges worn by their length, dry with paper or, on chalk-style paint, wet with a cloth and without dust" do
      worn = lambda do |product, answer|
        choice = { "top" => Plans.choice("paint", colour: "#ffffff", product: product, over: %w[distressed]),
                   "edge" => Plans.choice("leave") }
        plan(zones, choice, practices: planning::WorkshopPractices.new("wearing" => answer)).steps.find do |step|
          step.key.start_with?("distressed")
        end
      end
      dry = worn.call("paint_chalk", "dry")
      wet = worn.call("paint_chalk", "wet")
      other = worn.call("paint_all", "wet")
      metres = zones.find { |zone| zone.key == "top" }.edge / 1000.0
      expect(metres).to eq(2 * (0.42 + 0.38))
      expect([dry, wet].map do |step|
        step.tasks.first.minutes
      end).to match([be_within(1e-9).of(metres * 0.3), be_within(1e-9).of(metres * 0.45)])
      expect([dry, wet, other].map(&:grits)).to eq([[220], [], [220]])
      expect([dry, wet].map { |step| step.cautions.include?("dust") }).to eq([true, false])
      expect([dry.label, wet.label]).to match([/with 220 grit/, /with a damp cloth, without dust/])
    end

    it "tells that the primer shows where edges are worn through it, and not where an undercolour lies over it" do
      notes = lambda do |**rest|
        choice = Plans.choice("paint", colour: "#ffffff", over: %w[distressed], **rest)
        plan(zones, choice, look: { primer: "primer_shellac" }).steps.find do |step|
          step.key.start_with?("distressed")
        end.notes
      end
      expect([notes.call, notes.call(undercolour: "#24364f")]).to match([[/the primer will show/], []])
    end

    it "some drawers lined or all there is inside: minutes a drawer, liner by their share" do
      deep = Plans.zones("chest of drawers", "solid", width: 900.0, depth: 450.0, height: 850.0, drawer_rows: [2, 1, 1])
      lined = lambda { |number|
        Plans.plan("chest of drawers", deep, white, lead: "clear",
                                                    look: { inside: "liner", lined: number }).step("liner")
      }
      all = lined.call(nil)
      two = lined.call(2)
      more = lined.call(9)
      expect([all, two, more].map { |step| step.tasks.sum(&:minutes) }).to eq([20, 10, 20]) # five a drawer
      expect(two.materials["liner"]).to be_within(0.01).of(all.materials["liner"] / 2)
      expect(more.materials).to eq(all.materials)
    end

    it "brush, roller or sprayer, as somebody says for a zone, with what that risks and what was proposed" do
      coat = lambda { |how|
        plan(zones, { "top" => Plans.choice("paint", colour: "#ffffff", way: how) }).steps.find do |step|
          step.key.start_with?("coat/")
        end
      }
      proposed = coat.call(nil)
      expect([proposed.ways, proposed.why]).to match([%w[roller brush], satisfy { |why| !why.include?("proposed") }])
      expect([coat.call("roller").why, coat.call("roller").ways]).to eq([proposed.why, proposed.ways]) # trim by brush all the same
      brush = coat.call("brush")
      expect([brush.ways, brush.why]).to match([["brush"], /by brush as you say, roller proposed: it takes longer/])
      expect(brush.seconds).to be > proposed.seconds
      sprayed = coat.call("spray")
      expect([sprayed.ways, sprayed.place, sprayed.cautions, sprayed.why])
        .to match([["spray"], "tent", include("spray"), /House rules say that there is no sprayer/])
    end

    it "grit for scuffing, never coarser than P180 on laminate" do
      grit = lambda { |list, answer|
        plan(list, white, practices: planning::WorkshopPractices.new("scuff_grit" => answer)).step("scuff").grits
      }
      expect(%w[120 180 220 320].map { |answer| grit.call(zones, answer) }).to eq([[120], [180], [220], [320]])
      expect(grit.call(Plans.zones("bedside table", "laminate"), "120")).to eq([180])
    end

    it "sand or strip: by layers and detail, stripper wherever it may be used, or scraper and sander but for veneer" do
      bare = lambda { |list, answer|
        plan(list, Plans.choice("oil"),
             practices: planning::WorkshopPractices.new("strip" => answer)).steps.map(&:key).grep(/strip|scrape/)
      }
      expect(bare.call(zones, "layers")).to eq(%w[try-strip strip/1]) # legs by stripper; flat faces are sanded, the finish is thin
      expect(bare.call(zones, "stripper")).to eq(%w[try-strip strip/1])
      expect(bare.call(zones, "sander")).to eq([])
      old = Plans.findings(["painted", nil, 1])
      scraped = plan(zones, Plans.choice("oil"), findings: old,
                                                 practices: planning::WorkshopPractices.new("strip" => "sander"))
      expect(scraped.steps.map(&:key).grep(/strip|scrape/)).to eq(%w[scrape])
      expect(bare.call(Plans.zones("bedside table", "veneer"), "sander")).to eq(%w[try-strip strip/1])
    end

    it "applying: the way that is asked for, hard places by brush all the same" do
      ways = lambda { |answer|
        plan(zones, white,
             practices: planning::WorkshopPractices.new("applying" => answer)).steps.flat_map(&:ways).uniq.sort
      }
      expect(%w[brush roller spray].map { |answer| ways.call(answer) }).to eq([%w[brush], %w[brush roller], %w[spray]])
      hard = zones.map { |zone| zone.key == "legs" ? zone.with(grade: "hard") : zone }
      expect(plan(hard, white,
                  practices: planning::WorkshopPractices.new("applying" => "spray")).steps.flat_map(&:ways).uniq.sort).to eq(%w[
                                                                                                                               brush spray
                                                                                                                             ])
    end
  end

  describe "hardware" do
    {
      "kept" => %w[hardware-off hardware-on], "cleaned" => %w[hardware-off hardware-clean hardware-on],
      "sprayed" => %w[hardware-off hardware-clean hardware-prime hardware-coat/1 hardware-coat/2 hardware-on],
      "replaced" => %w[hardware-off fill-holes level-holes drill hardware-on], "none" => []
    }.each do |way, steps|
      it "#{way}: #{steps.join(', ')}" do
        expect(plan(zones, white, look: { hardware: way }).steps.map(&:key).grep(/hardware|hole|drill/)).to eq(steps)
      end
    end

    it "sprayed outdoors, with its cautions, and not handled for a day" do
      coat = plan(zones, white, look: { hardware: "sprayed" }).step("hardware-coat/2")
      expect([coat.place, coat.wait, coat.cautions]).to eq(["outdoors", 1440, %w[spray solvent]])
    end

    it "stays on where nothing is done about drawers and doors, unless it is to be cleaned" do
      left = Plans.choice("leave")
      expect(plan(zones, left).steps.map(&:key)).not_to include("hardware-off")
      expect(plan(zones, left,
                  look: { hardware: "cleaned" }).steps.map(&:key)).to include("hardware-off", "hardware-clean",
                                                                              "hardware-on")
    end

    it "new pulls in the old holes ask for no filling" do
      same = plan(zones, white, findings: Plans.findings(["old_holes", nil, 96]),
                                look: { hardware: "replaced", spacing: 96.0 })
      expect(same.steps.map(&:key)).to include("hardware-on").and(satisfy { |keys|
        !keys.intersect?(%w[fill-holes drill])
      })
    end
  end

  describe "inside" do
    inner = %w[drawers inside]
    around = %w[record drawers-out drawers-in pads wax-runners picture]
    {
      "leave" => [], "clean" => %w[vacuum wash
                                   wash-rinse], "liner" => %w[vacuum wash wash-rinse liner], "sealed" => %w[vacuum wash wash-rinse seal-inside]
    }.each do |way, steps|
      it "#{way}: #{steps.empty? ? 'nothing' : steps.join(', ')}" do
        touched = plan(zones, white, look: { inside: way }).steps.select do |step|
          step.zones.intersect?(inner)
        end.map(&:key)
        expect(touched - around).to eq(steps)
      end
    end
  end

  describe "conflicts of the piece as a whole" do
    told = lambda do |key, **look|
      brief = Plans.brief("bedside table", zones, white, findings: Plans.findings([key, nil, nil]), look: look)
      planning::Conflicts.of(brief).to_h { |one| [one.key, [one.settled, one.remedies.map(&:label)]] }
    end

    it "says them of stains inside, rusty hardware and missing pulls, and when they are settled" do
      expect(told.call("stained_inside")["stained"]).to eq([nil, ["line the inside", "seal the inside"]])
      expect(told.call("stained_inside", inside: "liner")["stained"]).to eq(["it is lined", []])
      expect(told.call("rusty")["rusty"].last).to eq(["clean the hardware", "replace all pulls"])
      expect(told.call("rusty", hardware: "cleaned")).not_to include("rusty")
      expect(told.call("pulls_missing", hardware: "cleaned")["pulls"].last).to eq(["replace all pulls"])
      expect(told.call("pulls_missing", hardware: "replaced")).not_to include("pulls")
    end
  end

  describe "when it can be ready" do
    # An oiled top alone; by hand: each evening from 18:00, so many minutes a day, waits run day and night.
    def slots(daily)
      zones = Plans.zones("table", "solid", width: 1000.0, depth: 700.0, height: 750.0)
      plan = Plans.plan("table", zones, { "top" => Plans.choice("oil"), **%w[edge apron legs].to_h do |key|
        [key, Plans.choice("leave")]
      end }, lead: "clear")
      answer = Core::Planning::Ready.new(plan, today: Date.new(2026, 3, 2), daily: daily * 60).answer
      [plan, answer]
    end

    it "begins at 18:00, goes on the next evening where the session ends, and waits a day after each coat of oil" do
      plan, answer = slots(90)
      at = ->(key) { answer.slots.fetch(key) }
      first = plan.steps.first
      expect([at.call(first.key).from, at.call(first.key).to]).to eq([18 * 60, (18 * 60) + (first.seconds / 60)])
      expect(answer.slots.values.map { |slot| slot.from % 1440 }).to all(be_between(18 * 60, (18 * 60) + 90))
      coats = %w[oil/oil/1 oil/oil/2].map { |key| at.call(key) }
      expect(coats.last.from - coats.first.to).to be >= 1440
      expect(answer.days).to eq((answer.slots.values.map(&:free).max / 1440).floor)
    end

    it "comes sooner with longer evenings, and never before the waits are over" do
      days = [30, 90, 600].map { |daily| slots(daily).last.days }
      expect(days).to eq(days.sort.reverse)
      expect(days.last).to be >= 2 # two coats of oil, a day each
    end
  end
end
