# frozen_string_literal: true

require_relative "browser_helper"

# The workshop's own ways, products, findings and weather, on the screens.
RSpec.describe "the workshop's own ways" do
  include_context "with the demo"

  it "changes a house rule, and the plan follows; and takes it back" do
    visit "/rules"
    expect(page).to have_css("h2", text: "How we work")
    pick("Grip before paint", "Liquid deglosser")
    expect(page).to have_text("Grip before paint saved")
    visit "/pieces/38/plan"
    every_step
    expect(page).to have_css("[data-step=deglosser]", text: "Wipe down with liquid deglosser")
    expect(page).to have_no_css("[data-step=scuff]")
    expect(page).to have_text("Your change has no step right now: time: scuff")
    visit "/rules"
    expect(page).to have_css("[role=combobox]", text: "Liquid deglosser") # as it was left
    pick("Grip before paint", "Always scuff")
    expect(page).to have_text("Grip before paint saved")
    visit "/pieces/38/plan"
    every_step
    expect(page).to have_css("[data-step=scuff]")
  end

  it "takes the figures of a label, and refuses what they cannot be" do
    visit "/shelf/products"
    press("Add a product")
    form("Add a product") do
      type("Name on the can, in your words", "Fen green")
      pick("Type", "chalk-style paint")
      type("Coverage", "0")
      press("Add product")
      expect(page).to have_text("isn't above 0")
      type("Coverage", "11")
      type("Recoat after", "1 h")
      press("Add product")
    end
    expect(page).to have_css("tr", text: "Fen green chalk-style paint not set 11 1 h usual")
    press("Remove Fen green")
    expect(page).to have_no_css("tr", text: "Fen green")
    press("Undo")
    expect(page).to have_css("tr", text: "Fen green")
  end

  it "adds a finding of its own to the walk, and notes it" do
    visit "/pieces/41/over"
    press("Add your own problem")
    form("Add your own problem") do
      type("What's the problem?", "Ring of a flowerpot")
      pick("Where in the checklist", "Surface")
      type("Why it matters", "sanded out, or a runner over it")
      type("Time it takes", "25")
      press("Add")
    end
    click_button("Surface", exact: false, match: :first)
    press("Ring of a flowerpot")
    expect(page).to have_css("[role=status]", text: "Ring of a flowerpot: sanded out, or a runner over it.")
    expect(page).to have_text("1 problem noted")
    press("Remove Ring of a flowerpot")
    expect(page).to have_text("No problems noted yet")
  end

  it "changes one zone, and gives the piece its own shape" do
    visit "/pieces/41/over"
    find("[role=option][aria-label^='Top,']").click
    press("Edit this zone")
    form("Zone: Top") do
      type("Area of one side", "0.6")
      pick("Material", "veneer")
      press("Save zone")
    end
    expect(page).to have_css("[role=status]", text: "Top: 0.60 m², flat, veneer")
    press("Change shape")
    form("Planned shape") do
      type("Drawers in each row", "2")
      press("Plan this shape")
    end
    expect(page).to have_text("Take out 2 drawers for good")
    expect(page).to have_no_css("[role=option][aria-label^='Drawer front 2']")
  end

  it "says whether a coat may go on now" do
    visit "/pieces/34/plan"
    every_step
    type("Air temperature", "20")
    type("Humidity", "50")
    expect(page).to have_css("[role=status]", text: "Yes. The dew point is 9.3 °C.")
    type("Surface temperature, if it's colder", "11")
    expect(page).to have_css("[role=status]", text: "at least 3 °C above the dew point (9.3 °C)")
    type("Humidity", "150")
    expect(page).to have_css("[role=alert]", text: "150% humidity isn't possible.")
  end
end
