# frozen_string_literal: true

require_relative "browser_helper"

RSpec.describe "the house's own way" do
  include_context "with an empty workshop"

  def record_piece(name, **fields)
    find("body").send_keys("n")
    form("Record a piece") do
      type("What is it?", name)
      fields.each { |label, text| type(label.to_s, text) }
      press("Save piece")
    end
    expect(page).to have_css("h1", text: name)
  end

  it "works in inches, with two people, by all hours, and says why a price cannot be given" do
    visit "/rules"
    pick("Lengths", "inches, to 1/16")
    expect(page).to have_text("Lengths saved")
    pick("Hours that count", "also pickup, photos, selling, and delivery")
    expect(page).to have_text("Hours that count saved")
    press("Add a person")
    form("Add a person") do
      type("Name", "Me")
      press("Add person")
      expect(page).to have_text("Me is already here")
      type("Name", "Second")
      press("Add person")
    end
    expect(page).to have_text("Second added")

    record_piece("Oak bench", Kind: "bench", Width: "47 1/4", Height: "17 3/4")
    expect(page).to have_css("svg[aria-label='Front view, 47 1/4 in wide, 17 3/4 in high']")
    unfold("What you need")
    expect(page).to have_css("[data-waiting]", text: /The price you paid is missing: .*break-even/)
    press("Edit piece")
    form("Edit K-001") do
      type("Price paid", "30")
      type("Work left", "3h")
      expect(page).to have_text("That's 3 h")
      press("Save")
    end
    expect(page).to have_css("[data-figure=break_even]", text: "30")
    expect(page).to have_css("[data-waiting]", text: /Your target pay isn't set in House rules: .*target price/)
    expect(page).to have_text("Still to come: 3 h of work.")
    press("Shape")
    form("The shape of this bench") do
      type("Drawers in each row", "two")
      expect(page).to have_text("“two” doesn't say how many drawers there are")
      type("Drawers in each row", "2")
      expect(page).to have_css("svg[aria-label='Front view, 47 1/4 in wide, 17 3/4 in high, 2 drawers']")
      type("Drawers in each row", "")
      type("Width", "4 1/4")
      press("Looks right")
      expect(page).to have_text("A bench with a width of 4 1/4 in is unusual; 43 5/16 in is common")
      type("Width", "47 1/4")
      press("Looks right")
    end
    expect(page).to have_text("Shape saved")

    press("Record hours")
    form("Record hours") do
      pick("Kind of work", "Delivering")
      pick("Who", "Second")
      type("How long", "1:30")
      press("Record hours")
    end
    expect(unfold("Hours")).to have_text("Delivering, Second")
    expect_key_figures(hours: "1 h 30")
    expect(unfold("Cost statement")).to have_text("Hours, all\n1 h 30")
    expect(page).to have_no_text("Counting") # nothing was worked by the other rule, so nothing is said of it
  end

  it "refuses the twenty-fifth hour of a day beside the field" do
    visit "/floor"
    record_piece("Long job", "Price paid": "1")
    2.times do |time|
      press("Record hours")
      form("Record hours") do
        type("How long", "13h")
        press("Record hours")
        expect(page).to have_text("a day has 24 h") if time == 1
        press("Cancel") if time == 1
      end
    end
    expect_key_figures(hours: "13 h")
  end

  it "keeps, gives away and scraps, each outside or inside the sums as it should be" do
    visit "/floor"
    record_piece("To keep", "Price paid": "10")
    choose_ending("Keep it yourself")
    form("Keep it yourself") { press("Keep it yourself") }
    unfold("Cost statement")
    expect(page).to have_css("[data-waiting]", text: /Kept: counted at cost, not in your hourly pay: .*cash profit/)
    record_piece("To scrap", "Price paid": "15")
    choose_ending("Scrap it")
    form("Scrap it") { press("Scrap it") }
    expect(page).to have_css("[data-key=cash_profit]", text: "−€15.00")
    find("body").send_keys("6")
    expect(page).to have_css("[data-figure=profit]", text: "−€15.00")
    expect(page).to have_css("[data-figure=at_cost]", text: "10.00")
    expect(page).to have_css("[data-figure=losses]", text: "15.00")
  end

  it "removes a piece, and brings it back where it was" do
    visit "/floor"
    record_piece("Short-lived", "Price paid": "10")
    from_menu("Short-lived", "Remove")
    expect(page).to have_text("No pieces yet")
    press("Undo")
    expect(page).to have_link("Short-lived")
    visit "/pieces/99"
    expect(page).to have_text("There's no piece 99 here")
    visit "/nowhere"
    expect(page).to have_text("There's no page at this address")
  end

  it "says so when the server is gone, keeps what was typed, and saves once it is back" do
    visit "/floor"
    expect(page).to have_text("No pieces yet")
    find("body").send_keys("n")
    form("Record a piece") do
      type("What is it?", "Survivor")
      @server.stop
      press("Save piece")
      expect(page).to have_text("Can't reach Kohlrabi", wait: 40)
      expect(page).to have_field("What is it?", with: "Survivor")
      @server.start
      press("Save piece")
    end
    expect(page).to have_css("h1", text: "Survivor")
    complaints # the refused connections were meant
  end

  it "spells as the country does, from the next page on, and offline too" do
    visit "/shelf/colours"
    expect(page).to have_css("h1", text: "Colors")
    visit "/rules"
    find_field("Country").send_keys("united king", :enter)
    expect(page).to have_css("html[lang=en-GB]")
    visit "/shelf/colours"
    expect(page).to have_css("h1", text: "Colours")
    expect(page).to have_text("Name the colours on your shelf")
  end
end
