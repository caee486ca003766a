# frozen_string_literal: true

require_relative "browser_helper"

# Slats put on the fronts, worked, and the piece sold: from the look to the price.
RSpec.describe "putting work on a piece" do
  include_context "with the demo"

  it "wraps the fronts and sells: set out from the look, in its plan in its place, nothing to come once it is ready" do
    visit "/pieces/45/look"
    press("Put something on")
    find("[role=menuitem]", text: "Slats and reeding").click
    expect(page).to have_css("h1", text: "Slats and reeding")
    type("Width of the field", "300")
    expect(page).to have_text(/\d+ slats, .* between/)
    press("Keep on a piece")
    form("Keep on a piece") do
      expect(page).to have_text("It becomes part of the chosen look")
      pick("Put on", "All drawer fronts")
      type("Wood and parts cost", "22")
      press("Keep it")
    end
    expect(page).to have_text("Slats and reeding kept on")
    visit "/pieces/45/look"
    expect(page).to have_css("section",
                             text: /Put on it.*Slats and reeding on all drawer fronts.*Wood and parts 22.00/m)
    visit "/pieces/45/plan"
    expect(page).to have_css("[data-step^='slats-cut/']")
    steps = all("[data-step]").map { |step| step["data-step"] }
    cut, fixed, coat = ["slats-cut/", "slats-fix/", "coat/"].map do |start|
      steps.index do |key|
        key.start_with?(start)
      end
    end
    expect([cut, fixed, coat]).to eq([cut, fixed, coat].compact.sort)
    visit "/pieces/45"
    press("Record ready")
    form("Record ready") do
      expect(page).to have_text(/\d+ steps are not ticked/)
      press("Record ready")
    end
    expect(page).to have_text("Ready recorded")
    visit "/pieces/45/plan"
    expect(page).to have_text(/The work is done: (\d+) steps/)
    visit "/pieces/45"
    press("Record sale")
    form("Record sale") do
      type("Sale price", "320")
      press("Record sale")
    end
    expect(page).to have_text("Sold recorded")
  end
end
