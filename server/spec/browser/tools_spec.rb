# frozen_string_literal: true

require_relative "bench_helper"

# A bench tool begun from a piece, answered while typing, kept on the piece with its materials and step, and done again
# by its link.
RSpec.describe "bench tools", type: :feature do
  include_context "with an empty workshop"

  include BenchHands

  def headline = find("[data-headline]")

  it "begin from a piece, answer while one types, are kept on it, and come back as they were asked" do
    measures = { width: "900", depth: "450", height: "850", drawer_rows: "1,1" }
    chest = send_to(:post, "/pieces", { name: "Chest", kind: "chest of drawers", **measures })["id"]
    visit "/pieces/#{chest}"
    unfold("Saved tool results")
    click_link "Use a tool"
    expect(page).to have_text("Starting from the measurements of Chest.")
    type("Search", "bracket")
    expect(page).to have_css("main li", count: 1)
    click_link "Brackets and screws"
    # 2 × 4 × 4 = 32, and 10% more, 36.
    type("Drawers or frames", "2")
    expect(page).to have_css("[data-headline]", text: "8 brackets and 36 screws: 1 pack of 50.")
    expect(page).to have_css("svg[aria-label='A frame with 4 brackets']")
    expect(page.current_url).to include("drawers=2")
    type("Corners each", "0")
    expect(page).to have_css("[role=alert]", text: "Enter 1 to 12")
    expect(find_field("Corners each")["aria-invalid"]).to eq("true")
    expect(page).to have_button("Add to a piece", disabled: true)
    type("Corners each", "4")
    press("Add to a piece")
    form("Add to a piece") { press("Add") }
    expect(page).to have_text(/Brackets and screws added to K-\d+ Chest/)

    visit "/shelf/shopping"
    expect(page).to have_text("36")
    visit "/pieces/#{chest}"
    part = unfold("Saved tool results")
    expect(part).to have_text("8 brackets and 36 screws")
    within(part) { click_link "Brackets and screws" }
    expect(find_field("Drawers or frames").value).to eq("2")
    expect(headline).to have_text("8 brackets and 36 screws")
    visit "/pieces/#{chest}"
    find("input[aria-label='Done: Brackets and screws']", visible: :all).click
    expect(page).to have_text("Brackets and screws: done")
    visit "/shelf/shopping"
    expect(page).not_to have_text("36")
  end

  it "measure in fractions of an inch, with a cut list and templates to print" do
    house = send_to(:get, "/workshop")
    send_to(:patch, "/workshop", { lock_version: house["lock_version"], length_unit: "in" })
    visit "/tools/sticks?parts=2+x+23+5/8+rail;+1+x+10+stile&stick=96&kerf=1/8"
    # 2 × 23 5/8 + 10 and three kerfs of 1/8: 57 5/8, one stick.
    expect(headline).to have_text("1 stick of 96 in: proven")
    expect(page).to have_css("table[aria-label='Cut list'] tr", text: "A rail 2 23 5/8 in")
    expect(page).to have_css("table[aria-label='Cutting plan for sticks'] tr", text: "38 3/8 in")
    visit "/tools/pulls"
    expect(page).to have_link("PDF on A4")
    expect(URI(find_link("SVG")["href"]).path).to eq("/api/tools/pulls/template.svg")
  end
end
