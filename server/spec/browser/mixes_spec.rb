# frozen_string_literal: true

require_relative "browser_helper"

# A colour of one's own: begun from a common mix, mixed from the shelf, matched with a trip, chosen for a zone, found
# for a touch-up.
RSpec.describe "mixing a colour", type: :feature do
  include_context "with an empty workshop"

  def put_on_shelf(product, size, paid)
    visit "/shelf"
    press("Put on the shelf", match: :first)
    form("Put on the shelf") do
      pick("What", product)
      type("Holds", size)
      type("Paid for it", paid)
      press("Put it there")
    end
    expect(page).to have_css("ul[aria-label='Containers of #{product}'] li")
  end

  it "keeps the parts, mixes them, matches the batch and takes the last addition back" do
    put_on_shelf("chalk-style paint", "1 L", "30")
    put_on_shelf("wall paint", "500 ml", "10")
    visit "/shelf/mixes"
    press("New mix", match: :first)
    form("A new mix") do
      type("What you call it", "Sail grey")
      press("Wash, half paint and half water")
      expect(page).to have_text("sealed with a clear coat")
      press("Keep mix")
    end
    expect(page).to have_css("h1", text: "Sail grey")
    expect(page).to have_css("ul[aria-label=Shares] li", text: "50.0% water")

    # 300 ml are half paint: 150 ml at 30.00 a litre, 4.50.
    type("To make", "300 ml")
    expect(page).to have_css("table[aria-label='Amounts of the parts'] tr", text: /chalk-style paint 150 ml 1.00 L/)
    type("Where it will stand", "jar")
    press("Mix it from the shelf")
    expect(page).to have_css("[data-batch]", text: /300 ml left.*jar, worth 4.50/m)

    press("Add to match", match: :first)
    form("Add to match") do
      pick("What", "wall paint")
      type("How much", "30 ml")
      pick("A trip was made for it", "Yes")
      type("How a dry sample compared", "near enough")
      press("Added")
    end
    # 30 ml at 20.00 a litre are 0.60; 30 of 300 ml are 10%.
    expect(page).to have_css("[data-batch]", text: /330 ml left.*version 2.*worth 5.10/m)
    expect(page).to have_css("[data-batch] tr", text: /wall paint 30 ml 10.0% 10.0% near enough, a trip/)
    press("Undo")
    expect(page).to have_css("[data-batch]", text: /300 ml left.*version 1/m)
    visit "/shelf"
    expect(page).to have_text("850 ml")
  end
end
