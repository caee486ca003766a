# frozen_string_literal: true

require_relative "bench_helper"
require "vips"

# The evening: a day's hours and a receipt, each written down in one go.
RSpec.describe "the evening", type: :feature do
  include_context "with an empty workshop"

  include BenchHands

  def line(name, &) = within("[role=group][aria-label='#{name}']", &)

  before { %w[Desk Chair].each { |name| send_to(:post, "/pieces", { name: name, kind: name, purchase: "20" }) } }

  it "records hours on several pieces at once, of one person and of two, and takes them back" do
    send_to(:post, "/people", { name: "Bram" })
    visit "/evening"
    line("Desk") do
      type("How long, h", "2")
      expect(page).to have_css("[role=status]", text: "That's 2 h")
    end
    line("Chair") do
      type("How long, h", "0:45")
      find("[aria-label=Who]").click_button("Bram")
    end
    press("Record hours")
    expect(page).to have_text("Hours recorded: 3 entries") # time of two people is two entries
    press("Undo")
    expect(page).to have_text("Undone: hours recorded: 3 entries")
    line("Desk") { type("How long, h", "lots") }
    press("Record hours")
    line("Desk") { expect(page).to have_text("“lots” isn't an amount of time") }
  end

  it "records a receipt for a piece and onto the shelf, and says by how much it is off" do
    visit "/evening"
    type("Shop", "Corner hardware")
    type("Total (€)", "20")
    line("Line 1") do
      type("What", "Cup pulls")
      type("Amount on line 1", "12,50")
      expect(page).to have_css("[aria-label='Category on line 1'] [aria-pressed=true]", text: "hardware")
      find_field("Pieces").send_keys("Desk")
    end
    find("[role=option]", text: "Desk").click
    press("Add a line")
    line("Line 2") do
      type("Amount on line 2", "6.50")
      press("to the shelf")
      pick("Product", "paste wax")
      type("Size", "400 ml")
    end
    press("Record receipt")
    expect(page).to have_text("The lines and tax add up to €19.00, but the receipt's total is €20.00. Check the amounts: €1.00 is missing")
    type("Total (€)", "19")
    press("Record receipt")
    expect(page).to have_text("Receipt of €19.00 recorded")
    within("ul[aria-label='Recent receipts']") do
      ["Corner hardware", "Cup pulls, paste wax", "€19.00"].each { |text| expect(page).to have_text(text) }
      Dir.mktmpdir do |folder|
        Vips::Image.black(60, 90, bands: 3).write_to_file(File.join(folder, "till.jpg"))
        give_files("Add photo of the receipt from Corner hardware", File.join(folder, "till.jpg"))
        expect(page).to have_link("Photo")
      end
      press("Remove the receipt from Corner hardware")
    end
    expect(page).to have_no_css("ul[aria-label='Recent receipts']")
    press("Undo")
    expect(page).to have_css("ul[aria-label='Recent receipts']", text: "Cup pulls, paste wax")
  end
end
