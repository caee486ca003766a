# frozen_string_literal: true

require_relative "bench_helper"

# The switches of Books, what stands still, and how guesses came out. Figures by hand.
RSpec.describe "looking back", type: :feature do
  include_context "with an empty workshop"

  include BenchHands

  def today = Date.iso8601(send_to(:get, "/today")["date"]["iso"])
  def ago(days) = (today - days).iso8601

  def flip
    id = send_to(:post, "/pieces",
                 { name: "Oak desk", kind: "desk", bought_on: ago(40), purchase: "40", expected_resale: "80" })["id"]
    { "sanding" => "3 h", "photographing" => "1 h" }.each do |kind, effort|
      send_to(:post, "/work", { kind: kind, effort: effort, worked_on: ago(30), pieces: [{ piece_id: id }] })
    end
    send_to(:post, "/pieces/#{id}/events", { kind: "listed", on: ago(20), asking: "110" })
    send_to(:post, "/pieces/#{id}/events", { kind: "sold", on: ago(8), price: "100" })
    id
  end

  # 60.00 in 3 h is 20.00, over all 4 h 15.00; 2.00 an hour of overhead leaves 54.00, 18.00 an hour.
  it "switches profit and hours, and keeps the switches in the address" do
    flip
    house = send_to(:get, "/workshop")
    send_to(:patch, "/workshop", { lock_version: house["lock_version"], overhead: "2" })
    visit "/books"
    expect(page).to have_css("[data-figure=hourly_pay]", text: "20.00")
    pick("Hours that count", "all hours")
    expect(page).to have_css("[data-figure=hourly_pay]", text: "15.00")
    pick("Hours that count", "hands-on only")
    pick("Profit", "minus stash and overhead")
    expect(page).to have_css("[data-figure=profit]", text: /Full-cost profit\s+€54.00/)
    expect(page).to have_css("[data-figure=hourly_pay]", text: "18.00")
    expect(page.current_url).to include("view=full")
    page.driver.browser.navigate.refresh
    expect(page).to have_css("[data-figure=profit]", text: "54.00")
    pick("Show", "Days to sell")
    expect(page).to have_css("h2", text: "Days to sell by month, median days")
    press("Show as a table")
    find("table[aria-label='Profit by month'] a", match: :first).click
    expect(page).to have_css("table[aria-label^='Flips behind'] tbody tr", count: 1, text: "Oak desk")
  end

  it "says where the days went, what stands still, and how a guess came out" do
    flip
    send_to(:post, "/pieces", { name: "Old trunk", kind: "trunk", bought_on: ago(90), purchase: "15" })
    visit "/books/time"
    parts = "table[aria-label='Where the days go'] tr"
    expect(page).to have_css(parts, text: "Waiting before work 10 10–10 1")
    expect(page).to have_css(parts, text: "For sale 12 12–12 1")
    expect(page).to have_css(parts, text: "Days to sell 32 32–32 1")
    expect(page).to have_css("table[aria-label='In hand the longest'] tr", text: "Old trunk 90 15.00")
    expect(page).to have_text("25% more than expected; too few to tell")
    find("summary", text: "These flips", match: :first).click
    expect(page).to have_css("table[aria-label='Expected price'] tr", text: "Oak desk €80.00 €100.00")
    find("summary", text: "As a table").click
    expect(page).to have_css("table[aria-label='Found by month'] tr", text: "15.00")
  end

  it "is there before anything was sold" do
    ["/books/pays", "/books/time", "/books/year", "/books/what-if"].each do |path|
      visit path
      expect(page).to have_css("h1")
      expect(page).to have_no_css("[role=progressbar]")
    end
    expect(page).to have_text("No sales to calculate with.")
    expect(page).to have_text("No sold flip has recorded work days.")
  end
end
