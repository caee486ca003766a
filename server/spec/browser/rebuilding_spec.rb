# frozen_string_literal: true

require_relative "browser_helper"

# Pieces that become others, and several that are worked in one go.
RSpec.describe "building and working several in one go" do
  include_context "with an empty workshop"

  def record(name, kind, **fields)
    visit "/floor"
    press("Record a piece", match: :first)
    form("Record a piece") do
      type("What is it?", name)
      find_field("Kind").send_keys(kind, :tab)
      fields.each { |label, text| type(label.to_s, text) }
      press("Save piece")
    end
    expect(page).to have_css("h1", text: name)
    page.current_path[/\d+/]
  end

  def paint(id, name)
    visit "/pieces/#{id}/look"
    press("Start a look")
    form("A look") do
      type("Name of the look", name)
      press("Start this look")
    end
    press("Everything visible")
    within("[role=group][aria-label=Finish]") { press("Paint") }
    expect(page).to have_css("[role=option][aria-label*='Paint']")
  end

  def set_of(name, *pieces)
    visit "/floor/sets"
    press("Make a set", match: :first)
    form("Make a set") do
      pieces.each do |piece|
        find_field("Pieces you sell together").send_keys(piece)
        page.document.find("[role=option]", text: piece, exact_text: true).click
        expect(page).to have_css(".MuiChip-label", text: piece)
      end
      type("Name of the set", name)
      press("Make the set")
    end
    expect(page).to have_css("h1", text: name)
  end

  it "makes two tables of one desk: the kneehole cut out, in its plan before any coat, then split, and worked as a pair" do
    desk = record("Low desk", "desk", Width: "1300", Depth: "550", Height: "620", "Price paid": "30")
    paint(desk, "Dark")
    press("Add something")
    find("[role=menuitem]", text: "Splitting a top in two").click
    type("Cut out of the middle", "400")
    expect(page).to have_text("Two tops 446 mm wide.") # (1300 − 400) ÷ 2 − 3 of the saw − 1 of the plane
    press("Add to a piece")
    form("Add to a piece") { press("Add") }
    expect(page).to have_text("Splitting a top in two added to")
    visit "/pieces/#{desk}/plan"
    every_step
    expect(page).to have_css("[data-step^='split-top-cut/']")
    steps = all("[data-step]").map { |step| step["data-step"] }
    expect(steps.index { |key| key.start_with?("split-top-cut/") }).to be < steps.index { |key|
      key.start_with?("coat/")
    }
    visit "/pieces/#{desk}"
    choose_ending("Split into several pieces")
    within("[role=dialog]") do
      type("Name of part 1", "Left table")
      type("Name of part 2", "Right table")
      press("Split")
    end
    expect(page).to have_text("Split into K-")
    ids = ["Left table", "Right table"].map do |name|
      visit "/floor?query=#{name.tr(' ', '+')}"
      click_link(name, match: :first)
      expect(page).to have_css("h1", text: name)
      page.current_path[/\d+/]
    end
    ids.each { |id| paint(id, "Dark") }
    set_of("Pair from a desk", "Left table", "Right table")
    expect(page).to have_text(/of work left together, .* one by one/)
    within("[role=group][aria-label='Vacuum and brush out']") { press("Right table") }
    expect(page).to have_text("Done: Vacuum and brush out, Right table")
    expect(page).to have_css("[role=group][aria-label='Vacuum and brush out'] button[aria-pressed=true]", count: 1)
    press("Mark set as ready")
    form("Mark set as ready") { press("Mark set as ready") }
    expect(page).to have_text("Ready recorded for the set")
    expect(page).to have_no_text("Mark set as ready")
  end

  it "works a table and four chairs, three before the rain: what is left says so" do
    table = record("Farm table", "table", "Price paid": "40")
    chairs = record("Farm chairs", "chair", "Price paid": "24")
    press("Edit piece")
    form("Edit K-002") do
      type("How many in it", "4")
      press("Save")
    end
    [table, chairs].each { |id| paint(id, "Pale") }
    set_of("Farm set", "Farm table", "Farm chairs")
    expect(page).to have_css("[role=group][aria-label='Wash with degreaser'] button", count: 2)
    visit "/pieces/#{chairs}/plan"
    every_step
    (1..3).each do |number|
      within("[data-step=vacuum]") do
        click_button(text: "More") if page.has_css?("button", text: "More", wait: 0)
        click_button("#{number} of 4")
      end
      expect(page).to have_css("[data-step=vacuum] button", text: "#{number} of 4")
    end
    expect(page).to have_css("[data-step=vacuum] input[data-indeterminate=true]", visible: :all)
    expect(find("[data-step=vacuum]")).to have_text(/min of \d+ min/)
  end
end
