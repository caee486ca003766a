# frozen_string_literal: true

require_relative "../support/api_helper"

# Working a plan: cautions, the lead question, trials, edits, parts, recipes.
RSpec.describe "working a plan", :api do
  let(:id) do
    piece(name: "Chest", kind: "chest of drawers", width: "900", depth: "450", height: "850", drawer_rows: "1,1",
          surface_material: "solid")
  end

  before do
    made = call(:post, "/api/pieces/#{id}/looks", { name: "Plain" }).fetch("id")
    zones = plan.fetch("zones").select { |zone| zone["shown"] }.map { |zone| zone["key"] }
    call(:put, "/api/looks/#{made}/zones", { zones: zones, finish: "paint", colour: "#ffffff" })
  end

  def plan(of = id) = call(:get, "/api/pieces/#{of}/plan")
  def steps = plan.fetch("plan").fetch("steps")
  def step(key) = steps.find { |one| one["key"] == key }
  def keys = steps.map { |one| one["key"] }
  def done(key, **rest) = call(:post, "/api/pieces/#{id}/steps/done", { step: key, **rest })
  def edit(kind, key, **rest) = call(:post, "/api/pieces/#{id}/plan-edits", { kind: kind, step: key, **rest })

  it "asks about lead before anything breaks an old finish, and the answer changes the plan and stands in the diary" do
    expect(plan["lead"]).to include("open" => true, "answer" => nil)
    expect(keys.index("lead")).to be < keys.index("scuff")
    expect(done("lead")["errors"].first["message"]).to include("The lead test needs its result")
    told = call(:post, "/api/pieces/#{id}/lead", { answer: "present" }).fetch("changes")
    expect(told.join).to include("of work left")
    expect(keys).to include("seal-in").and(satisfy { |all| !all.intersect?(%w[scuff lead]) })
    call(:post, "/api/pieces/#{id}/lead", { answer: "clear" })
    expect(keys).to include("scuff").and(satisfy { |all| !all.include?("seal-in") })
    expect(call(:get, "/api/pieces/#{id}").fetch("diary").map do |line|
      line["text"]
    end).to include("Lead: lead found.", "Lead: no lead found.")
    expect(refusal(call(:post, "/api/pieces/#{id}/lead", { answer: "perhaps" }),
                   :answer)).to include("isn't one of the choices")
  end

  it "ticks steps off by zone, wants serious cautions confirmed once per piece, and takes both back" do
    call(:post, "/api/pieces/#{id}/findings", { kind: "woodworm" })
    expect(refusal(done("treat_worm"), :caution)).to include("Read the caution first")
    %w[mould solvent].each { |caution| call(:post, "/api/pieces/#{id}/confirmations", { caution: caution }) }
    expect(done("treat_worm")["marks"]).to be_positive
    expect(step("treat_worm")["cautions"]).to all(include("confirmed" => true))
    expect(refusal(call(:post, "/api/pieces/#{id}/confirmations", { caution: "wolves" }),
                   :caution)).to include("isn't a caution")

    before = plan["plan"]["remaining"]["seconds"]
    done("wash", zones: ["top"])
    expect(step("wash")).to include("state" => "part", "done_zones" => ["top"])
    expect(plan["plan"]["remaining"]["seconds"]).to be < before
    done("wash")
    expect(step("wash")).to include("state" => "done", "remaining" => include("seconds" => 0))
    expect(refusal(done("wash"), :step)).to include("already done")
    expect(refusal(done("wash", zones: ["lid"]), :zones)).to include("no zone")
    gone = call(:post, "/api/pieces/#{id}/steps/open", { step: "wash", zones: ["top"] }).fetch("id")
    expect(step("wash")["state"]).to eq("part")
    call(:post, "/api/deletions/#{gone}/undo")
    expect(step("wash")["state"]).to eq("done")
    expect(refusal(call(:post, "/api/pieces/#{id}/steps/open", { step: "pads" }), :step)).to include("This step isn't done")
  end

  it "counts what was sanded when other papers are planned for it, and takes it back under the step that stands there now" do
    look = call(:get, "/api/pieces/#{id}/plan").fetch("looks").first.fetch("id")
    prepared = ->(how) { call(:put, "/api/looks/#{look}/zones", { zones: ["top"], finish: "clear", preparation: how }) }
    ladder = -> { steps.find { |one| one["key"].start_with?("ladder/") } }
    call(:post, "/api/pieces/#{id}/lead", { answer: "clear" })
    prepared.call("sander_80")
    call(:post, "/api/pieces/#{id}/confirmations", { caution: "dust" })
    before = ladder.call["key"]
    expect(done(before)["marks"]).to eq(1)
    prepared.call("sander_60")
    expect(ladder.call["key"]).to start_with("ladder/60-").and(satisfy { |key| key != before })
    expect([ladder.call["state"], plan["plan"]["behind"]["steps"]]).to eq(["done", []])
    call(:post, "/api/pieces/#{id}/steps/open", { step: ladder.call["key"] })
    expect([ladder.call["state"], Records::StepMark.live.count]).to eq(["open", 0])
  end

  it "keeps what was done when the look changes, and says what is left behind" do
    call(:post, "/api/pieces/#{id}/lead", { answer: "clear" })
    first = steps.find { |one| one["label"].start_with?("Paint, coat 1") }["key"]
    call(:post, "/api/pieces/#{id}/confirmations", { caution: "solvent" })
    done(first)
    look = plan["looks"].first["id"]
    zones = plan["zones"].select { |zone| zone["shown"] }.map { |zone| zone["key"] }
    told = call(:put, "/api/looks/#{look}/zones", { zones: zones, finish: "paint", colour: "#243b53" }).fetch("changes")
    expect(told.join(" ")).to include("of work for an earlier look no longer counts")
    expect(plan["plan"]["behind"]).to include("steps" => ["Paint, coat 1: all-in-one satin paint, #ffffff"])
    expect(keys).to include("scuff~1")
  end

  it "ticks all up to a step at once, after what ends with an answer and with cautions read, and takes it back" do
    up_to = ->(key) { call(:post, "/api/pieces/#{id}/steps/done-up-to", { step: key }) }
    expect(refusal(up_to.call("scuff"), :step)).to include("needs an answer")
    call(:post, "/api/pieces/#{id}/lead", { answer: "clear" })
    %w[solvent dust].each { |caution| call(:post, "/api/pieces/#{id}/confirmations", { caution: caution }) }
    before = keys.take(keys.index("scuff") + 1)
    ticked = up_to.call("scuff")["steps"]
    expect(ticked.map { |one| one["step"] }).to eq(before)
    expect(before.map { |key| step(key)["state"] }).to all(eq("done"))
    # Done over the days that it took: in their order, the last one now, and nothing of it dries any more.
    marks = Records::Piece.find(id).step_marks
    done = before.map { |key| marks.find { |mark| mark.step == key }.done_at }
    expect([done, done.last]).to eq([done.sort, Clock.now])
    expect(done.last - done[before.index("wash-rinse")]).to be >= 7200 # it dried two hours
    expect(Operations::Bench::Clocks.running(Records::Piece.find(id))).to eq([])
    expect(refusal(up_to.call("scuff"), :step)).to include("already done")
    ticked.reverse_each { |one| call(:post, "/api/pieces/#{id}/steps/open", one) }
    expect(before.map { |key| step(key)["state"] }).to all(eq("open"))
  end

  it "takes edits that outlive re-planning, refuses an order that cannot be with its reason, and takes them back" do
    edit("time", "wash", time: "45")
    own = edit("add", "dust", text: "Fill the knot", work_kind: "repair", time: "15", wait: "1 h").fetch("id")
    edit("split", "vacuum", number: "2")
    removed = edit("remove", "pads").fetch("id")
    edit("note", "dust", text: "mind the corners")
    expect(step("wash")).to include("time" => include("text" => "45 min"),
                                    "edits" => [include("text" => "your own time")])
    expect(step("own-#{own}")).to include("label" => "Fill the knot", "wait" => "1 h", "kind" => "repair")
    expect(keys).to include("vacuum#1", "vacuum#2").and(satisfy { |all| !all.include?("pads") })
    look = plan["looks"].first["id"]
    call(:put, "/api/looks/#{look}/zones", { zones: ["top"], finish: "oil" })
    expect(step("wash")["time"]["text"]).to eq("45 min")
    expect(plan["plan"]["lost_edits"]).to eq([{ "id" => removed, "text" => "pads", "removed" => true }])

    coat = keys.grep(%r{\Acoat/}).first
    against = refusal(edit("before", coat, before: "scuff"), :before)
    expect(against).to include(": scuff it until it is dull all over. Undo your change, or confirm that that's how you do it")
    gone = edit("before", coat, before: "scuff", our_way: true).fetch("id")
    told = call(:get, "/api/pieces/#{id}/plan").dig("plan", "faults")
    expect(told).to include(include("level" => "craft", "text" => include("slides on a glossy finish"),
                                    "where" => String))
    call(:delete, "/api/plan-edits/#{gone}")
    expect(call(:get, "/api/pieces/#{id}/plan").dig("plan", "faults")).to eq([])
    expect(refusal(edit("remove", "wash-rinse"), :step)).to include("presses dirt into it", "confirm that that's how you do it")
    expect(refusal(edit("wait", "wash-rinse", wait: "5 min"), :wait)).to include("is not dry yet: 2 h between them")
    expect(refusal(edit("before", "wash", before: "nowhere"), :before)).to include("no such step")
    expect(refusal(edit("remove", "lead"), :step)).to include("You can't remove the lead test")
    expect(refusal(edit("split", "dust", number: "1"), :number)).to include("Enter 2 to 9")
    expect(edit("before", "wax-runners", before: "tip-kit")).to include("id")
    expect(keys.index("wax-runners")).to be < keys.index("tip-kit")
    call(:delete, "/api/plan-edits/#{removed}")
    expect(keys).to include("pads")
  end

  it "remembers what worked and what did not, by one tap, and falls back where a trial failed" do
    call(:post, "/api/pieces/#{id}/findings", { kind: "painted", measure: "4" })
    call(:post, "/api/pieces/#{id}/lead", { answer: "clear" })
    call(:post, "/api/pieces/#{id}/confirmations", { caution: "stripper" })
    expect(step("try-strip")["try"]).to eq("stop" => 30, "fallback" => "scraper and sander")
    failed = call(:post, "/api/pieces/#{id}/experiences",
                  { step: "try-strip", worked: "no", lost: "25", note: "hardly softened" }).fetch("id")
    expect(keys).to include("scrape").and(satisfy { |all| all.grep(/strip/).empty? })
    expect(call(:get,
                "/api/pieces/#{id}").fetch("diary").last["text"]).to include("did not work, 25 min lost. hardly softened")
    call(:delete, "/api/experiences/#{failed}")
    expect(step("try-strip")["state"]).to eq("done")

    call(:post, "/api/pieces/#{id}/experiences", { step: "wash", worked: "yes" })
    expect(step("wash")["remembered"]).to eq(["Worked before on paint"])
    expect(refusal(call(:post, "/api/pieces/#{id}/experiences", { step: "nowhere", worked: "yes" }),
                   :step)).to include("no such step")
  end

  it "numbers parts once, never gives a number twice, and ticks them off when they are back" do
    parts = call(:post, "/api/pieces/#{id}/parts/number").fetch("parts")
    expect(parts.map do |part|
      part.values_at("number", "what")
    end).to eq([[1, "Drawer 1"], [2, "Drawer 2"], [3, "Tub: screws and pulls"]])
    expect(call(:post, "/api/pieces/#{id}/parts/number")["errors"].first["message"]).to include("Every part that comes off already has a number")
    call(:delete, "/api/parts/#{parts.last['id']}")
    own = call(:post, "/api/pieces/#{id}/parts", { what: "Key", place: "top drawer" })
    expect(own).to include("number" => 4, "back_on" => nil)
    expect(call(:patch, "/api/parts/#{own['id']}", { back: "yes" })["back_on"]).to be_a(Hash)
    expect(call(:patch, "/api/parts/#{own['id']}", { back: "" })["back_on"]).to be_nil
    expect(plan["parts"].map { |part| part["number"] }).to eq([1, 2, 4])
  end

  it "keeps a plan as a recipe and lays it over another piece, and forgets it on request" do
    edit("time", "scuff", time: "60")
    recipe = call(:post, "/api/pieces/#{id}/recipes", { name: "White, quick" }).fetch("id")
    expect(call(:get, "/api/catalogue").fetch("recipes")).to eq([{ "id" => recipe, "name" => "White, quick" }])
    small = piece(name: "Bedside", kind: "bedside table", width: "420", depth: "380", height: "600",
                  surface_material: "solid")
    call(:post, "/api/pieces/#{small}/looks", { name: "As before", recipe: recipe })
    page = plan(small)
    expect(page["looks"].first["zones"].find do |row|
      row["zone"] == "front-1-1"
    end).to include("finish" => "paint", "colour" => "#ffffff")
    expect(page["plan"]["steps"].find { |one| one["key"] == "scuff" }["time"]["seconds"]).to be_between(60, 3540)
    gone = call(:delete, "/api/recipes/#{recipe}").fetch("id")
    expect(call(:get, "/api/catalogue").fetch("recipes")).to be_empty
    call(:post, "/api/deletions/#{gone}/undo")
    expect(refusal(call(:post, "/api/pieces/#{id}/recipes", { name: "" }), :name)).to include("empty")
  end

  it "ticks off several alike that are kept as one piece, one by one" do
    chairs = piece(name: "Four chairs", kind: "chair", surface_material: "solid", units: "4")
    made = call(:post, "/api/pieces/#{chairs}/looks", { name: "Navy" }).fetch("id")
    call(:put, "/api/looks/#{made}/zones", { zones: %w[seat legs], finish: "paint", colour: "#243b53" })
    vacuum = -> { plan(chairs)["plan"]["steps"].find { |one| one["key"] == "vacuum" } }
    expect(vacuum.call["units"].map do |unit|
      unit.values_at("label", "done")
    end).to eq([["1 of 4", false], ["2 of 4", false], ["3 of 4", false], ["4 of 4", false]])
    vacuum.call["units"].first(3).each do |unit|
      call(:post, "/api/pieces/#{chairs}/steps/done", { step: "vacuum", zones: unit["zones"] })
    end
    expect([vacuum.call["state"], vacuum.call["units"].map do |unit|
      unit["done"]
    end]).to eq(["part", [true, true, true, false]])
    expect(call(:get, "/api/pieces/#{chairs}")["fields"]["units"]).to eq("4")
    expect(refusal(call(:post, "/api/pieces", { name: "Many", units: "99" }), :units)).to include("is out of range")
  end

  it "learns from finished pieces how long work takes here" do
    call(:post, "/api/pieces/#{id}/lead", { answer: "clear" })
    done("wash")
    person = call(:get, "/api/workshop").dig("people", 0, "id")
    call(:post, "/api/work",
         { kind: "cleaning", effort: "4 h", worked_on: "2026-05-02", person_id: person, pieces: [{ piece_id: id }] })
    before = step("wash")["time"]["seconds"]
    expect(plan["plan"]["learned"]).to be_empty
    event(id, "ready", "2026-05-10")
    planned = Records::StepMark.where(work_kind: "cleaning").sum(:seconds)
    factor = (Rational(4 * 3600, planned) + 5) / 6 # n 1: (1 × ratio + 5) ÷ 6
    expect(plan["plan"]["learned"]).to eq([{ "kind" => "Cleaning", "factor" => format("%.2f", factor), "n" => 1 }])
    expect(step("wash")["time"]["seconds"]).to be_within(30).of(before * factor) # whole minutes
    expect([step("wash")["rests_on"], step("scuff")["rests_on"]]).to eq(["learned from 1 of your own", "usual"])
    edit("time", "wash", time: "20 min")
    expect(step("wash")["rests_on"]).to eq("your own time")
  end

  it "says whether a coat may go on now, and why not" do
    expect(call(:get,
                "/api/read/climate?air=20&humidity=50")).to eq("dew_point" => "9.3 °C", "against" => [], "may" => true)
    damp = call(:get, "/api/read/climate?air=20&humidity=80&surface=18")
    expect(damp).to include("may" => false, "against" => [include("water can settle on the surface: it has to be at least 3 °C above the " \
                                                                  "dew point (16.4 °C)")])
    expect(refusal(call(:get, "/api/read/climate?air=20&humidity=120"), :humidity)).to include("0 to 100")
    expect(refusal(call(:get, "/api/read/climate?air=warm&humidity=50"), :air)).to include("isn't a temperature")
  end

  it "refuses to work a plan that is not there" do
    bare = piece
    expect(call(:post, "/api/pieces/#{bare}/steps/done",
                { step: "wash" })["errors"].first["message"]).to include("no plan yet")
    expect(plan(bare)).to include("plan" => nil, "looks" => [])
  end
end
