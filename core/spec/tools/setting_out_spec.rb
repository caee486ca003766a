# frozen_string_literal: true

require_relative "tools_helper"

# Setting out and cutting, by hand arithmetic beside each.
RSpec.describe "tools for setting out" do
  it "sets slats out from the centre with equal margins" do
    # 20 × 30 + 19 × 10 = 790: 5 left at each end. Relief 1 + 2 × 8 ÷ 40 = 1.4.
    found = ask(:slats)
    expect(found.headline).to eq("20 slats, 10 mm between, 5 mm at each end.")
    expect(found.table.rows.first).to eq(["1", "5 mm", "−395 mm", "30 mm"])
    expect(found.table.rows.last).to eq(["20", "765 mm", "365 mm", "30 mm"])
    # Four of 600 mm would need 4 × 603 − 3 = 2409: three a stick.
    expect([said(found, "Sticks to buy"), said(found, "Relief")]).to eq(["7 of 2400 mm", "1.4"])
    # 18 by number: (800 − 540) ÷ 19.
    expect(said(ask(:slats, by: "count"), "Gap")).to eq("13.7 mm")
    # With margins of 20: (760 − 540) ÷ 17.
    expect(ask(:slats, by: "count", margin: 20).headline).to eq("18 slats, 12.9 mm between, 20 mm at each end.")
    # Repeating widths of 30 and 15, gap 10: pairs of 65; 24 slats use 12 × 45 + 23 × 10 = 770; the next, 30 and its
    # gap, is too wide.
    expect(ask(:slats, widths: "30, 15").headline).to eq("24 slats, 10 mm between, 15 mm at each end.")
  end

  it "says how many slats fit at most, and where a pull's screw meets a gap" do
    expect(refused(:slats, by: "count",
                           count: 27)).to match([:count, /27 slats of 30 mm need 810 mm, but there's only 800 mm\. At most 26 fit, edge to edge/])
    expect(refused(:slats, field: 20)).to match([:widths, /Not one slat fits/])
    # Gap from 395 to 405 in the middle: a knob's screw falls into it; screws 40 mm apart meet slats 10 and 11.
    expect(ask(:slats,
               screws: 0).warnings).to eq(["The screw at 400 mm falls into a gap: pad it out to 8 mm, or change the number by one."])
    expect(ask(:slats, screws: 40).warnings).to eq([])
  end

  it "gives a rod of the field's width whose marks are the slats" do
    rod = ask(:slats).template
    expect(rod.width).to eq(800.0)
    expect(rod.shapes.select do |shape|
      shape[:role] == "part"
    end.map { |shape| [shape[:x], shape[:w]] }.first(2)).to eq([[5.0, 30.0], [45.0, 30.0]])
  end

  it "cuts sticks with kerf, labelled parts, offcuts and a proof" do
    # 8 parts are 4140 mm and 8 kerfs: two sticks of 2400 and no fewer.
    found = ask(:sticks)
    expect(found.headline).to eq("2 sticks of 2400 mm: proven: no plan takes fewer.")
    expect(found.cuts.map do |cut|
      [cut.mark, cut.name, cut.number, cut.long]
    end).to eq([["A", "leg", 4, 620.0], ["B", "rail", 4, 415.0]])
    cut = found.table.rows.map { |row| row[1] }.join(" · ").split(" · ").tally
    expect(cut).to eq("A 620" => 4, "B 415" => 4)
    # 4 × 600 need 4 × 603 − 3 = 2409 of 2400: the last is left for another stick; without kerf all four come out of
    # one.
    expect(ask(:sticks, parts: "4 × 600").headline).to start_with("2 sticks")
    expect(ask(:sticks, parts: "4 × 600", kerf: 0).headline).to start_with("1 stick ")
    expect(ask(:sticks, parts: "4 × 600", kerf: 0, trim: 10).headline).to start_with("2 sticks")
    expect(ask(:sticks, parts: "3 × 600").offcuts.map { |one| [one.number, one.long] }).to eq([[1, 591]])
    expect(ask(:sticks, parts: "2 x 23 5/8 leg; 1 x 10 in rail", unit: "in", stick: "96").cuts.map do |one|
      one.long.round(2)
    end).to eq([600.08, 254.0])
    expect(refused(:sticks, parts: "0 × 600")).to match([:parts, /nothing to cut/])
    expect(refused(:sticks, parts: "600 × 10 a")).to match([:parts, /too many/])
  end

  it "cuts sheets with oversize, whole flutes and a pattern that runs on" do
    found = ask(:sheets)
    expect(found.headline).to eq("1 sheet of 2440 mm by 1220 mm: proven, none .")
    expect(ask(:sheets, spare: 5).cuts.first.to_h).to include(long: 610.0, wide: 390.0, number: 2)
    # Flutes of 12: 380 mm are 31.7 flutes, so 32: 384 mm.
    expect(ask(:sheets, pitch: 12).cuts.first.wide).to eq(384.0)
    # Three fronts of 200 along and 400 across, in one piece: 600 and two kerfs long.
    joined = ask(:sheets, parts: "3 × 200 × 400 front", joined: "yes")
    expect(joined.table.rows).to eq([["AAA", "606 mm by 400 mm", "1", "0 mm", "0 mm"]])
    expect(refused(:sheets, parts: "1 × 300 × 1500 side")).to match([:parts, /any way/])
    expect(ask(:sheets, parts: "1 × 300 × 1500 side any way").table.rows.first.first).to eq("A (turned)")
    expect(refused(:sheets, parts: "a side")).to match([:parts, /isn't a list\. Type it like 2 × 400 × 300 shelf, with semicolons between the parts/])
  end

  it "clamps the guide for grooves, counted in passes" do
    # Five over 450: 75 apart, the first at 75. 3 mm by a saw of 2.4: two passes, 0.6 on. Guide at 75 − 1.5 − 110.
    found = ask(:grooves)
    expect(found.headline).to eq("5 grooves, 75 mm from centre to centre, 2 passes each.")
    expect(found.table.rows.first).to eq(["1", "75 mm", "−150 mm", "−36.5 mm"])
    expect([said(found, "Move the guide between passes"),
            said(found, "Left under the groove")]).to eq(["0.6 mm", "16 mm"])
    expect(found.warnings).to include(/the guide is off the panel/)
    expect(ask(:grooves, side: "right").table.rows.first.last).to eq("186.5 mm") # 75 + 1.5 + 110
    expect(ask(:grooves, veneer: "0.6").warnings).to include(/goes through the veneer/)
    expect(ask(:grooves, count: 1).headline).to eq("1 groove, 2 passes each.")
    expect(refused(:grooves,
                   groove: 2)).to match([:groove,
                                         /The saw cuts 2\.4 mm, which is wider than the 2 mm groove\./])
    expect(refused(:grooves, depth: 18)).to match([:depth, /A groove of 18 mm would go through 18 mm\. Stay under 9 mm/])
    expect(refused(:grooves, count: 100,
                             groove: 10)).to match([:count, /100 grooves of 10 mm don't fit\. At most 23 fit with equal wood between them/])
  end

  it "splits a top into two equal ones" do
    # (1200 − 3) ÷ 2 − 1 = 597.5; lost 1200 − 1195 = 5.
    found = ask(:split_top)
    expect([found.headline, said(found, "Saw line"),
            said(found, "Total loss")]).to eq(["Two tops 597.5 mm wide.", "598.5 mm", "5 mm"])
    expect(ask(:split_top, profile: "moulded").warnings.first).to include("The sawn edges have no molding")
    expect(refused(:split_top, wide: 60, overhang: 20)).to match([:overhang, /all overhang/])
    # A kneehole of 400 out of 1200, kerf 3: (1200 − 400) ÷ 2 − 3 = 397 to the saw line, 396 planed.
    kneehole = ask(:split_top, out: 400)
    expect([kneehole.headline, said(kneehole, "Saw line"),
            said(kneehole, "Total loss")]).to eq(["Two tops 396 mm wide.", "397 mm", "408 mm"])
    expect(refused(:split_top, wide: 1200, out: 1180)).to match([:overhang, /all overhang/])
  end

  it "makes splayed legs: tan r = √(tan² 10° + tan² 10°), so 14°, and 250 ÷ cos 14° = 257.7" do
    found = ask(:legs)
    expect(found.headline).to eq("Legs 257.7 mm long, both ends cut at 14°.")
    # 250 × tan 10° = 44.1; feet 800 − 80 − 65 + 88.2 apart.
    expect(said(found, "A foot stands out")).to eq("44.1 mm sideways, 44.1 mm to front and back")
    expect(said(found, "Feet apart")).to eq("743.2 mm by 343.2 mm")
    expect(said(found, "Direction")).to eq("45°")
    # One way only: the splay itself. 250 ÷ cos 15° = 258.8.
    one = ask(:legs, front: 15, side: 0)
    expect([one.headline, said(one, "Direction")]).to eq(["Legs 258.8 mm long, both ends cut at 15°.", "0°"])
    # A rail at 100 mm: 655 + 2 × 100 × tan 10° − 38 = 652.3.
    expect(said(ask(:legs, rail: 100), "Rail at front and back")).to eq("652.3 mm")
    expect(ask(:legs, front: 0, side: 0).headline).to eq("Legs 250 mm long, both ends cut at 0°.")
    expect(refused(:legs, rail: 300)).to match([:rail, /at the floor/])
    expect(refused(:legs, inset: 200)).to match([:inset, /Two plates of 65 mm don't fit into 400 mm\. Set them in by 135 mm at most/])
    expect(refused(:legs, front: 50)).to match([:front, /is out of range\. Enter 0 to 35/])
  end
end
