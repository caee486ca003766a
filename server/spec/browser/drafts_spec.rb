# frozen_string_literal: true

require_relative "bench_helper"

# What is typed and not saved yet outlives a reload, on this device, until it is saved or thrown away.
RSpec.describe "drafts" do
  include_context "with an empty workshop"
  include BenchHands

  def reload = visit(page.current_path)
  def piece(name) = send_to(:post, "/pieces", { name: name, purchase: "5", bought_on: "2026-05-01" })["id"]
  def as_left = expect(page).to have_text("Here's what you typed last time. It isn't saved yet.")
  def blank = expect(page).to have_no_text("Here's what you typed last time")

  it "of a dialog come back where it is opened again, for this record only, and go once it is saved or thrown away" do
    stool, bench = %w[Stool Bench].map { |name| piece(name) }
    visit "/pieces/#{stool}"
    press("Add cost")
    form("Add cost") do
      type("What", "Hinges")
      type("Amount", "8.50")
    end
    reload
    press("Add cost")
    form("Add cost") do
      as_left
      expect([find_field("What").value, find_field("Amount").value]).to eq(["Hinges", "8.50"])
    end
    page.go_back
    expect(page).to have_text("You have unsaved changes.") # it counts as typed
    press("Keep editing")
    visit "/pieces/#{bench}"
    press("Add cost")
    form("Add cost") do
      blank
      expect(find_field("What").value).to eq("")
      press("Cancel")
    end
    visit "/pieces/#{stool}"
    press("Add cost")
    form("Add cost") { press("Add cost") }
    expect(page).to have_text("Hinges recorded")
    press("Add cost")
    form("Add cost") do
      blank
      type("What", "Glue")
    end
    reload
    press("Add cost")
    form("Add cost") do
      as_left
      press("Start over")
      blank
      expect(find_field("What").value).to eq("")
    end
    reload
    press("Add cost")
    form("Add cost") { blank }
    expect(send_to(:get, "/pieces/#{stool}")["costs"].map { |one| one["what"] }).to eq(["Hinges"])
  end

  it "of the evening and of a spotted piece stand where they stood" do
    piece("Stool")
    visit "/evening"
    within("[role=group][aria-label='Stool']") { type("How long, h", "1.5") }
    type("Shop", "The corner")
    within("[role=group][aria-label='Line 1']") do
      type("What", "Wax")
      type("Amount on line 1", "7.20")
    end
    reload
    expect(page).to have_text("Here's what you typed last time. It isn't saved yet.", count: 2)
    expect(find_field("How long, h").value).to eq("1.5")
    expect([find_field("Shop").value, find_field("What").value]).to eq(["The corner", "Wax"])
    press("Record hours")
    expect(page).to have_text("Hours recorded: 1 entry")
    expect(page).to have_text("Here's what you typed last time. It isn't saved yet.", count: 1)
    visit "/scout/new"
    find_field("Kind").send_keys("stool", :tab)
    type("Tag price", "12")
    reload
    as_left
    expect([find_field("Kind").value, find_field("Tag price").value]).to eq(%w[stool 12])
    press("Save and watch")
    expect(page).to have_text("Stool saved")
    visit "/scout/new"
    expect(find_field("Tag price").value).to eq("")
    expect(page.evaluate_script("Object.keys(localStorage).filter((key) => key.startsWith('draft ')).length")).to eq(1) # the receipt's
  end
end
