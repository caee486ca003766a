# frozen_string_literal: true

require "spec_helper"
require "ruby-units"

# Factors of NIST SP 811 (appendix B.8: US gallon 3.785 411 784 L, fluid ounce 29.573 53 mL, quart 946.352 9 mL, pint
# 473.176 5 mL, square foot 0.092 903 04 m², pound 453.592 37 g), held against the gem ruby-units, which knows them on
# its own.
RSpec.describe Core::Units::Measures do
  quantity = Core::Units::Quantity
  read = ->(text, kept = "ml", house = "mm") { quantity.parse(text, unit: kept, house: house) }

  { "1 gal" => "3785.411784", "1 qt" => "946.352946", "1 pt" => "473.176473", "1 fl oz" => "29.5735295625",
    "2 cups" => "473.176473" }.each do |text, ml|
    it "reads #{text} as #{ml} ml, as ruby-units has it" do
      expect(read.call(text)).to eq(ml.to_r)
      name = { "qt" => "qt", "gal" => "gal", "pt" => "pt", "fl oz" => "floz",
               "cups" => "cup" }.fetch(text.split(" ", 2).last)
      expect(Unit.new("#{text.to_i} #{name}").convert_to("ml").scalar.to_f).to be_within(1e-6).of(ml.to_f)
    end
  end

  it "reads masses, areas and temperatures as ruby-units has them" do
    expect(read.call("5 lb", "g").to_f).to be_within(1e-6).of(Unit.new("5 lbs").convert_to("g").scalar.to_f)
    expect(read.call("1 lb 4 oz", "g").to_f).to be_within(1e-6).of(Unit.new("20 oz").convert_to("g").scalar.to_f)
    expect(Core::Units::Square.parse("7 ft²",
                                     unit: "mm")).to be_within(0.5).of(Unit.new("7 ft^2").convert_to("mm^2").scalar.to_f)
    expect(described_class.parse_temperature("65 °F",
                                             unit: "mm")).to be_within(0.001).of(Unit.new("65 tempF").convert_to("tempC").scalar.to_f)
    expect(described_class.parse_rate("350 sq ft/gal",
                                      unit: "mm")).to be_within(1e-3).of(Unit.new("350 ft^2/gal").convert_to("m^2/l").scalar.to_f)
  end

  it "keeps liner, paper and edging in m² and m, read and shown in feet, as ruby-units has them" do
    { "7 ft²" => "7 ft^2", "3 sq yd" => "27 ft^2", "0,6 m²" => "0.6 m^2" }.each do |text, other|
      expect(read.call(text, "m²").to_f).to be_within(1e-9).of(Unit.new(other).convert_to("m^2").scalar.to_f)
    end
    expect(read.call("8 ft", "m").to_f).to be_within(1e-9).of(Unit.new("8 ft").convert_to("m").scalar.to_f)
    expect([read.call("7", "m²", "in"), read.call("7", "m²"),
            read.call("60 cm", "m")]).to eq([7 * described_class::SQUARE_FOOT, 7, 0.6r])
    amount = ->(number, unit, house) { Core::Shelf::Amount.text(number, { unit: unit }, unit: house) }
    expect([amount.call(1.38, "m²", "mm"), amount.call(1.38, "m²", "in"),
            amount.call(5, "m", "in")]).to eq(["1.38 m²", "14.9 ft²", "16.4 ft"])
    expect { read.call("2 qt", "m²", "in") }.to raise_error(Core::Refusal, /7 ft²/)
  end

  it "takes what people say: quarts, ounces, halves, commas, feet and inches" do
    said = { "1/2 gal" => 1892.705892, "1 1/2 qt" => 1419.529419, "32 fl oz" => 946.352946, "32 oz" => 946.352946, "1 Quart" => 946.352946,
             "2 gallons" => 7570.823568, "0,5 L" => 500, "1 litre" => 1000, "946 ml" => 946, "1 gal 1 qt" => 4731.76473 }
    expect(said.to_h { |text, _| [text, read.call(text).to_f.round(6)] }).to eq(said)
    length = ->(text, unit) { Core::Units::Length.parse(text, unit: unit) }
    expect([length.call("4 ft 6", "mm"), length.call("30\"", "mm"), length.call("60,5 cm", "in"),
            length.call("2' 3\"", "mm")])
      .to eq([1371.6, 762.0, 605.0, 685.8])
  end

  it "takes a bare number in the house's own measures" do
    bare = [read.call("8", "ml", "mm"), read.call("8", "ml", "in"), read.call("4", "g", "in")]
    expect(bare.map { |amount| amount.to_f.round(3) }).to eq([8, 236.588, 113.398])
    expect([described_class.parse_temperature("18,5", unit: "mm"),
            described_class.parse_temperature("65", unit: "in")]).to eq([18.5, 18.333])
    expect(described_class.parse_rate("400", unit: "in")).to be_within(0.01).of(9.82) # tins print 350 to 400 ft² a gallon: 8.6 to 9.8 m²/L
  end

  it "shows the house's measures throughout" do
    us = ->(ml) { described_class.volume(ml, unit: "in") }
    expect([10, 250, 946.353, 1500, 3785.4,
            9000].map(&us)).to eq(["0.34 fl oz", "8.45 fl oz", "1 qt", "1.59 qt", "1 gal", "2.38 gal"])
    expect([described_class.mass(50, unit: "in"), described_class.mass(1000, unit: "in"),
            described_class.mass(1000, unit: "mm")])
      .to eq(["1.76 oz", "2.2 lb", "1.00 kg"])
    expect([described_class.temperature(10, unit: "in"), described_class.warmer(3, unit: "in"),
            described_class.rate(9, unit: "in")])
      .to eq(["50 °F", "5.4 °F", "367 ft²/gal"])
  end

  it "reads back what it shows, to the last place shown, and a form's text exactly" do
    random = Random.new(811)
    rows = [{ unit: "ml" }, { unit: "g" }, { unit: "m²" }]
    800.times do
      row = rows.sample(random: random)
      amount = Rational(random.rand(1..20_000_000), 1000)
      text = Core::Shelf::Amount.text(amount, row, unit: "in").gsub(Core::Units::Numerals::GROUPS, "")
      again = read.call(text, row[:unit], "in")
      expect(Core::Shelf::Amount.text(again, row, unit: "in").gsub(Core::Units::Numerals::GROUPS, "")).to eq(text)
      typed = Core::Shelf::Amount.typed(amount, row, unit: "in")
      expect((read.call(typed, row[:unit], "in") * 1000).round).to eq((amount * 1000).round)
    end
    expect(Core::Shelf::Amount.typed(1r, { unit: "m²" }, unit: "in")).to eq("10.764 ft²")
  end

  { "1 qrt" => /Did you mean “1 qt”/, "3 gal 2" => /isn't an amount\. Type it like 250 ml or 0\.5 L/,
    "-1 oz" => /isn't an amount\. Type it like 250 ml or 0\.5 L/,
    "1,2,3" => /isn't a number\. Write digits only, such as 42\.50, without a currency sign/,
    "2 galons" => /Did you mean “2 gallons”/, "5 lb" => /isn't an amount\. Type it like 250 ml or 0\.5 L/,
    "1,234 ml" => /could mean two numbers\. Type 1234 or 1\.234/ }.each do |text, message|
    it "names #{text} and answers with what works" do
      expect { read.call(text) }.to raise_error(Core::Refusal, message)
    end
  end
end
