# frozen_string_literal: true

require_relative "browser_helper"

RSpec.describe "a whole flip by hand, from bought to sold" do
  include_context "with an empty workshop"

  let(:today) { SpecClock.today }

  it "records it by clicking and typing and reads profit, hourly pay and turnaround off the screen" do
    visit "/"
    expect(page).to have_css("h1", text: "Welcome to your workshop")
    expect(page).to have_button("Try the demo")

    # House rules first: pay targets.
    find("body").send_keys("8")
    expect(page).to have_css("h1", text: "House rules") # the first page has these fields, too
    type("Minimum pay", "8")
    press("Save Minimum pay")
    expect(page).to have_text("Minimum pay saved")
    type("Target pay", "5")
    press("Save Target pay")
    expect(page).to have_text("Your target pay is below your minimum pay")
    type("Target pay", "15")
    press("Save Target pay")
    expect(page).to have_text("Target pay saved")

    # Bought, ten days ago.
    find("body").send_keys("n")
    form("Record a piece") do
      press("Save piece")
      expect(page).to have_text("This is empty. Fill it in.")
      type("What is it?", "Ash side table")
      type("Kind", "side table")
      type("Price paid", "4x")
      press("Save piece")
      expect(page).to have_text("“4x” isn't an amount")
      type("Price paid", "42")
      type("Width", "23 5/8 in")
      type("Height", "610")
      set_date("Bought on", (today - 10).iso8601)
      press("Save piece")
    end
    expect(page).to have_css("h1", text: "Ash side table")
    expect(page).to have_css("svg[aria-label^='Front view, 600 mm wide, 610 mm high']")

    # A cost, and hours by hand with their echo.
    press("Add cost")
    form("Add cost") do
      type("What", "Shellac-based primer")
      type("Amount", "96.20")
      press("Add cost")
    end
    expect(page).to have_text("Shellac-based primer recorded: €96.20")
    press("Record hours")
    form("Record hours") do
      type("How long", "1h20")
      expect(page).to have_text("That's 1 h 20")
      type("How long", "2")
      expect(page).to have_css("[role=status]", text: "That's 2 h")
      find("button[aria-label='A plain number means hours. Switch to minutes']").click
      expect(page).to have_css("[role=status]", text: "That's 2 min")
      type("How long", "80")
      expect(page).to have_text("That's 1 h 20")
      set_date("Date", (today - 8).iso8601)
      pick("Kind of work", "Painting")
      press("Record hours")
    end
    expect(page).to have_text("1 h 20 of painting recorded")
    expect(unfold("Dates")).to have_text("from the hours")
    expect_key_figures(cash_in: "138.20", hours: "1 h 20")

    # A timer, by key; it survives closing the page and a restart of the server.
    find("body").send_keys("t")
    form("Start a timer") do
      pick("Kind of work", "Sanding")
      press("Start timer")
    end
    form("Not yet") do # an old finish, and nobody has said yet
      expect(page).to have_text("Nobody has answered whether the old finish contains lead, and Sanding would disturb it.")
      find("button", text: "No lead found").click
    end
    expect(page).to have_css("[data-piece-bar] button", text: "Stop and record")
    visit "about:blank"
    @server.stop(:KILL)
    @server.start
    Capybara.app_host = @server.address
    visit "/"
    expect(page).to have_css("section[aria-label^='Me']", text: "Ash side table")
    press("Change the time")
    type("How long it really took", "40 min")
    expect(page).to have_text("That's 40 min")
    press("Stop and record")
    expect(page).to have_text("40 min of sanding recorded")

    # Ready, listed, a new price, sold; an impossible day is refused with both dates.
    click_link("Ash side table", match: :first)
    press("Mark as ready")
    form("Mark as ready") { press("Mark as ready") }
    expect(page).to have_text("Ready recorded")
    press("Mark as listed")
    form("Mark as listed") do
      type("Asking price", "400")
      press("Mark as listed")
    end
    expect(page).to have_css("svg[aria-label*='asking €400']")
    press("Record sale")
    form("Record sale") do
      set_date("Date", (today - 11).iso8601)
      type("Sale price", "380")
      type("Fee", "34.40")
      press("Record sale")
      expect(page).to have_text(/Sold on .* is before listed on/)
      set_date("Date", today.iso8601)
      press("Record sale")
    end
    expect(page).to have_text("Sold recorded")

    # By hand: 380 − 42 − 96.20 − 34.40 = 207.40; ÷ 2 h = 103.70; ten days.
    expect_key_figures(cash_profit: "207.40", hours: "2 h", hourly_pay: "103.70", turnaround: "10 days")
    unfold("Cost statement")
    find("[data-figure=cash_profit] button").click
    expect(page).to have_css("[data-terms=cash_profit]", text: "cash profit €207.40 = €380.00 − €42.00 − €96.20 − €34.40")

    # Taken back by key, and recorded again by undoing nothing else.
    find("h1").click
    find("body").send_keys([:control, "z"])
    expect(page).to have_text("Undone: sold recorded")
    expect(page).to have_no_css("[data-key=cash_profit]") # what cannot exist yet is not shown
    expect(page).to have_css("[data-waiting]", text: /Not sold yet: .*cash profit/i)
    press("Record sale")
    form("Record sale") do
      type("Sale price", "380")
      type("Fee", "34.40")
      press("Record sale")
    end
    expect(page).to have_css("[data-key=cash_profit]", text: "207.40")

    # Beside all the others.
    find("body").send_keys("6")
    expect(page).to have_css("[data-figure=profit]", text: "207.40")
    expect(page).to have_css("[data-figure=hourly_pay]", text: "103.70")
    expect(page).to have_css("tr", text: /Ash side table.*207.40.*2 h.*103.70.*10/)
    find("body").send_keys("3")
    press("Archive")
    expect(page).to have_css("[role=row]", text: /Ash side table.*207.40/m)
  end
end
