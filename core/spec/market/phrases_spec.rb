# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Market::Phrases do
  it "says what was done in the order of work, and nothing that took no time" do
    expect(described_class.done({ "painting" => 60, "cleaning" => 60, "sanding" => 0,
                                  "filming" => 60 })).to eq(%w[cleaned painted])
  end

  it "says what it is of, once where body and surface are alike" do
    pairs = [%w[solid solid], %w[solid veneer], ["solid", nil], [nil, "board"], [nil, nil]]
    expect(pairs.map { |pair| described_class.made_of(*pair) })
      .to eq([["solid wood"], ["body of solid wood", "surface of veneer"], ["solid wood"], ["surface of board"], []])
  end

  it "counts parts, leaves out what there is none of, and says the care of each finish once" do
    expect(described_class.parts({ "drawer" => 3, "door" => 1, "shelf" => 0 })).to eq(["3 drawers", "1 door"])
    expect(described_class.care(%w[clear paint wax
                                   leave])).to eq(["wipe with a damp cloth, no scouring",
                                                   "wax again once a year, keep hot cups off"])
  end

  # 20 June and 30 days are 20 July; on that day it is cured.
  it "tells of tipping, lids and curing where they apply" do
    ready = Date.new(2026, 6, 20)
    told = ->(kind) { described_class.cautions(kind, tips: Core::Planning::TipOver.kind?(kind)) }
    expect(told.call("Wardrobe").first).to include("anti-tip kit")
    expect(told.call("blanket box")).to eq([described_class::LID])
    expect(told.call("chair")).to eq([])
    expect(described_class.curing(ready, [21, nil, 30],
                                  Date.new(2026, 7, 19))).to eq("go easy on it until 20 Jul 2026: its finish cures 30 days")
    cured = [[ready, [30], Date.new(2026, 7, 20)], [nil, [30], ready], [ready, [nil], ready]]
    expect(cured.map { |given| described_class.curing(*given) }).to all(be_nil)
  end
end
