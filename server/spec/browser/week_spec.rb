# frozen_string_literal: true

require_relative "browser_helper"

# The week, the shelf and the stash of the demo, by hand.
RSpec.describe "the week and the shelf" do
  include_context "with the demo"

  # [day, its section] of the first day on which the step stands.
  def day_of(label)
    find("section[data-day]", text: label, match: :first)["aria-label"]
  end

  # Sections of the days on which somebody works: a step moved to another one would go on to the next of them.
  def worked = all("section[data-day]").reject { |section| section.has_text?("nobody is working", wait: 0) }

  it "moves a step to another day by its list, says what that does, and takes it back" do
    visit "/week"
    expect(page).to have_css("h1", text: "Week")
    label = "Take off the candle wax"
    before = day_of(label)
    click_button("Why now, or move: #{label}", match: :first)
    expect(page).to have_text("Promised for")
    target = worked.map { |section| section["aria-label"] }.reject { |name| name == before }.last
    pick("Move to", target)
    expect(page).to have_text(/Moved: #{label}\. .*(ready|No piece)/)
    expect(page).to have_css("section[aria-label='#{target}'] li", text: "you moved it")
    press("Undo")
    expect(page).to have_css("section[aria-label='#{before}'] li", text: label)
    expect(page).to have_no_text("you moved it")
  end

  it "drags a step to another day" do
    visit "/week"
    label = "Take off the candle wax"
    step = find("li[draggable=true]", text: label, match: :first)
    before = day_of(label)
    target = worked.reject { |section| section["aria-label"] == before }.last
    step.drag_to(target, html5: true)
    expect(page).to have_text("Moved: #{label}")
    expect(page).to have_css("section[aria-label='#{target['aria-label']}'] li", text: "you moved it")
    press("Undo")
    expect(page).to have_no_text("you moved it")
  end

  it "takes outdoor work off a day of rain in one tap" do
    visit "/week"
    outdoors = "Test solvent stripper gel on a hidden spot"
    dry = find("section[data-day]", text: outdoors, match: :first)["aria-label"]
    within("section[aria-label='#{dry}']") { click_button(text: "Rain") }
    expect(page).to have_css("section[aria-label='#{dry}']", text: "rain: no outdoor work")
    expect(page).to have_no_css("section[aria-label='#{dry}'] li", text: outdoors)
    within("section[aria-label='#{dry}']") { click_button(text: "No rain") }
    expect(page).to have_css("section[aria-label='#{dry}'] li", text: outdoors)
  end

  it "puts a tin on the shelf, takes from it by a third, and says how much is left by eye" do
    visit "/shelf"
    press("Add to the shelf")
    form("Add to the shelf") do
      pick("What", "gel stain")
      type("Size", "500 ml")
      type("Price paid", "24")
      press("Add to shelf")
    end
    expect(page).to have_css("li", text: "500 ml of 500 ml")
    press("Use gel stain")
    form("Use from the shelf") do
      type("or a share, like half or 1/4", "1/3")
      find_field("Pieces").send_keys("Hall bench with")
      page.document.find("[role=option]", text: "Hall bench with a lid").click
      find_field("Pieces").send_keys(:escape)
      press("Use it")
    end
    expect(page).to have_text("used, €8.00")
    expect(page).to have_css("li", text: "333 ml of 500 ml")
    press("How much is left of gel stain, 500 ml")
    find("[role=menuitem]", text: "Half (estimate)").click
    expect(page).to have_css("li", text: "250 ml of 500 ml")
  end

  it "says when a person works, and what fits the stash has for a piece" do
    visit "/rules"
    press("Set hours: Bram")
    form("When Bram works") do
      type("Saturday from", "16:00")
      press("Save")
      expect(page).to have_text("Saturday: It ends before it starts")
      press("Cancel")
    end
    visit "/pieces/34"
    expect(page).to have_css("h2", text: "From the stash")
    unfold("Diary")
    press("Everything, in order")
    expect(page).to have_text("Done: Glue and press the loose veneer")
    expect(page).to have_text("Used from the shelf: 16 wood screws")
  end
end
