# frozen_string_literal: true

require_relative "browser_helper"

# A colour of one's own: begun from a common mix, mixed from the shelf, matched with a trip, chosen for a zone, found
# for a touch-up.
RSpec.describe "mixing a colour", type: :feature do
  include_context "with an empty workshop"

  def put_on_shelf(product, size, paid)
    visit "/shelf"
    press("Add to the shelf", match: :first)
    form("Add to the shelf") do
      pick("What", product)
      type("Size", size)
      type("Price paid", paid)
      press("Add to shelf")
    end
    expect(page).to have_css("ul[aria-label='Containers of #{product}'] li")
  end

  it "keeps the parts, mixes them, matches the batch and takes the last addition back" do
    put_on_shelf("chalk-style paint", "1 L", "30")
    put_on_shelf("wall paint", "500 ml", "10")
    visit "/shelf/mixes"
    press("New mix", match: :first)
    form("New mix") do
      type("Name", "Sail grey")
      press("Wash, half paint and half water")
      expect(page).to have_text("sealed with a clear coat")
      press("Save mix")
    end
    expect(page).to have_css("h1", text: "Sail grey")
    expect(page).to have_css("ul[aria-label=Shares] li", text: "50.0% water")

    # 300 ml are half paint: 150 ml at 30.00 a litre, 4.50.
    type("Amount to make", "300 ml")
    expect(page).to have_css("table[aria-label='Amounts of the parts'] tr", text: /chalk-style paint 150 ml 1.00 L/)
    type("Where you'll keep it", "jar")
    press("Mix from the shelf")
    expect(page).to have_css("[data-batch]", text: /300 ml left.*jar, worth €4.50/m)

    press("Adjust color", match: :first)
    form("Adjust the color") do
      pick("What", "wall paint")
      type("How much", "30 ml")
      pick("Did you make a trip for it?", "Yes")
      type("How the dry sample looked", "near enough")
      press("Added")
    end
    # 30 ml at 20.00 a litre are 0.60; 30 of 300 ml are 10%.
    expect(page).to have_css("[data-batch]", text: /330 ml left.*version 2.*worth €5.10/m)
    expect(page).to have_css("[data-batch] tr", text: /wall paint 30 ml 10.0% 10.0% near enough, shop trip/)
    press("Undo")
    expect(page).to have_css("[data-batch]", text: /300 ml left.*version 1/m)
    visit "/shelf"
    expect(page).to have_text("850 ml")
  end
end
