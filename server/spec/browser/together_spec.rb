# frozen_string_literal: true

require_relative "browser_helper"

# Several alike, sets, damage; and what is kept beside the pieces: doors, stash, what was let go.
RSpec.describe "pieces together, and what is kept beside them" do
  include_context "with an empty workshop"

  def visit_piece(name)
    visit "/floor?query=#{name.tr(' ', '+')}"
    click_link(name, match: :first)
    expect(page).to have_css("h1", text: name)
  end

  it "enters two alike once, works on them together, sells them as a set, and says what broke" do
    visit "/floor"
    press("Record a piece", match: :first)
    form("Record a piece") do
      type("What is it?", "Bedside")
      type("Kind", "bedside table")
      type("Price paid", "21")
      type("How many alike", "2")
      press("Record piece")
    end
    expect(page).to have_css("h1", text: "Bedside")
    visit_piece("Bedside, 1 of 2")
    expect_key_figures(cash_in: "10.50")
    expect(page).to have_text("1 more just like it in hand")
    press("Record hours")
    form("Record hours") do
      press("And the other one just like it")
      type("How long", "3h")
      press("Record hours")
    end
    expect(page).to have_text("3 h of sanding recorded")
    expect(page).to have_css("[data-key=hours]", text: "1 h 30")

    from_menu(find("h1").text, "Something broke")
    form("Something broke") do
      type("What broke", "Back foot split")
      type("Cost still to come now", "4")
      press("Record damage")
    end
    expect(unfold("Diary")).to have_text("Broken on the way: Back foot split")
    expect(page).to have_text("cost to come not known → 4.00")
    press("Undo")
    expect(page).to have_no_text("Broken on the way")

    visit "/floor/sets"
    press("Put a set together", match: :first)
    form("Put a set together") do
      field = find_field("Pieces sold together")
      field.send_keys("bedside")
      ["Bedside, 1 of 2", "Bedside, 2 of 2"].each do |name|
        page.document.find("[role=option]", text: name, exact_text: true).click
        expect(page).to have_css(".MuiChip-label", text: name)
      end
      type("What it is called", "Pair of bedsides")
      press("Make the set")
    end
    expect(page).to have_css("h1", text: "Pair of bedsides")
    press("List the set")
    form("List the set") do
      type("Asking price of the set", "120")
      press("List the set")
    end
    expect(page).to have_text("Listed recorded for the set")
    press("Record sale")
    form("Record sale") do
      type("Sale price of the set", "111")
      type("Fee", "10")
      press("Record sale")
    end
    # Equal costs share equally: 55.50 − 5.00 − 10.50 = 40.00 each.
    expect(page).to have_css("table[aria-label='Shares of the set'] tbody tr", text: /40\.00\z/, count: 2)
  end

  it "lets one go with its reason, keeps the stash, prints a card, and asks for measures to say whether it fits" do
    visit "/rules"
    press("Add a load space, door or stair")
    form("Add a load space, door or stair") do
      type("Name", "Hatchback")
      type("Clear width", "1000")
      type("Clear height", "700")
      press("Add it")
      expect(page).to have_text("It is empty. Measure it and fill it in.")
      type("Length", "1400")
      press("Add it")
    end
    expect(page).to have_text("Hatchback added")
    find("body").send_keys("s")
    find_field("Kind").send_keys("wardrobe", :tab)
    expect(page).to have_css("section[aria-label=Answer]") # it comes in above the button, which moves
    press("Change what is assumed")
    { "Width, mm" => "1100", "Depth, mm" => "580", "Height, mm" => "1900" }.each { |field, text| type(field, text) }
    press("Save and watch")
    # 1900 against the length of 1400: 500 mm too long, however it is turned.
    expect(page).to have_text("no, by 500 mm at its best")
    press("Let it go")
    form("Let it go") do
      press("Let it go")
      expect(page).to have_text("It is empty")
      type("Why", "would not fit")
      press("Let it go")
    end
    expect(page).to have_text("Wardrobe let go")
    visit "/scout/record"
    expect(page).to have_css("table[aria-label='Let go and gone']", text: "would not fit")
    find("body").send_keys("4")
    click_link("Stash")
    press("Put something by", match: :first)
    form("Put something by") do
      type("What", "Turned legs")
      type("How many", "4")
      type("Replacing one", "2.50")
      press("Put it by")
    end
    expect(page).to have_text("10.00 EUR to replace all of it")
    visit "/scout/card"
    expect(page).to have_css("th", text: "washstand")
    expect(page).to have_text("Set a target pay in House rules")
  end
end
