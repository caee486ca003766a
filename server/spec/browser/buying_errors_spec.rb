# frozen_string_literal: true

require_relative "browser_helper"

# What goes wrong while buying: said in place, nothing lost, and everything can be taken back.
RSpec.describe "mistakes while buying" do
  include_context "with an empty workshop"

  def lot(name, price, *members)
    visit "/scout/lots"
    press("Record a lot", match: :first)
    form("Record a lot") do
      type("Name of the lot", name)
      type("Price for all (€)", price)
    end
    (members.size - 2).times { press("Add a piece") }
    groups = all("[role=group]")
    members.each_with_index { |member, place| groups[place].find("input", match: :first).send_keys(member) }
  end

  it "says by how much shares by hand are off, keeps what was typed, and tells what a correction changed" do
    lot("Two chests", "50", "Red chest", "Blue chest")
    pick("Split the price", "by shares you enter")
    fields = all("input").select { |input| input["value"] == "" && input["aria-label"].nil? }
    expect(fields).not_to be_empty
    parts = all(:field, "Share of the price (€)")
    parts[0].send_keys("30")
    parts[1].send_keys("15")
    press("Record lot")
    expect(page).to have_css("[role=alert]", text: "they're €5.00 under. Change one of them by €5.00.")
    expect(all("[role=group]")[0].find("input", match: :first).value).to eq("Red chest")
    parts[1].send_keys([:control, "a"], "20")
    press("Record lot")
    expect(page).to have_text("Two chests recorded: 2 pieces")

    press("Edit lot")
    form("Edit lot") do
      type("Buyer's premium", "10%")
      press("Save")
    end
    # 50.00 + 5.00: 30 + 3 and 20 + 2.
    expect(page).to have_text("K-001 Red chest: spent so far €30.00 → €33.00. K-002 Blue chest: spent so far €20.00 → €22.00.")
    press("Undo")
    expect(page).to have_css("table[aria-label='Cost of each piece'] tbody tr", text: /Red chest.*30\.00\s+30\.00/)
    click_link("K-001 Red chest")
    unfold("Diary")
    expect(page).to have_text("The lot “Two chests” changed: spent so far €30.00 → €33.00.")
    expect(page).to have_text("The lot “Two chests” changed: spent so far €33.00 → €30.00.")
    press("Edit piece")
    form("Edit K-001") do
      type("Price paid", "1")
      press("Save")
      expect(page).to have_text("is its share of the lot “Two chests”")
      press("Cancel")
    end
    from_menu("Red chest", "Remove")
    expect(page).to have_text("bought in the lot “Two chests”")
  end

  it "refuses a lot of nothing, a trip backwards, and a split of what was sold" do
    visit "/scout/lots"
    press("Record a lot", match: :first)
    form("Record a lot") do
      type("Name of the lot", "Nothing")
      press("Record lot")
      expect(page).to have_css("[role=alert]", text: "A lot needs at least one piece. Add what was in it.")
      press("Cancel")
    end
    find("body").send_keys("n")
    form("Record a piece") do
      type("What is it?", "Ash rack")
      type("Price paid", "5")
      press("Save piece")
    end
    expect(page).to have_css("h1", text: "Ash rack")
    visit "/scout/trips"
    press("Record a trip", match: :first)
    form("Record a trip") do
      field = find_field("Pieces it was for")
      field.send_keys("ash")
      page.document.find("[role=option]", text: "Ash rack", exact_text: true).click
      type("Name of the trip", "Backwards")
      type("Distance", "-12")
      press("Record trip")
      expect(page).to have_text("A distance of “-12” is negative. Enter 0 or more.")
      type("Distance", "12")
      press("Record trip")
    end
    expect(page).to have_text("Backwards recorded: €0.00")
    press("Remove Backwards")
    expect(page).to have_text("No trips yet")
    press("Undo")
    expect(page).to have_text("Backwards")
    visit "/floor"
    click_link("Ash rack")
    press("Record sale")
    form("Record sale") do
      type("Sale price", "9")
      press("Record sale")
    end
    expect(page).to have_text("Sold recorded")
    expect(page).to have_no_button("Didn't sell")
  end

  it "takes back a split and a purchase, and keeps both versions where two tabs change a spotted piece" do
    visit "/scout/new"
    find_field("Kind").send_keys("trunk", :tab)
    type("Tag price", "20")
    press("Save and watch")
    expect(page).to have_css("h1", text: "Trunk")
    other = open_new_window
    address = page.current_url
    press("Edit")
    within_window(other) do
      visit address
      press("Edit")
      type("Tag price", "18")
      press("Save changes")
      expect(page).to have_text("Trunk saved")
    end
    type("Expected price", "77")
    press("Save changes")
    expect(page).to have_css("[role=alert]", text: "changed this in another tab: tag. Save again to keep both")
    expect(find_field("Expected price").value).to eq("77")
    press("Save changes")
    expect(page).to have_text("Trunk saved")
    # One tap; taken back, it is in view again; bought at another price instead.
    press("Buy at €18")
    expect(page).to have_text("Trunk bought: K-001")
    expect(page).to have_css("[data-key=cash_in]", text: "18.00")
    press("Undo")
    expect(page).to have_button("Buy at €18")
    press("At another price")
    form("Buy at another price: Trunk") do
      type("Price", "15")
      press("Record purchase")
    end
    expect(page).to have_css("[data-key=cash_in]", text: "15.00")
    choose_ending("Split into several pieces")
    within("[role=dialog]") { press("Split") }
    expect(page).to have_text("Split into K-003 and K-004")
    expect(page).to have_text("split into K-003 Trunk, left, K-004 Trunk, right")
    press("Undo")
    expect(page).to have_no_text("split into")
    expect(page).to have_button("Didn't sell")
  end

  it "is usable from the keyboard alone, and prints the card on one page without its frame" do
    visit "/"
    expect(page).to have_css("h1", text: "Welcome to your workshop")
    find("body").send_keys("s")
    expect(page).to have_css("h1", text: "Check a piece")
    page.driver.browser.action.send_keys("chair").send_keys(:tab).send_keys("12").send_keys(:tab).perform
    expect(page).to have_css("[role=status]", text: "No answer yet: your target pay isn't set in House rules.")
    visit "/scout/card"
    expect(page).to have_css("th", text: "chair")
    sheet = page.driver.browser.print_page(paper_width: 21, paper_height: 29.7)
    expect(sheet.unpack1("m").scan(%r{/Type\s*/Page\b}).size).to eq(1)
  end
end
