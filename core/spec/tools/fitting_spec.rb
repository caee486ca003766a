# frozen_string_literal: true

require_relative "tools_helper"

# Hardware, inserts and moving, by hand arithmetic beside each.
RSpec.describe "tools for fitting and moving" do
  it "places pulls, and says what becomes of the old holes" do
    found = ask(:pulls, old: 96)
    # Middle 400, ± 64 and ± 48. 16 mm off, a foot of 12: open to view.
    expect(found.table.rows.map { |row| row[1] }).to eq(["336 mm", "464 mm"])
    expect(found.lines.select { |line| line.label.start_with?("Old hole") }.map(&:text)).to eq(["open to view"] * 2)
    expect(ask(:pulls, old: 96, plate: 45).lines.last.text).to eq("covered by the pull's foot") # reaches 22.5 − 2.5 = 20 over the middle
    expect(ask(:pulls, old: 128).lines.last.text).to eq("used again")
    cut = ask(:pulls, old: 122) # 3 mm off
    expect([cut.lines.last.text, cut.warnings]).to match(["cut by a new hole", include(/plug the old one first/)])
    expect(ask(:pulls, rule: "quarters", spacing: 0).table.rows.map { |row| row[1] }).to eq(["200 mm", "600 mm"])
    expect(ask(:pulls, rule: "thirds", spacing: 0, wide: 900).table.rows.map do |row|
      row[1]
    end).to eq(["300 mm", "600 mm"])
  end

  it "knows spacings: 64, 96, 128, 160 and 192 mm are multiples of 32, 76.2 mm is 3 in (common practice, no source)" do
    [64, 96, 128, 160, 192].each do |mm|
      expect(said(ask(:pulls, spacing: mm), "Spacing")).to eq("#{mm} mm, #{mm / 32} × 32 mm")
    end
    expect(said(ask(:pulls, spacing: "3 in"), "Spacing")).to eq("76.2 mm, 3 × 1 in")
    expect(said(ask(:pulls, spacing: 90), "Spacing")).to include("not a multiple")
  end

  it "chooses screws: front + overlay + grip, to a sold length or cut back" do
    expect(ask(:pulls).headline).to eq("2 holes in each front: 30 mm, cut back by 3 mm.") # 19 + 8 = 27
    expect(ask(:pulls, grip: 6).headline).to end_with("25 mm, as sold.")
    expect(ask(:pulls, front: 38).headline).to end_with("45 mm, with 7 mm of thread holding.") # 46 wanted
    expect(refused(:pulls,
                   front: 44)).to match([:sold,
                                         /The longest screw, 45 mm, doesn't reach through 44 mm\./])
    expect(refused(:pulls, wide: 120)).to match([:spacing, /At most 110 mm/])
    expect(refused(:pulls, across: 200)).to match([:across, /below the front/])
  end

  it "gives a jig whose holes are as far apart as the pull's" do
    holes = ask(:pulls).template.shapes.select { |shape| shape[:role] == "hole" }
    expect(holes.map { |hole| hole[:x] }.then { |first, last| last - first }).to eq(128.0)
    expect(holes.map { |hole| hole[:y] }.uniq).to eq([90.0])
  end

  it "hangs doors by height and weight" do
    # 0.7 × 0.4 × 0.018 m³ × 680 = 3.4 kg: two, 500 apart. Cup 4 + 17.5; plate 13 + 4 − 16.
    found = ask(:hinges)
    lines = ["Weight of the door", "Centre of the cup from the edge", "Height of the mounting plate"].map do |label|
      said(found, label)
    end
    expect([found.headline, *lines]).to eq(["2 hinges, 500 mm apart.", "3.4 kg", "21.5 mm", "1 mm"])
    expect(ask(:hinges, high: 1500, wide: 600).headline).to start_with("3 hinges, 650 mm") # 11 kg
    expect(ask(:hinges, high: 800, wide: 600, thick: 30, material: "oak").headline).to start_with("3 hinges") # 10.2 kg
    expect(refused(:hinges,
                   high: 2500)).to match([:high,
                                          /A door of 2500 mm and 12\.2 kg is too much for cup hinges\./])
    expect(refused(:hinges,
                   overlay: 25)).to match([:overlay,
                                           /No hinge plate gives an overlay of 25 mm with that setback\./])
    expect(refused(:hinges, high: 200)).to match([:ends, /Hinges 100 mm from both ends leave no space between them\. Enter 70 mm at most/])
  end

  it "chooses bits: 60% of 4 mm in softwood is 2.4, the bit of 2.5" do
    found = ask(:holes)
    expect(found.headline).to eq("Pilot 2.5 mm, clearance 4.5 mm.")
    expect(ask(:holes, into: "hardwood").headline).to start_with("Pilot 3 mm")
    expect([said(found, "Thread that holds"), said(found, "Pocket hole instead")]).to eq(["17 mm", "screw of 32 mm"])
    expect(ask(:holes, unit: "in", screw: "5/32", long: "1 3/8", through: "3/4",
                       target: "1 1/4").headline).to include("3/32 in")
    expect(refused(:holes, long: 20)).to match([:long, /A 20 mm screw doesn't get through 18 mm\. Use one of 39 mm/])
    expect(refused(:holes, target: 15)).to match([:long, /It would come out on the other side: 17 mm into 15 mm\. Use one of 30 mm or less/])
    expect(ask(:holes, long: 25).warnings.first).to include("Only 7 mm of thread")
  end

  it "counts brackets and screws: 4 × 4 × 4 = 64, and 10% more, 71 in two packs" do
    expect(ask(:brackets).headline).to eq("16 brackets and 71 screws: 2 packs of 50.")
    expect(ask(:brackets, others: 30).headline).to include("104 screws: 3 packs") # 94 × 1.1 = 103.4
  end

  it "fits runners: 440 − 19 − 2 = 419 takes 400; 420 − 25.4 wide" do
    found = ask(:runners)
    expect(found.headline).to eq("Runners of 400 mm; the drawer is 394.6 mm wide outside.")
    expect([said(found, "Stop from the frame's front"), said(found, "Behind the drawer")]).to eq(["19 mm", "20 mm"])
    expect(ask(:runners, front: "overlay", deep: 460).headline).to start_with("Runners of 450 mm")
    expect(ask(:runners, kind: "wood").headline).to eq("The drawer is 418 mm wide outside, on wood.")
    expect(refused(:runners, deep: 200, drawer: 150)).to match([:sold, /the shortest is 250 mm/])
    expect(refused(:runners, drawer: 450)).to match([:drawer, /10 mm deeper/])
  end

  it "lays liner on a roll, turned where that saves" do
    # Two drawers of 300 × 200, no trim, roll of 500: one beside the other turned (200 + 200 across) takes 300 mm; 200
    # long each would take 400.
    one = { parts: "2 × 300 × 200", trim: 0 }
    expect(ask(:liner, **one).headline).to start_with("300 mm of the roll")
    # With a pattern nothing is turned: 200 along and 300 across, so two bands, each begun at a repeat of 150.
    expect(ask(:liner, **one, repeat: 150).headline).to start_with("500 mm of the roll")
    expect(refused(:liner,
                   parts: "1 × 700 × 600 chest")).to match([:roll,
                                                            /Chest needs 620 mm, which is wider than the roll\./])
    expect(ask(:liner, **one).materials).to eq("liner" => 0.15r)
  end

  it "nests seat covers: 450 + 2 × 100 = 650 wide, two side by side on 1400, two rows of 620" do
    found = ask(:fabric)
    expect([found.headline, said(found, "A piece"),
            said(found, "Rows")]).to eq(["1.24 m of cloth 1400 mm wide.", "650 mm by 620 mm", "2"])
    expect(ask(:fabric, repeat: 320).headline).to start_with("1.28 m")
    expect(ask(:fabric, wide: 800, turn: "yes").headline).to start_with("2 m") # turned: 620 across, 1000 long, two rows
    expect(refused(:fabric, cloth: 600)).to match([:cloth, /Cloth of 650 mm and more, or a seam/])
  end

  it "sizes glass and cane" do
    # 300 + 2 × 9 − 2 × 2 = 314; 314 × 514 × 4 mm at 2500 kg/m³ are 1.6 kg.
    found = ask(:inserts)
    expect([found.headline, said(found, "Weight of one")]).to eq(["2 of 314 mm by 514 mm.", "1.6 kg"])
    expect(ask(:inserts, kind: "cane").headline).to eq("2 of 368 mm by 568 mm.") # 300 + 2 × (9 + 25)
    expect(refused(:inserts, rebate: 2)).to match([:rebate, /holds nothing/])
    expect(ask(:inserts, rebate: 5).warnings.first).to include("fall out")
  end

  it "says whether a piece goes through" do
    expect(ask(:fits).headline).to start_with("It goes: standing")
    tight = ask(:fits, wide: 1200, deep: 800, high: 2000, open_wide: 760)
    expect(tight.headline).to start_with("It doesn't fit straight: 60 mm too much")
    expect(tight.warnings.first).to include("Tilting")
    expect(ask(:fits, kind: "into", open_wide: 1000, open_high: 800, open_long: 1500).headline).to start_with("It goes")
  end

  it "weighs by volume and density (Wood Handbook, from memory): a block of oak of 10 L is 7.1 kg" do
    block = ask(:weight, form: "block", material: "oak", wide: 1000, deep: 500, high: 20)
    expect(block.headline).to eq("About 7 kg: one fit person, close to the body.")
    expect(said(block, "Volume of wood")).to eq("10 L")
    # 0.9 × 0.45 × 2 + 0.45 × 0.85 × 2 + 1.3 × 0.9 × 0.85 = 2.57 m² × 20 mm = 51.4 L; drawers add to it.
    expect(said(ask(:weight, drawers: 0), "Volume of wood")).to eq("51.4 L")
    expect(ask(:weight, extra: 60).warnings.first).to include("Two people aren't enough")
    expect(refused(:weight, material: "cheese")).to match([:material, /isn't one of the choices/])
  end
end
