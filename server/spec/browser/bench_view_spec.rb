# frozen_string_literal: true

require_relative "bench_helper"

# One step over the whole screen, on a phone that lies on the bench.
RSpec.describe "the bench view" do
  include_context "with an empty workshop"
  include BenchHands

  before { phone }
  after { desk }

  let(:me) { send_to(:get, "/workshop")["people"].first["id"] }
  let(:chest) do
    send_to(:put, "/people/#{me}/week", { rows: (0..6).map { |day| { weekday: day, from: "00:00", to: "24:00" } } })
    planned({ name: "Chest", kind: "chest of drawers", width: "900", depth: "450", height: "850", drawer_rows: "1,1" },
            { finish: "paint", colour: "#243b53" }, "coat/")
  end

  def worked = send_to(:get, "/pieces/#{chest}")["work"].map { |entry| entry["kind"] }
  def stored(key) = page.evaluate_script("localStorage.getItem('#{key}')")

  it "says what, where, with what and until when; starts, pauses, notes, and is done", :aggregate_failures do
    tin(size: "500 ml", colour: "#243b53", paid: "25.00", bought_on: "2026-04-10")
    visit "/pieces/#{chest}"
    click_link("Bench view")
    expect(page).to have_css("h1", text: "Paint, coat 1")
    expect(page).to have_no_css("nav[aria-label=Sections]")
    expect(page).to have_css("main", text: /all-in-one satin paint, #243b53, 138 ml.*Then wait 2 h/m)
    press("Start")
    expect(page).to have_css("[role=timer]", text: "0:00")
    expect(page).to have_text("“Done” takes this from the shelf: 138 ml all-in-one satin paint, #243b53.")
    press("Note")
    form("Add a note") do
      type("What did you see or think of?", "Left runner worn")
      press("Add note")
    end
    expect(page).to have_text("Note added")
    press("Pause")
    expect(page).to have_text("1 min of painting recorded")
    expect(page).to have_css("[data-bench^='coat/']") # not done yet
    press("Start")
    expect(page).to have_button("Pause")
    press("Done")
    expect(page).to have_text("step done, 138 ml all-in-one satin paint, #243b53 taken from the shelf")
    expect(page).to have_no_css("h1", text: "Paint, coat 1")
    expect(page).to have_css("main", text: /Paint, coat 1: all-in-one satin paint, #243b53: wet until \d\d:\d\d/)
    expect(worked).to eq(%w[painting painting])
    expect(send_to(:get, "/pieces/#{chest}/diary").map { |line| line["text"] }).to include("Left runner worn")
  end

  it "waits for a caution to be read, looks past a step, and comes back to it" do
    bare = send_to(:post, "/pieces", { name: "Box", kind: "blanket box", purchase: "5", bought_on: "2026-05-01", made_about: "1995",
                                       width: "900", depth: "450", height: "500", surface_material: "solid" })["id"]
    look = send_to(:post, "/pieces/#{bare}/looks", { name: "Plain" })["id"]
    zones = send_to(:get, "/pieces/#{bare}/plan")["zones"].select { |zone| zone["shown"] }.map { |zone| zone["key"] }
    send_to(:put, "/looks/#{look}/zones", { zones: zones, finish: "paint", colour: "#243b53" })
    serious = send_to(:get, "/pieces/#{bare}/plan")["plan"]["steps"].find do |step|
      step["cautions"].any? do |one|
        one["serious"]
      end
    end
    open_steps(bare).take_while { |step| step != serious["key"] }.each { |step| done(bare, step) }
    visit "/pieces/#{bare}/bench"
    expect(page).to have_css("h1", text: serious["label"])
    expect(page).to have_button("Start", disabled: true)
    read = serious["cautions"].count { |one| one["serious"] }
    read.downto(1) do |left|
      expect(page).to have_button("I've read this", count: left)
      press("I've read this", match: :first)
    end
    expect(page).to have_button("Start", disabled: false)
    press("Next")
    expect(page).to have_no_css("h1", text: serious["label"])
    visit page.current_path
    expect(page).to have_css("h1", text: serious["label"])
  end

  it "keeps two people's timers apart, each by the device it was begun on" do
    bram = send_to(:post, "/people", { name: "Bram" })["id"]
    stool = planned({ name: "Stool", kind: "custom box", width: "400", depth: "300", height: "450" },
                    { finish: "oil" }, "oil")
    visit "/rules"
    find("[role=combobox]", text: "nobody in particular").click
    page.document.find("[role=option]", text: "Bram").click
    page.document.assert_no_selector("[role=listbox]")
    expect(stored("person")).to eq(bram.to_s)
    visit "/pieces/#{stool}/bench"
    press("Start")
    expect(page).to have_button("Pause")
    send_to(:post, "/timers", { kind: "cleaning", person_id: me, piece_ids: [chest] })
    expect(page).to have_text("Me: cleaning, Chest") # from the other device, within seconds
    press("Pause")
    expect(page).to have_text("of clear coat recorded")
    expect(send_to(:get, "/timers")["timers"].map { |timer| timer["person"]["name"] }).to eq(["Me"])
    expect(send_to(:get, "/pieces/#{stool}")["work"].map { |entry| entry["person"]["name"] }).to eq(["Bram"])
  end

  it "has nothing to work where there is no plan" do
    chair = send_to(:post, "/pieces", { name: "Chair", purchase: "5", bought_on: "2026-05-01" })["id"]
    visit "/pieces/#{chair}/bench"
    expect(page).to have_text("There's no plan yet. Choose a look first.")
    click_link("Back to the piece")
    expect(page).to have_css("h1", text: "Chair")
  end
end
