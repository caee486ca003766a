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
      expect(page).to have_css("[role=status]", text: "Counts as 2 h")
    end
    line("Chair") do
      type("How long, h", "0:45")
      find("[aria-label=Who]").click_button("Bram")
    end
    press("Record the day")
    expect(page).to have_text("3 entries of hours recorded") # time of two people is two entries
    press("Undo")
    expect(page).to have_text("Undone: 3 entries of hours recorded")
    line("Desk") { type("How long, h", "lots") }
    press("Record the day")
    line("Desk") { expect(page).to have_text("“lots” is not a time worked") }
  end

  it "records a receipt for a piece and onto the shelf, and says by how much it is off" do
    visit "/evening"
    type("Shop", "Corner hardware")
    type("Total, EUR", "20")
    line("Line 1") do
      type("What", "Cup pulls")
      type("Amount of line 1", "12,50")
      expect(page).to have_css("[aria-label='Category of line 1'] [aria-pressed=true]", text: "hardware")
      find_field("For which pieces").send_keys("Desk")
    end
    find("[role=option]", text: "Desk").click
    press("Another line")
    line("Line 2") do
      type("Amount of line 2", "6.50")
      press("onto the shelf")
      pick("Product", "paste wax")
      type("Holds", "400 ml")
    end
    press("Record receipt")
    expect(page).to have_text("The lines and the tax come to 19.00, the receipt says 20.00. 1.00 missing")
    type("Total, EUR", "19")
    press("Record receipt")
    expect(page).to have_text("Receipt of 19.00 EUR recorded")
    within("ul[aria-label='Latest receipts']") do
      ["Corner hardware", "Cup pulls, paste wax", "19.00 EUR"].each { |text| expect(page).to have_text(text) }
      Dir.mktmpdir do |folder|
        Vips::Image.black(60, 90, bands: 3).write_to_file(File.join(folder, "till.jpg"))
        give_files("Photo of the receipt from Corner hardware", File.join(folder, "till.jpg"))
        expect(page).to have_link("Photo")
      end
      press("Remove the receipt from Corner hardware")
    end
    expect(page).to have_no_css("ul[aria-label='Latest receipts']")
    press("Undo")
    expect(page).to have_css("ul[aria-label='Latest receipts']", text: "Cup pulls, paste wax")
  end
end
