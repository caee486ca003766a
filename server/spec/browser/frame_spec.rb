# frozen_string_literal: true

require_relative "browser_helper"

# What every screen has: sections under the thumb, and forms that lose nothing.
RSpec.describe "the frame of every screen", type: :feature do
  include_context "with an empty workshop"

  it "has five under the thumb on a phone, the rest behind the last of them" do
    phone
    visit "/"
    bar = find("nav[aria-label=Sections]", visible: true)
    expect(bar.all("a, button").map(&:text)).to eq(%w[Today Scout Floor Market More])
    press("More")
    rest = ["Find anything", "Done this session", "Shelf", "Books", "Tools", "House rules", "How it works"]
    expect(all("[role=menuitem]").map(&:text)).to eq(rest)
    find("[role=menuitem]", text: "Books").click
    expect(page).to have_css("h1", text: "Books")
    expect(page).to have_no_css("[role=menu]")
  ensure
    desk
  end

  it "explains a word under its dotted line, and all of them on the page that the keys lead to" do
    visit "/floor"
    find("body").send_keys("n")
    form("Record a piece") do
      type("What is it?", "Stool")
      type("Price paid", "5")
      press("Save piece")
    end
    expect(page).to have_css("h1", text: "Stool")
    find("[data-key=cash_in] [role=button]", text: "Spent so far").send_keys(:tab) # by the keyboard, too
    meaning = "Everything you've paid for it so far: the piece, trips, materials, hardware, sundries."
    find("[data-key=cash_in] [role=button]").hover
    expect(page).to have_css("[role=tooltip]", text: meaning)
    find("body").send_keys("?")
    form("Keyboard shortcuts") { click_link("How it works") }
    expect(page).to have_css("h1", text: "How it works")
    expect(page).to have_no_css("[role=dialog]")
    expect(find("section", text: "Terms")).to have_css("dt + dd", text: meaning)
    all("main ol a").map { |link| link["href"] }.uniq.each do |address| # every stage is there
      page.driver.browser.navigate.to(address)
      expect(page).to have_css("h1")
      expect(page).to have_no_text("There's no page at this address")
    end
  end

  it "asks before what was typed is lost, and closes at once where nothing was" do
    visit "/floor"
    expect(page).to have_css("h1")
    find("body").send_keys("n")
    expect(page).to have_field("What is it?")
    find_field("What is it?").send_keys(:escape)
    expect(page).to have_no_css("[role=dialog]")
    find("body").send_keys("n")
    type("What is it?", "Half a thought")
    find_field("What is it?").send_keys(:escape)
    expect(page).to have_text("You have unsaved changes.")
    press("Keep editing")
    expect(page).to have_no_text("You have unsaved changes.")
    expect(find_field("What is it?").value).to eq("Half a thought")
    find_field("What is it?").send_keys(:escape)
    press("Discard")
    expect(page).to have_no_css("[role=dialog]")
    expect(page).to have_no_text("Half a thought")
  end

  it "leads past the sections to the page by the first key" do
    visit "/floor"
    find("body").send_keys(:tab)
    expect(page.evaluate_script("document.activeElement.textContent")).to eq("Skip to main content")
    page.driver.browser.switch_to.active_element.send_keys(:enter)
    expect(page.evaluate_script("document.activeElement.id")).to eq("main")
  end
end
