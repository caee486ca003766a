# frozen_string_literal: true

require_relative "tools_helper"

# Tools for paint and finish, by hand arithmetic beside each.
RSpec.describe "tools for paint and finish" do
  it "reckons paint: 1.5 m² × 2 ÷ 13.5 m²/L = 222 ml, a tin of 500" do
    found = ask(:quantity)
    expect(found.headline).to eq("222 ml of all-in-one satin paint for 2 coats on 1.50 m².")
    expect([said(found, "A coat"), said(found, "To buy"),
            said(found, "Left over")]).to eq(["111 ml", "1 × 500 ml", "277 ml"])
    expect(found.materials).to eq("paint_all" => 223)
    # A gallon of 3.785 L at 350 to 400 square feet is 8.6 to 9.8 m²/L (tins print it; common practice): the default
    # lies between.
    rate = Core::Shelf::Products::GENERIC["paint_wall"][:rate]
    expect(rate).to be_between(350 * 0.09290304 / 3.785411784, 400 * 0.09290304 / 3.785411784)
    # Aerosol: 0.3 m² × 3 ÷ 3 m²/L × 1.3 = 390 ml, one can of 400.
    expect(said(ask(:quantity, product: "aerosol", area: "0.3", coats: 3, way: "spray"), "To buy")).to eq("1 × 400 ml")
    expect(ask(:quantity, product: "stripper", area: "0.9", coats: 1,
                          way: "hand").headline).to start_with("300 ml of solvent stripper gel")
    expect(ask(:quantity, pieces: 4).materials).to eq("paint_all" => 889)
    expect(refused(:quantity, product: "gold")).to match([:product, /not a product/])
    expect(refused(:quantity, coats: 0)).to match([:coats, /is out of range\. Enter 1 to 12/])
    expect(refused(:quantity, area: "lots")).to match([:area, /isn't a number\. Write digits only, such as 42\.50, without a currency sign/])
  end

  it "thins by the line through the logarithms: 0% 80 s and 10% 40 s, so 20 s at 20%" do
    # ln 80 − ln 40 = ln 2 over 10%; another ln 2 to 20 s needs 10% more. Past the 10% of the paint: never.
    found = ask(:thinning, readings: "0: 80; 10: 40", target: 20)
    expect(found.headline).to eq("It's at its limit of 10%. Don't add any more.")
    expect(found.warnings.first).to include("It would take 20%, past the 10%")
    # With chalk-style paint, limit 30%: 20% of 300 ml are 60, 30 are in it.
    chalk = ask(:thinning, product: "paint_chalk", readings: "0: 80; 10: 40", target: 20)
    expect([chalk.headline, said(chalk, "Add now")]).to eq(["Add 30 ml, then measure again.", "30 ml"])
    # One reading: 5% more of 300 ml.
    expect(ask(:thinning, readings: "0: 75").headline).to eq("Add 15 ml, then measure again.")
    expect(ask(:thinning, readings: "5: 30.5").headline).to eq("Just right. Don't add anything.")
    # 90 ml to 300 ml is 30%, 23% of the mix (worked by hand).
    much = ask(:thinning, product: "paint_chalk", readings: "0: 90; 30: 40", target: 60)
    expect(said(much, "In it now")).to eq("90 ml (30% of the paint, 23.1% of the mix)")
  end

  it "adds paint where too much is in it: thinner ÷ wanted percent − paint" do
    # 0% 80 s, 20% 20 s: 40 s at 10%. 60 ml of water in 300 ml want 600 ml of paint: 300 more.
    expect(ask(:thinning, product: "paint_chalk", readings: "0: 80; 20: 20",
                          target: 40).headline).to eq("Too thin: add 300 ml of paint.")
    expect(ask(:thinning, readings: "5: 20", target: 30).headline).to include("Already too thin")
    expect(refused(:thinning,
                   readings: "0: 40; 10: 60")).to match([:readings,
                                                         /By these readings, it gets thicker as you thin it\. Stir, strain, and measure again/])
    expect(refused(:thinning, readings: "quick")).to match([:readings, /isn't a number\. Write digits only, such as 42\.50, without a currency sign/])
  end

  it "turns seconds of the Ford cup no. 4 into viscosity: 3.85 × (t − 4.49) (ASTM D1200; from memory)" do
    # 30 s: 3.85 × 25.51 = 98.2 mm²/s; outside 20 to 100 s it says nothing.
    expect(said(ask(:thinning, readings: "0: 30", target: 25), "Viscosity at the last reading")).to eq("98.2 mm²/s")
    expect(said(ask(:thinning, readings: "0: 15", target: 12), "Viscosity at the last reading")).to be_nil
  end

  it "scales and corrects mixes, washes and the home-made chalk style" do
    expect(ask(:mix).table.rows.map { |row| row[2] }).to eq(["100 ml", "100 ml", "50 ml"])
    # From 200 : 100 : 0 to 2 : 2 : 1 needs 0, 100, 100 (worked by hand).
    corrected = ask(:mix, there: "200; 100; 0")
    expect(corrected.headline).to eq("Add 100 ml white and 100 ml water: 500 ml of 2 : 2 : 1.")
    expect(ask(:mix, there: "200; 200; 100").headline).to eq("It is 2 : 2 : 1 already.")
    expect(ask(:mix, usual: "wash_thin", amount: 100).table.rows.map { |row| row[2] }).to eq(["30 ml", "70 ml"])
    # Per 240 ml paint 30 ml calcium carbonate and 15 ml water (common practice, no source).
    expect(ask(:mix, usual: "chalk_home", amount: 285).table.rows.map do |row|
      row[2]
    end).to eq(["240 ml", "30 ml", "15 ml"])
    expect(refused(:mix, there: "200; 100")).to match([:there, /2 amounts for 3 parts/])
    expect(refused(:mix, parts: "blue")).to match([:parts, /isn't a list of parts\. Type it like 2 blue; 1 white/])
    expect(refused(:mix, parts: "1 blue")).to match([:parts, /A mix needs at least two parts\. Add another one/])
  end

  it "finds where spraying pays, and its passes" do
    # 2.5 m² in 2 coats: 5 m². Fixed 25 + 5; brush 10.5 min a m², sprayer 3.5: 30 ÷ 7.
    found = ask(:method)
    expect(said(found, "Spraying pays from")).to eq("4.29 m²")
    # (850 − 200) ÷ (200 × 0.6) + 1 = 6.42, so 7; 120 mm on.
    expect([said(found, "Passes of the sprayer"), said(found, "From pass to pass")]).to eq(["7", "120 mm"])
    expect(said(ask(:method, height: 150), "Passes of the sprayer")).to eq("1")
    expect(ask(:method,
               overlap: 10).warnings).to eq(["An overlap of 30 to 50% is usual. Less leaves stripes; more causes runs."])
    big = ask(:method, area: 12)
    expect(big.headline).to match(/\ASprayer is fastest/)
  end

  it "says whether a coat may go on: 20 °C and 50% have their dew point at 9.3 °C, 30 °C and 70% at 23.9 °C (Magnus, from memory)" do
    expect(said(ask(:can_coat, air: 20, humidity: 50), "Dew point")).to eq("9.3 °C")
    expect(said(ask(:can_coat, air: 30, humidity: 70), "Dew point")).to eq("23.9 °C")
    expect(ask(:can_coat, air: 20, humidity: 50).headline).to eq("A coat may go on.")
    expect(ask(:can_coat, air: 9, humidity: 50).headline).to include("too cold")
    expect(ask(:can_coat, air: 20, humidity: 80, surface: 18).headline).to include("dew point")
    expect(refused(:can_coat, humidity: 101)).to match([:humidity, /101%/])
  end

  it "makes ladders: 80, 100, 150, 220 and 60, 120, 180, 240 are used whole (common practice, no source)" do
    expect(ask(:ladder, from: "bare", under: "clear",
                        at_hand: "80 100 150 220").headline).to eq("80, 100, 150, 220 grit.")
    expect(ask(:ladder, from: "caked", under: "wax",
                        at_hand: "60, 120, 180, 240").headline).to eq("60, 120, 180, 240 grit.")
    expect(refused(:ladder, at_hand: "80, 220")).to match([:grits, /missing/])
    expect(refused(:ladder, at_hand: "85")).to match([:at_hand, /85 isn't a grit you can buy\. Type them like 80, 100, 150, 220/])
    expect(ask(:ladder, veneer: "yes").warnings).to include(/start with 120 grit/)
  end

  it "mixes filler in batches, and puts a block into deep holes" do
    # 40 × 20 × 4 mm are 3.2 ml; four and 20% more 15.36; 15 ml in 5 minutes: two batches; × 1.8 g.
    found = ask(:filler)
    expect(found.headline).to eq("15.4 ml (28 g) in 2 batches of 7.7 ml.")
    expect(found.materials).to eq("filler_two" => 28)
    expect([found.warnings, ask(:filler, deep: 15).warnings.first]).to match([[], /glue in a block/])
  end

  it "counts tape round zones, with a step that peels it" do
    # 2 × (400 + 180) = 1.16 m; four, and 5% more: 4.87 m.
    found = ask(:tape)
    expect(found.headline).to eq("4.9 m of tape: 1 roll of 25 m.")
    expect(found.steps.map(&:label)).to eq(["Mask 4 zones", "Peel the tape when the last coat is touch dry"])
    expect(said(ask(:tape, sides: 2), "One zone")).to eq("0.8 m")
    expect(said(ask(:tape, sides: 3), "One zone")).to eq("0.98 m")
  end
end
