# frozen_string_literal: true

require_relative "bench_helper"
require "vips"

# Corners of the shelf: a version of a mix and the correction of what stands, settings of the sprayer, photos of the
# stash.
RSpec.describe "the shelf, further", type: :feature do
  include_context "with an empty workshop"

  include BenchHands

  it "corrects what stands to a new version by the least of each part" do
    send_to(:post, "/containers", { product: "paint_chalk", size: "1 L", paid: "30" })
    send_to(:post, "/containers", { product: "paint_wall", size: "1 L", paid: "20" })
    parts = ->(chalk, wall) { [{ product: "paint_chalk", parts: chalk }, { product: "paint_wall", parts: wall }] }
    mix = send_to(:post, "/mixes", { name: "Dusk", like: "paint_chalk", parts: parts.call("2", "1") })["id"]
    send_to(:post, "/mixes/#{mix}/batches", { amount: "300 ml", place: "jar" })
    visit "/shelf/mixes/#{mix}"
    press("Change the parts")
    form("Dusk: version 2") do
      type("Parts of 2", "2")
      type("What changed", "paler")
      press("Save version")
    end
    # 200 : 100 to 1 : 1 needs 100 of the second.
    expect(page).to have_text("To turn it into version 2, add 100 ml wall paint: 400 ml in total.")
    press("I've added it")
    expect(page).to have_css("[data-batch]", text: /400 ml left.*version 2/m)
    expect(page).to have_css("table[aria-label=Versions] tr", text: "paler")
    expect(page).to have_no_text("To turn it into version 2")
  end

  it "keeps a sprayer setting, forgets it, and brings it back" do
    visit "/shelf/mixes"
    press("Add setting")
    form("Sprayer setting") do
      type("Nozzle", "1.3 mm")
      type("Thin by", "30")
      press("Save")
      expect(page).to have_text("by 10% at most")
      type("Thin by", "8")
      press("Save")
    end
    expect(page).to have_css("table[aria-label='Sprayer settings'] tr",
                             text: "all-in-one satin paint 1.3 mm not set 8% not set")
    press("Remove setting for all-in-one satin paint")
    expect(page).to have_text("None yet. Save the nozzle")
    press("Undo")
    expect(page).to have_css("table[aria-label='Sprayer settings'] tr", text: "1.3 mm")
  end

  it "photographs what lies in the stash" do
    send_to(:post, "/stash", { name: "Bow pulls", count: "6", kind: "pull" })
    picture = File.join(Dir.tmpdir, "bow-pulls.png")
    Vips::Image.black(60, 40).write_to_file(picture)
    visit "/shelf/stash"
    give_files("Photo file of Bow pulls", picture)
    expect(page).to have_text("1 photo added")
    press("Photo 1 of Bow pulls")
    press("Remove photo")
    expect(page).to have_text("photo removed")
    expect(page).to have_no_button("Photo 1 of Bow pulls")
    press("Undo")
    expect(page).to have_button("Photo 1 of Bow pulls")
  end

  it "offers a backup in House rules, and says that there is no copy yet" do
    visit "/rules"
    expect(page).to have_link("Download a backup")
    expect(find("section", text: "Backups")).to have_text(/No backup yet|The latest backup is in/)
    type("Room to haggle", "15")
    find_field("Room to haggle").send_keys(:enter)
    expect(page).to have_text("Room to haggle saved")
  end
end
