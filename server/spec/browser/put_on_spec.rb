# frozen_string_literal: true

require_relative "browser_helper"

# Slats put on the fronts, worked, and the piece sold: from the look to the price.
RSpec.describe "putting work on a piece" do
  include_context "with the demo"

  it "wraps the fronts and sells: set out from the look, in its plan in its place, nothing to come once it is ready" do
    visit "/pieces/45/look"
    press("Add something")
    find("[role=menuitem]", text: "Slats and reeding").click
    expect(page).to have_css("h1", text: "Slats and reeding")
    type("Width of the field", "300")
    expect(page).to have_text(/\d+ slats, .* between/)
    press("Add to a piece")
    form("Add to a piece") do
      expect(page).to have_text("This becomes part of the chosen look")
      pick("Zones", "All drawer fronts")
      type("Cost of wood and parts", "22")
      press("Add")
    end
    expect(page).to have_text("Slats and reeding added to")
    visit "/pieces/45/look"
    expect(page).to have_css("section",
                             text: /Additions.*Slats and reeding on all drawer fronts.*Wood and parts: €22.00/m)
    visit "/pieces/45/plan"
    every_step
    expect(page).to have_css("[data-step^='slats-cut/']")
    steps = all("[data-step]").map { |step| step["data-step"] }
    cut, fixed, coat = ["slats-cut/", "slats-fix/", "coat/"].map do |start|
      steps.index do |key|
        key.start_with?(start)
      end
    end
    expect([cut, fixed, coat]).to eq([cut, fixed, coat].compact.sort)
    visit "/pieces/45"
    press("Mark as ready")
    form("Mark as ready") do
      expect(page).to have_text(/\d+ steps aren't ticked off/)
      press("Mark as ready")
    end
    expect(page).to have_text("Ready recorded")
    visit "/pieces/45/plan"
    every_step
    expect(page).to have_text(/All done: (\d+) steps/)
    visit "/pieces/45"
    press("Record sale")
    form("Record sale") do
      type("Sale price", "320")
      press("Record sale")
    end
    expect(page).to have_text("Sold recorded")
  end
end
