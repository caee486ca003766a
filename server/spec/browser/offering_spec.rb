# frozen_string_literal: true

require_relative "bench_helper"

# Offering a piece, and what comes after: its text, channels, practice, parts of the price, a return.
RSpec.describe "offering a piece", type: :feature do
  include_context "with an empty workshop"

  include BenchHands

  def today = Date.iso8601(send_to(:get, "/today")["date"]["iso"])

  def chest
    given = { name: "Oak chest", kind: "chest of drawers", bought_on: (today - 20).iso8601, purchase: "30",
              width: "790" }
    @chest ||= send_to(:post, "/pieces", given)["id"].tap do |id|
      send_to(:post, "/pieces/#{id}/findings", { kind: "white_ring" })
      send_to(:post, "/pieces/#{id}/events", { kind: "listed", on: (today - 10).iso8601, asking: "240" })
    end
  end

  it "makes its text from the record, which can be changed, copied and taken back" do
    visit "/pieces/#{chest}/listing"
    expect(page).to have_text("Mention these flaws to avoid a return: white water ring.")
    expect(page).to have_text("anti-tip kit")
    expect(page).to have_field("One line", with: "Oak chest, 790 mm wide, €240")
    type("One line", "A chest of oak, come and see")
    press("Save One line")
    expect(page).to have_field("One line (edited)", with: "A chest of oak, come and see")
    press("Copy One line")
    expect(page).to have_text("One line copied")
    press("Back to the original: One line")
    expect(page).to have_field("One line", with: "Oak chest, 790 mm wide, €240")
    find("label", text: "Clean daylight").click
    expect(page).to have_text("Checked")
    expect(page).to have_text("assumed: buyers write a lot")
  end

  it "sets channels side by side" do
    visit "/market/channels"
    press("Add a channel")
    form("Add a channel") do
      type("Name", "Mill booth")
      type("Fee", "12")
      type("Fixed fee", "1.50")
      press("Add")
    end
    expect(page).to have_css("table[aria-label=Channels] tr", text: /Mill booth €86.50 fee €12.00, fixed fee €1.50/)
    expect(page).to have_no_text("assumed:")
    press("Undo")
    expect(page).to have_text("assumed:")
  end

  it "plays buyers that are marked as invented" do
    chest
    visit "/market/practice"
    expect(page).to have_text("The buyers are made up, nothing is recorded")
    60.times do
      break if page.has_button?("Accept", wait: 0.3)

      press("Next day")
    end
    first("button", text: "Accept").click
    expect(page).to have_text(/Sold to \w+ for €[\d.]+ on day \d+ \(practice\)/)
    visit "/market"
    expect(page).to have_css("[data-listed='#{chest}']", text: "0 messages")
  end

  it "notes parts of the price, and takes back what is returned" do
    visit "/market"
    send_to(:post, "/pieces/#{chest}/holds",
            { who: "a neighbour", price: "220", deposit: "50", pick_up_on: (today + 1).iso8601 })
    visit "/market"
    expect(page).to have_text("€170 still to pay")
    from_menu("Oak chest", "Add deposit")
    form("Deposit for Oak chest") do
      type("Paid", "100")
      press("Add deposit")
    end
    expect(page).to have_text(/€70 still to pay/)
    press("Picked up: Oak chest")
    form("Record sale of Oak chest") { press("Record sale") }
    expect(find("[data-sold='#{chest}']")).to have_text("€70.00 still owed") # 220 − 50deposit paid − 100
    press("Record return of Oak chest")
    form("Record return of Oak chest") do
      type("Other losses", "8")
      press("Record return")
    end
    expect(page).to have_css("[data-listed='#{chest}']")
    press("Undo")
    expect(page).to have_css("[data-sold='#{chest}']")
    visit "/pieces/#{chest}"
    expect_key_figures(cash_profit: "190.00")
  end
end
