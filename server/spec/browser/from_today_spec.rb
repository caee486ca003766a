# frozen_string_literal: true

require_relative "bench_helper"

# What used to need the plan's page: the lead question from Today, and materials for two pieces noted down at a step.
RSpec.describe "from Today and from a step" do
  include_context "with an empty workshop"

  include BenchHands

  it "answers the lead question where the test is next, and the plan goes on" do
    me = send_to(:get, "/workshop")["people"].first["id"]
    send_to(:put, "/people/#{me}/week", { rows: (0..6).map { |day| { weekday: day, from: "00:00", to: "24:00" } } })
    old = { name: "Stool", kind: "custom box", width: "400", depth: "300", height: "450", made_about: "1950", expected_resale: "20" }
    stool = planned(old, { finish: "paint", colour: "#243b53" }, "lead")
    visit "/"
    within("section", text: "What now") do
      expect(page).to have_text("Not suggesting work on Stool") # it brings less than finishing it costs
      click_link "Stool"
    end
    press("Go on anyway")
    expect(page).to have_text("Working on it anyway")
    visit "/"
    within("section", text: "What now") do
      expect(page).to have_no_text("Not suggesting work")
      expect(page).to have_text("Test the old finish for lead")
      press("No lead found, Stool")
    end
    expect(page).to have_text("Lead: no lead found")
    expect(send_to(:get, "/pieces/#{stool}/plan")["lead"]["answer"]).to eq("clear")
    press("Undo")
    expect(page).to have_css("section", text: /What now.*Test the old finish for lead/m)
  end

  it "takes what a step needs for two pieces at once" do
    box = { kind: "custom box", width: "400", depth: "300", height: "450" }
    stool = planned({ name: "Stool", **box }, { finish: "oil" }, "oil")
    bench = planned({ name: "Bench", **box }, { finish: "oil" }, "oil")
    send_to(:post, "/containers", { product: "oil", size: "500 ml", paid: "15.00" })
    visit "/pieces/#{stool}/plan"
    every_step
    press("Use furniture oil …", match: :first)
    form("Use from the shelf") do
      type("How much", "100 ml")
      find_field("Pieces").send_keys("Bench")
      page.document.find("[role=option]", text: "Bench", exact_text: true).click
    end
    form("Use from the shelf") { press("Use it") }
    # 100 of 500 ml at 15.00 are 3.00, half on each.
    expect(page).to have_text("100 ml furniture oil used, €3.00")
    shares = send_to(:get, "/pieces/#{bench}")["costs"].first["shares"]
    expect(shares.to_h { |share| [share["name"], share["amount"]["text"]] }).to eq("Stool" => "€1.50", "Bench" => "€1.50")
  end
end
