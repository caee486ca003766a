# frozen_string_literal: true

require_relative "../support/planned_pieces"

# What can hurt somebody, over the interface: steps, timers, edits, results of tools, products.
RSpec.describe "what can hurt somebody", :api do
  include_context "with planned pieces"

  # A painted stool whose lead question is open; its flaking paint is scraped, its edges are worn through.
  def old(name = "Old stool", over: [], findings: [], **rest)
    made = piece(name: name, kind: "stool", width: "400", depth: "300", height: "450", surface_material: "solid",
                 **rest)
    findings.each { |kind| call(:post, "/api/pieces/#{made}/findings", { kind: kind }) }
    look = call(:post, "/api/pieces/#{made}/looks", { name: "Plain" }).fetch("id")
    zones = call(:get, "/api/pieces/#{made}/plan").fetch("zones").select do |zone|
      zone["shown"]
    end.map { |zone| zone["key"] }
    call(:put, "/api/looks/#{look}/zones", { zones: zones, finish: "paint", colour: "#243b53", over: over })
    made
  end

  def steps(of) = call(:get, "/api/pieces/#{of}/plan").dig("plan", "steps")
  def step_like(of, words) = steps(of).find { |one| one["label"].match?(words) }

  def confirm(of, *cautions)
    cautions.each { |caution| call(:post, "/api/pieces/#{of}/confirmations", { caution: caution }) }
  end

  def lead(of, answer) = call(:post, "/api/pieces/#{of}/lead", { answer: answer })

  it "starts no step that breaks an old finish while the lead question is open, whatever the reason, and goes on once it is answered" do
    stool = old(findings: ["failing"])
    confirm(stool, "lead", "dust", "solvent")
    scrape = step_like(stool, /Scrape off the loose finish/)
    expect(scrape["cautions"].map { |one| one["key"] }).to include("lead", "dust", "knife")
    refused = start(scrape["key"], of: stool, reason: "in a hurry")
    expect(refused["detail"]).to include("Nobody has answered whether the old finish contains lead, and “Scrape off the loose finish and feath")
    expect(refused["danger"]).to include("piece" => { "id" => stool, "name" => "Old stool" }, "caution" => nil)
    expect(refused.dig("danger", "about", "text")).to include("Test it before you sand, scrape, or heat it")
    lead(stool, "clear")
    expect(step_like(stool, /Scrape off the loose finish/)["cautions"].map { |one| one["key"] }).not_to include("lead")
    start(step_like(stool, /Scrape off the loose finish/)["key"], of: stool, reason: "done")
    expect(status).to eq(201)
  end

  it "records what was done all the same, and says what to do now" do
    stool = old(findings: ["failing"])
    key = step_like(stool, /Scrape off the loose finish/)["key"]
    refused = call(:post, "/api/pieces/#{stool}/steps/done", { step: key, reason: "it is done" })
    expect(refused.dig("danger", "caution", "key")).to eq("lead") # read first, as any serious one
    confirm(stool, "lead")
    answer = call(:post, "/api/pieces/#{stool}/steps/done", { step: key, reason: "it is done" })
    expect([answer["marks"],
            answer["now"]]).to match([be >= 1, /Keep children and pets out. Wipe up the dust with wet cloths/])
    vacuum = call(:post, "/api/pieces/#{stool}/steps/done", { step: "vacuum", reason: "it is done" })
    expect(vacuum["now"]).to be_nil
  end

  it "starts no timer for sanding or stripping on an old finish, step or no step" do
    stool = old
    call(:post, "/api/timers", { kind: "sanding", piece_ids: [stool] })
    expect(status).to eq(422)
    unlooked = piece(name: "Just bought")
    expect(call(:post, "/api/timers", { kind: "stripping", piece_ids: [unlooked] }).dig("danger", "piece",
                                                                                        "name")).to eq("Just bought")
    lead(stool, "present")
    expect(call(:post, "/api/timers",
                { kind: "sanding", piece_ids: [stool] })["detail"]).to include("The old finish contains lead, or nobody is sure, so no dry sanding")
    [{ kind: "painting", piece_ids: [stool] },
     { kind: "sanding", piece_ids: [piece(name: "New", made_about: "1999")] }].each do |given|
      timer = call(:post, "/api/timers", given)
      expect([given, status]).to eq([given, 201])
      call(:delete, "/api/timers/#{timer['id']}")
    end
    lead(unlooked, "clear")
    call(:post, "/api/timers", { kind: "stripping", piece_ids: [unlooked] })
    expect(status).to eq(201)
  end

  it "plans worn edges only where they go through nothing that may hold lead, and offers the way out" do
    stool = old(over: ["distressed"])
    worn = step_like(stool, /Wear through the edges/)
    expect(worn["cautions"].map { |one| one["key"] }).to include("lead")
    expect(steps(stool).index { |one| one["key"] == "lead" }).to be < steps(stool).index { |one|
      one["key"] == worn["key"]
    }
    lead(stool, "unsure")
    expect(step_like(stool, /Wear through the edges/)).to be_nil
    conflict = call(:get, "/api/pieces/#{stool}/plan")["looks"].flat_map do |look|
      look["conflicts"]
    end.find { |one| one["text"].include?("worn edges would go through") }
    expect(conflict["remedies"].map { |one| one["label"] }).to eq(["leave the edges whole"])
  end

  it "puts a step of one's own behind the lead question, refuses one that would break lead, and hands a tool's to a firm" do
    stool = old
    call(:post, "/api/pieces/#{stool}/plan-edits",
         { kind: "add", step: "record", text: "Saw the legs shorter", work_kind: "woodwork", time: "20" })
    order = steps(stool).map { |one| one["label"] }
    expect(order.index("Test the old finish for lead")).to be < order.index("Saw the legs shorter")
    expect(step_like(stool, /Saw the legs/)["cautions"].map { |one| one["key"] }).to include("saw", "dust", "lead")
    lead(stool, "present")
    expect(step_like(stool,
                     /Saw the legs/)).to include("outside" => true,
                                                 "label" => start_with("Have it done by a certified lead-safe firm"))
    refused = call(:post, "/api/pieces/#{stool}/plan-edits",
                   { kind: "add", step: "wash", text: "Sand the seat", work_kind: "sanding", time: "20" })
    expect(refusal(refused, :text)).to include("would disturb an old finish that contains lead, or may")
    expect(steps(stool).none? { |one| one["label"].include?("Sand the seat") }).to be(true)
    call(:post, "/api/pieces/#{stool}/tool-results", { tool: "split_top", values: {} })
    expect(status).to eq(201)
    expect(step_like(stool, /[Ss]aw the top/)["outside"]).to be(true)
    refused = start(step_like(stool, /[Ss]aw the top/)["key"], of: stool)
    expect(refused["detail"]).to include("is work for a certified firm")
  end

  it "takes nobody's clean water from between bleach and acid, nor the lead test" do
    stool = old(findings: %w[mould black_stain bare_wood], made_about: "1999")
    keys = steps(stool).map { |one| one["key"] }
    expect(keys).to include("treat_mould", "rinse-treat_mould")
    refused = call(:post, "/api/pieces/#{stool}/plan-edits", { kind: "remove", step: "rinse-treat_mould" })
    expect(refusal(refused, :step)).to include("You can't remove the rinse after bleach or acid")
  end

  it "carries the cautions of a product of one's own by its base, its kind and its name" do
    said = lambda do |**given|
      key = call(:post, "/api/products", given)["key"]
      call(:get, "/api/catalogue")["products"].find { |one| one["key"] == key }["cautions"].join(" ")
    end
    expect(said.call(label: "Walnut stain", generic: "stain_liquid")).to include("catch fire by themselves") # nobody said that it is water-based
    expect(said.call(label: "Walnut stain, thins with water", generic: "stain_liquid",
                     base: "water")).not_to include("catch fire by themselves")
    expect(said.call(label: "Hall varnish", generic: "clear_water",
                     base: "oil")).to include("catch fire by themselves", "The vapor is harmful and can catch fire")
    expect(said.call(label: "Door enamel", generic: "paint_enamel", base: "solvent")).to include("The vapor is harmful and can catch fire")
    household = said.call(label: "Kitchen bleach", generic: "bleach_chlorine")
    expect([household.include?("Never use chlorine bleach with acid"),
            household.include?("Two-part")]).to eq([true, false])
    expect(said.call(label: "Household bleach", generic: "bleach_two")).to include("Never use chlorine bleach with acid")
    expect(refusal(call(:post, "/api/products", { label: "X", generic: "paint_all", base: "milk" }),
                   :base)).to include("isn't one of the choices")
  end

  it "goes by form and measures for what tips, whatever it is called" do
    tall = old("Dresser", kind: "dresser", width: "900", depth: "450", height: "1270", drawer_rows: "1,1,1,1,1")
    expect(step_like(tall, /anti-tip kit/)["cautions"].map { |one| one["key"] }).to include("tip")
    low = old("Low thing", kind: "dresser", width: "900", depth: "450", height: "500", drawer_rows: "1,1")
    expect(step_like(low, /anti-tip kit/)).to be_nil
    event(tall, "listed", "2026-06-01", asking: "200")
    expect(call(:get, "/api/pieces/#{tall}/listing").to_s).to include("anti-tip kit")
    event(low, "listed", "2026-06-01", asking: "200")
    expect(call(:get, "/api/pieces/#{low}/listing").to_s).not_to include("anti-tip kit")
  end
end
