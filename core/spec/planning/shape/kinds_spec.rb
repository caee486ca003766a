# frozen_string_literal: true

require "spec_helper"

# The zones of every kind as its usual measures give them, tops first. A kind is drawn from a few measures; a
# practitioner finds here what can be finished by itself.
RSpec.describe "zones of every kind" do
  body = "side-left side-right frame"
  {
    "chest of drawers" => "top edge front-1-1 front-1-2 front-2-1 front-3-1 #{body} legs drawers back underside",
    "bedside table" => "top edge front-1-1 door-1 #{body} legs drawers inside back underside",
    "sideboard" => "top edge front-1-1 front-1-2 front-1-3 door-1 door-2 door-3 #{body} legs drawers inside back underside",
    "cabinet" => "top edge door-1 door-2 #{body} base inside back underside",
    "bookcase" => "top edge #{body} base shelf-1 shelf-2 shelf-3 shelf-4 inside back underside",
    "wardrobe" => "top edge front-1-1 door-1 door-2 #{body} base drawers inside back underside",
    "washstand" => "top edge front-1-1 door-1 door-2 #{body} legs drawers inside back underside",
    "plan chest" => "top edge front-1-1 front-2-1 front-3-1 front-4-1 front-5-1 #{body} base drawers back underside",
    "desk" => "top edge front-1-1 front-1-2 front-1-3 apron legs drawers underside",
    "table" => "top edge apron legs underside",
    "bench" => "top edge apron legs underside",
    "hall bench" => "seat back-frame slats legs underside",
    "chair" => "seat back-frame slats legs underside",
    "blanket box" => "top lid-edge front side-left side-right legs inside back underside",
    "trunk" => "top lid-edge front side-left side-right inside back underside",
    "bar cart" => "tray-1 tray-2 posts",
    "box" => "top edge #{body} back underside",
    "mirror" => "frame edge back"
  }.each do |kind, keys|
    it "#{kind}: #{keys}" do
      expect(Plans.zones(kind, nil).map(&:key)).to eq(keys.split)
    end
  end

  it "names one front for each drawer, two faces for doors, shelves, leaves and trays, and grades what is hard to reach" do
    two = ->(kind, **measures) { Plans.zones(kind, nil, **measures).select { |zone| zone.faces == 2 }.map(&:role).uniq }
    expect([two.call("cabinet"), two.call("bookcase"), two.call("table", top_shape: "drop-leaf"),
            two.call("bar cart")]).to eq([%w[door], %w[shelf], %w[leaf], %w[top]])
    grades = Plans.zones("washstand", nil).to_h { |zone| [zone.key, zone.grade] }
    expect(grades.values_at("top", "legs", "drawers", "inside", "underside")).to eq(%w[flat curved hard hard hard])
    expect(Plans.zones("cabinet", nil, door_style: "panelled").find do |zone|
      zone.key == "door-1-frame"
    end).to have_attributes(grade: "detailed", role: "frame")
    expect(Plans.zones("chest of drawers", nil, base: "skirt").find do |zone|
      zone.key == "base"
    end).to have_attributes(grade: "curved", label: "Skirt")
  end

  it "gives advice by the grade, and multiplies the minutes" do
    zones = Plans.zones("chair", nil).to_h { |zone| [zone.key, zone] }
    expect(zones["slats"].advice).to include("small brush")
    expect(zones["seat"].advice).to be_nil
    expect(zones.values_at("seat", "legs", "slats", "underside").map(&:factor)).to eq([1, 12/10r, 15/10r, 2])
  end

  it "measures the inside of a compartment on five faces: two sides, back, bottom and ceiling" do
    inside = Plans.zones("bookcase", nil, width: 800.0, depth: 300.0, height: 1800.0, shelves: 1,
                                          base: "none").find do |zone|
      zone.key == "inside"
    end
    wide = inside.width
    high = inside.height
    expect(inside.area).to be_within(1).of((2 * 300 * high) + (2 * wide * 300) + (wide * high))
  end
end
