# frozen_string_literal: true

require_relative "browser_helper"

# The phone on the bench: one hand, 390 px.
RSpec.describe "a phone on the bench" do
  include_context "with an empty workshop"

  before { phone }
  after { desk }

  def record_piece(name, price)
    visit "/"
    press("Record a piece")
    form("Record a piece") do
      type("What is it?", name)
      type("Price paid", price)
      press("Save piece")
    end
    expect(page).to have_css("h1", text: name)
  end

  it "starts and stops the timer from Today, records a cost and a sale, and reads what it earned" do
    record_piece("Pine box", "12")
    within("nav[aria-label=Sections]", match: :first, visible: true) { click_link("Today") }
    expect(page).to have_text("Not started")
    click_button("Start a timer on Pine box")
    form("Start a timer") { press("Start timer") }
    form("Not yet") { find("button", text: "No lead found").click } # nobody had said yet; then it starts by itself
    expect(page).to have_css("section[aria-label^='Me']", text: "Pine box")
    press("Change the time")
    type("How long it really took", "2h")
    expect(page).to have_text("That's 2 h")
    press("Stop and record")
    expect(page).to have_text("2 h of sanding recorded")
    expect(page).to have_css("section", text: /On the bench.*Pine box/m)

    click_link("Pine box", match: :first)
    press("Add cost")
    form("Add cost") do
      type("What", "Hinges")
      expect(page).to have_css("[aria-pressed=true]", text: "Hardware") # guessed from the word
      type("Amount", "8")
      press("Add cost")
    end
    press("Record sale")
    form("Record sale") do
      type("Sale price", "60")
      press("Record sale")
    end
    # By hand: 60 − 12 − 8 = 40; ÷ 2 h = 20.
    expect(page).to have_css("[data-key=cash_profit]", text: "40.00")
    expect_key_figures(hourly_pay: "20.00")
  end

  it "discards a timer and takes that back" do
    record_piece("Ash stool", "0")
    press("Start timer")
    form("Start a timer") { press("Start timer") }
    form("Not yet") { find("button", text: "No lead found").click } # nobody had said yet; then it starts by itself
    expect(page).to have_css("[data-piece-bar] button", text: "Stop")
    visit "/"
    press("Discard")
    expect(page).to have_text("Timer discarded")
    expect(page).to have_no_css("section[aria-label^='Me']")
    press("Undo")
    expect(page).to have_css("section[aria-label^='Me']", text: "Ash stool")
  end

  it "closes dialogs by Back, asks first where something was typed, and keeps what runs in view" do
    record_piece("Elm table", "20")
    press("Add cost")
    expect(page).to have_css("[role=dialog]", text: "Add cost")
    page.go_back
    expect(page).to have_no_css("[role=dialog]")
    expect(page).to have_css("h1", text: "Elm table")
    press("Add cost")
    form("Add cost") { type("What", "Screws") }
    page.go_back
    expect(page).to have_text("You have unsaved changes.")
    press("Keep editing")
    page.go_back
    press("Discard")
    expect(page).to have_no_css("[role=dialog]")
    # One that was closed otherwise leaves its place to the next, which stays.
    press("Add cost")
    press("Cancel")
    expect(page).to have_no_css("[role=dialog]")
    press("Add cost")
    sleep 1 # nothing is under way that would close it
    expect(page).to have_css("[role=dialog]", text: "Add cost")
    page.go_back
    expect(page).to have_no_css("[role=dialog]")
    press("Add cost")
    press("Cancel") # nor does Back stop at the place of one that is closed
    expect(page).to have_no_css("[role=dialog]")
    page.go_back # where one came from
    expect(page).to have_no_css("h1", text: "Elm table")
    page.go_forward
    press("Start timer")
    form("Start a timer") do
      pick("Kind of work", "Cleaning")
      press("Start timer")
    end
    expect(page).to have_css("[data-running] [role=timer]")
    visit "/market"
    find("[data-running]").click
    expect(page).to have_css("section[aria-label^='Me']")
  end
end
