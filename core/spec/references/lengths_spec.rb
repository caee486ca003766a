# frozen_string_literal: true

require "spec_helper"
require "ruby-units"

# 1 in = 25.4 mm: NIST SP 811 (2008), appendix B. 1 US gal = 3.785411784 L: the same (checked on the reference
# library, so that the conversions of later parts rest on one that agrees with the standard). Library: ruby-units.
RSpec.describe "lengths against NIST SP 811 and ruby-units" do
  let(:length) { Core::Units::Length }

  it "takes the inch as 25.4 mm and the foot as 12 of them" do
    expect(length.parse("1", unit: "in")).to eq(25.4)
    expect(length.parse("1 ft", unit: "mm")).to eq(304.8)
  end

  it "has a reference library that agrees with the standard" do
    expect(RubyUnits::Unit.new("1 gal").convert_to("l").scalar).to be_within(1e-12).of(3.785411784)
    expect(RubyUnits::Unit.new("1 in").convert_to("mm").scalar).to be_within(1e-12).of(25.4)
  end

  { "23 5/8 in" => "23.625 in", "0.5 in" => "0.5 in", "60 cm" => "60 cm", "1.2 m" => "1.2 m", "2 ft" => "2 ft",
    "900 mm" => "900 mm", "7/16 in" => "0.4375 in" }.each do |written, reference|
    it "reads #{written} as ruby-units reads #{reference}" do
      expect(length.parse(written, unit: "mm")).to be_within(1e-4).of(RubyUnits::Unit.new(reference).convert_to("mm").scalar.to_f)
    end
  end

  it "adds feet and inches" do
    expect(length.parse("2 ft 3 1/2 in", unit: "mm")).to be_within(1e-4).of(27.5 * 25.4)
  end

  it "shows every sixteenth of an inch as it was given" do
    (1..160).each do |sixteenths|
      shown = length.text(sixteenths * 25.4 / 16, unit: "in")
      expect(length.parse(shown, unit: "in")).to be_within(1e-3).of(sixteenths * 25.4 / 16)
    end
    expect(length.text(600.075, unit: "in")).to eq("23 5/8 in")
    expect(length.text(600.075, unit: "mm")).to eq("600 mm")
  end
end
