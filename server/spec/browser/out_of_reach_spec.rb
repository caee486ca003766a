# frozen_string_literal: true

require "vips"
require_relative "away_helper"

# What happens where the workshop does not answer is told once it does: the Saturday, what is refused, and photos.
RSpec.describe "out of reach of the workshop" do
  include_context "with a phone out of reach"

  it "keeps a Saturday, tells it once as of when it was, and comes out as worked by hand" do
    me = send_to(:get, "/workshop")["people"].first["id"]
    send_to(:put, "/people/#{me}/week", { rows: (0..6).map { |day| { weekday: day, from: "00:00", to: "24:00" } } })
    chest = planned({ name: "Chest", kind: "chest of drawers", width: "900", depth: "450", height: "850", drawer_rows: "1,1" },
                    { finish: "paint", colour: "#243b53" }, "coat/")
    tin(size: "500 ml", colour: "#243b53", paid: "25.00", bought_on: "2026-04-10")
    before = send_to(:get, "/pieces/#{chest}")["figures"].to_h { |one| [one["key"], one["minor"]] }
    look_at("/" => "bench today", "/pieces/#{chest}" => "flips piece", "/shelf" => "shelf shelf", "/scout/card" => "scout card",
            "/pieces/#{chest}/bench" => "planning plan")
    expect(worker).to include("activat")
    away

    visit "/pieces/#{chest}/bench" # from the device, whole
    expect(page).to have_css("h1", text: "Paint, coat 1")
    waits("Offline since")
    press("Start")
    expect(page).to have_css("[role=timer]", text: "0:00")
    visit "/pieces/#{chest}" # a reload: the timer runs on
    press("Add cost")
    form("Add cost") do
      type("What", "Hinges")
      type("Amount", "8")
      press("Add cost")
    end
    expect(page).to have_text("Saved on this device: Hinges, 8")
    from_menu("recording", "Use from the shelf")
    form("Use from the shelf") do
      type("How much", "100")
      press("Use it")
    end
    waits("2 changes to sync")
    visit "/pieces/#{chest}/bench"
    press("Note")
    form("Add a note") do
      type("What did you see or think of?", "Left runner worn")
      press("Add note")
    end
    picture = File.join(@server.home, "bench.png")
    Vips::Image.gaussnoise(1800, 1400, mean: 120, sigma: 40).cast(:uchar).write_to_file(picture)
    find("input[aria-label='Photo at the bench']", visible: :all).set(picture)
    waits("4 changes to sync")
    press("Done")
    waits("5 changes to sync")
    expect(page).to have_no_css("h1", text: "Paint, coat 1")
    visit "/scout/new"
    find_field("Kind").send_keys("stool", :tab)
    expect(page).to have_css("[role=status]", text: /price limits/)
    type("Tag price", "12")
    press("Save and watch")
    waits("6 changes to sync")

    @server.start
    in_reach
    expect(page).to have_text("6 changes synced")
    after = send_to(:get, "/pieces/#{chest}")
    figures = after["figures"].to_h { |one| [one["key"], one["minor"]] }
    # Hinges 8.00; of a tin of 500 ml at 25.00 first 100 ml, 5.00, then with Done the 138 ml that the coat was planned
    # at, 6.90.
    expect(figures["cash_in"] - before["cash_in"]).to eq(1990)
    expect(after["photos"].size).to eq(1)
    expect(send_to(:get, "/pieces/#{chest}/diary").map { |line| line["text"] }).to include("Left runner worn")
    expect(send_to(:get, "/prospects")["rows"].map { |row| row["tag"]["text"] }).to eq(["€12"])
    work = after["work"]
    expect([work.size, work.first["kind"], open_step(chest).start_with?("coat/")]).to eq([1, "painting", false])
    visit "/" # nothing is told twice
    in_reach
    expect(send_to(:get, "/pieces/#{chest}")["costs"].size).to eq(after["costs"].size)
  end

  def listed = form("Waiting to sync") { all("li").map { |row| row.text.lines.first.chomp } }

  it "sets aside what is refused, lets the rest go on, and tells it under a new key once it is mended" do
    chair = chair_seen
    cost("Glue", "a lot")
    cost("Wax", "6")
    waits("2 changes to sync")
    @server.start
    waits(/\A1 change needs fixing\.\z/) # and the rest was told
    expect(send_to(:get, "/pieces/#{chair}")["costs"].map { |one| one["what"] }).to eq(["Wax"])
    find("[data-reach]").click
    expect(listed).to eq(["Glue, a lot"])
    expect(page).to have_css("[role=alert]", text: "a lot")
    press("Fix it")
    form("Fix: Glue") do
      type("Amount", "4.50")
      press("Try again")
    end
    form("Waiting to sync") do
      expect(page).to have_text("Everything is synced")
      press("Close")
    end
    paid = send_to(:get, "/pieces/#{chair}")["costs"].map { |one| one.dig("amount", "text") }
    expect(paid).to contain_exactly("€6.00", "€4.50")
  end

  it "keeps what was bought, the hours of the day and a receipt, of which a line can be mended" do
    chest = send_to(:post, "/pieces", { name: "Chest", kind: "chest of drawers", width: "900", depth: "450", height: "850", drawer_rows: "1,1",
                                        purchase: "30", bought_on: "2026-05-01" })["id"]
    send_to(:post, "/pieces/#{chest}/looks", { name: "Painted", starter: "painted" })
    look_at("/evening" => ["flips day-offers", "flips pieces"], "/shelf/shopping" => "shelf shopping")
    expect(worker).to include("activat")
    away
    visit "/shelf/shopping"
    bought = find("button[aria-label^='Bought: all-in-one']", match: :first)
    name = bought["aria-label"].delete_prefix("Bought: ")
    fill_in("Price of #{name}", with: "19.50", exact: true)
    bought.click
    expect(page).to have_css("[role=status]", text: "Bought, will sync") # nobody buys it twice
    expect(page).to have_no_button("Bought: #{name}")
    visit "/evening"
    within("[role=group][aria-label='Chest']") { type("How long, h", "1.5") }
    press("Record hours")
    waits("2 changes to sync")
    within("[role=group][aria-label='Line 1']") do
      type("What", "Wax")
      type("Amount on line 1", "seven")
      find_field("Pieces").send_keys("Chest")
    end
    find("[role=option]", text: "Chest").click
    press("Record receipt")
    waits("3 changes to sync")
    @server.start
    waits(/\A1 change needs fixing\.\z/)
    find("[data-reach]").click
    press("Fix it")
    form("Fix: Receipt") do
      type("Line 1: amount", "7.20")
      press("Try again")
    end
    form("Waiting to sync") { expect(page).to have_text("Everything is synced") }
    piece = send_to(:get, "/pieces/#{chest}")
    expect(piece["work"].map do |one|
      [one["effort"]["text"], one["worked_on"]["iso"]]
    end).to eq([["1 h 30", "2026-06-30"]])
    expect(piece["costs"].map do |one|
      [one["what"], one["amount"]["text"], one["spent_on"]["iso"]]
    end).to eq([["Wax", "€7.20", "2026-06-30"]])
    tin = send_to(:get, "/shelf")["rows"].first["containers"].first
    expect([tin["paid"]["text"], tin["bought_on"]["iso"]]).to eq(["€19.50", "2026-06-30"])
  end

  it "keeps photos with what was spotted, in order; what builds on something refused waits for it" do
    look_at("/scout/new" => "scout card")
    expect(worker).to include("activat")
    away
    picture = File.join(@server.home, "shop.png")
    Vips::Image.black(64, 48).linear(1, 120).cast(:uchar).write_to_file(picture)
    find_field("Kind").send_keys("stool", :tab)
    type("Tag price", "twelve")
    find("input[aria-label='Photo of what was spotted']", visible: :all).set(picture)
    expect(page).to have_text("1 photo added")
    press("Save and watch")
    waits("2 changes to sync")
    @server.start
    waits("2 changes need fixing")
    find("[data-reach]").click
    expect(page).to have_text("This depends on a change that needs fixing first: Spotted: stool, tag twelve.")
    press("Fix it")
    form("Fix: Spotted") do
      type("Tag", "12")
      press("Try again")
    end
    form("Waiting to sync") { expect(page).to have_text("Everything is synced") }
    spotted = send_to(:get, "/prospects")["rows"].first
    expect([spotted["tag"]["text"], send_to(:get, "/prospects/#{spotted['id']}")["photos"].size]).to eq(["€12", 1])
  end
end
