# frozen_string_literal: true

require_relative "browser_helper"

# A plan is cheap to change, and what was done and typed stays.
RSpec.describe "changing a plan on the screens" do
  include_context "with the demo"

  def step(key) = find("[data-step='#{key}']")

  def open_step(key)
    within(step(key)) { click_button(exact: false, text: "More") if page.has_css?("button", text: "More", wait: 0) }
  end

  # From the menu of what may be changed of a step.
  def change(key, name)
    within(step(key)) { press("Edit") }
    find("[role=menuitem]", text: name, exact_text: true).click
  end

  it "picks zones by the arrow keys, gives them a finish, says what that costs, and takes it back" do
    visit "/pieces/45/look"
    map = find("[role=listbox]")
    map.send_keys(:arrow_right, :arrow_right, :enter)
    chosen = find("[role=option][aria-selected=true]")["aria-label"]
    expect(chosen).to start_with("Drawer front 1.1, Paint")
    expect(page).to have_css("h2", text: "Finish: Drawer front 1.1")
    within("[role=group][aria-label=Finish]") { press("Stain") }
    under_the_hand = find("button[aria-label^='Color ']").rect.y
    expect(page).to have_css("[role=status]", text: "of work left") # stays until it is closed
    expect(find("button[aria-label^='Color ']").rect.y).to eq(under_the_hand)
    expect(page).to have_css("[role=option][aria-label^='Drawer front 1.1, Stain']")
    expect(page).to have_text(/of work left\. [+−]€[\d.]+ of materials\./)
    expect(page).to have_css("li", text: "new pulls leave holes to fill, and fills show under stain")
    press("Undo")
    expect(page).to have_css("[role=option][aria-label^='Drawer front 1.1, Paint']")
  end

  it "plans by another look that stands beside the first, and by the first again" do
    visit "/pieces/45/look"
    expect(page).to have_css("table[aria-label='Looks compared']",
                             text: %r{Expected pay [−€\d.]+/h [−€\d.]+/h})
    press("Show plan for All in navy")
    expect(page).to have_text("Chosen: All in navy")
    press("Undo")
    expect(page).to have_text("Chosen: Sage, oiled top")
  end

  it "takes times, notes, own steps and splits, asks about an order against the craft with its reason, and takes each back" do
    visit "/pieces/38/plan"
    every_step
    open_step("dust")
    change("dust", "Add a step after it")
    form("Your own step") do
      type("What you do", "Rub in the ticket number")
      type("Hands-on", "15")
      press("Add step")
    end
    expect(page).to have_css("[data-step]", text: "Rub in the ticket number")
    change("dust", "Move")
    form("Move: Vacuum and wipe with a tack cloth") do
      pick("Before", "Scuff")
      press("Move step")
      expect(page).to have_text("dust under a coat stays in it: vacuum and tack off first. Undo your change, or confirm that that's how you do it.")
      press("That's how we do it")
    end
    expect(page).to have_css("[aria-label='Problems with this plan']", text: "dust under a coat stays in it")
    within(step("dust")) { press("Undo", exact: false) }
    expect(page).to have_no_css("[aria-label='Problems with this plan']")
    change("dust", "Split")
    form("Split: Vacuum and wipe with a tack cloth") { press("Split step") }
    expect(page).to have_css("[data-step='dust#1']", text: "Vacuum and wipe with a tack cloth, part 1 of 2")
    open_step("scuff")
    within(step("scuff")) { press("Undo your own time") }
    expect(page).to have_text("Change to the plan undone")
    expect(step("scuff")).to have_no_text("35 min")
  end

  it "numbers parts, ticks them off, and lays a recipe over another piece" do
    visit "/pieces/34/parts"
    check("1 Drawer 1 is back in place", visible: :all)
    expect(page).to have_text("1 of 6 are back in place")
    visit "/pieces/39/look"
    press("Start a look")
    form("A look") do
      type("Name of the look", "As the blanket box")
      pick("Start from", "the recipe One colour outside, sealed inside")
      press("Start this look")
    end
    expect(page).to have_css("[role=option][aria-label*='Paint']", minimum: 3)
    expect(page).to have_text("Inside: sealed")
  end

  it "plans another shape, with what comes off, and works one-handed on a phone" do
    phone
    visit "/pieces/37/over"
    expect(page).to have_css("h3", text: "Keep its shape")
    press("Put 1 × plinth, 60 mm high in the stash")
    expect(page).to have_text("put in the stash")
    press("Change shape")
    form("Planned shape") { press("Keep its shape") }
    expect(page).to have_no_css("h3", text: "Keep its shape")
    find("[role=option][aria-label^='Top']").click
    press("Scratches") if page.has_button?("Scratches", wait: 0)
    click_button("Surface", exact: false, match: :first)
    press("Scratches")
    expect(page).to have_css("[role=status]", text: "Scratches: feather them under paint")
    expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 390
  ensure
    desk
  end
end
