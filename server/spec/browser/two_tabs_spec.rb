# frozen_string_literal: true

require_relative "browser_helper"

RSpec.describe "two tabs on one piece" do
  include_context "with an empty workshop"

  def edit(label, text)
    press("Edit piece")
    type(label, text)
  end

  it "tells the second save, shows both versions, and keeps what each tab wrote" do
    visit "/floor"
    press("Record a piece", match: :first)
    form("Record a piece") do
      type("What is it?", "Beech stool")
      press("Save piece")
    end
    expect(page).to have_css("h1", text: "Beech stool")
    first = current_window
    second = open_new_window
    address = current_url
    within_window(second) do
      visit address
      edit("Notes", "from the second tab")
      type("Bought from", "kerb")
    end
    within_window(first) do
      edit("Notes", "from the first tab")
      press("Save")
      expect(page).to have_text("Beech stool saved")
    end
    within_window(second) do
      press("Save")
      expect(page).to have_text("Changed somewhere else")
      expect(page).to have_text("Theirs: from the first tab")
      choose("Theirs: from the first tab")
      press("Save")
      expect(page).to have_text("from kerb")
      expect(page).to have_text("from the first tab")
    end
  end

  it "shares a cost over pieces by parts, says so on both, and takes a removal back" do
    visit "/floor"
    ["Oak stool", "Elm stool"].each do |name|
      find("body").send_keys("n")
      form("Record a piece") do
        type("What is it?", name)
        type("Price paid", "0")
        press("Save piece")
      end
      expect(page).to have_css("h1", text: name)
    end
    press("Add cost")
    form("Add cost") do
      find_field("Pieces").send_keys("Oak")
      page.document.find("[role=option]", text: "Oak stool").click
      find_field("Pieces").send_keys("Elm") # typed, and still there once it has been looked for
      expect(page.document).to have_css("[role=option]", text: "Elm stool")
      expect(page).to have_field("Pieces", with: "Elm")
      find_field("Pieces").send_keys(:backspace, :backspace, :backspace, :escape)
      fill_in("Shares for Elm stool", with: "2")
      fill_in("Shares for Oak stool", with: "1")
      type("What", "Wax")
      type("Amount", "10")
      press("Add cost")
    end
    expect(unfold("Costs")).to have_text("€6.67")
    find("body").send_keys("/")
    form("") { fill_in("Find a piece, step, can, tool, note …", with: "oak") }
    find("[role=option]", text: "Oak stool").click
    expect(page).to have_text("Wax, materials, shared: €10.00 over 2 pieces")
    expect_key_figures(cash_in: "3.33")
    from_menu("Wax", "Remove")
    expect(page).to have_css("[data-key=cash_in]", text: "0.00")
    press("Undo")
    expect(page).to have_css("[data-key=cash_in]", text: "3.33")
  end
end
