# frozen_string_literal: true

# Amounts of material, shares of a container and parts of a mix, as they are typed.
RSpec.describe Core::Units::Quantity do
  it "reads amounts in the product's unit, and others of the same sort" do
    expect(described_class.parse("250", unit: "ml")).to eq(250)
    expect(["0.5 L", "25 cl", "1/2 l"].map { |text| described_class.parse(text, unit: "ml") }).to eq([500, 250, 500])
    expect(described_class.parse("1.5 kg", unit: "g")).to eq(1500)
    expect(described_class.parse("6", unit: "pcs")).to eq(6)
    expect { described_class.parse("3 kg", unit: "ml") }.to raise_error(Core::Refusal, /isn't an amount\. Type it like 250 ml or 0\.5 L/)
    expect { described_class.parse("some", unit: "pcs") }.to raise_error(Core::Refusal, /isn't an amount\. Type it like 6/)
  end

  it "reads shares only from nothing to the whole" do
    expect(["1/3", "25%", "full", "empty"].map { |text| described_class.share(text) }).to eq([1/3r, 1/4r, 1, 0])
    ["4/3", "101%"].each { |text| expect { described_class.share(text) }.to raise_error(Core::Refusal, %r{isn't a share\. Type it like 1/3 or 25%}) }
    expect { described_class.share("1/0") }.to raise_error(Core::Refusal, %r{You can't divide by 0\. Type it like 1/3})
  end

  it "reads parts of a mix: whole, decimal and fractions, above 0" do
    expect(["2", " 0.5 ", "1/3"].map { |text| described_class.ratio(text) }).to eq([2, 1/2r, 1/3r])
    ["0", "-1"].each { |text| expect { described_class.ratio(text) }.to raise_error(Core::Refusal, %r{isn't a number of parts\. Enter a number above 0, like 2 or 1/3}) }
    ["", "two"].each { |text| expect { described_class.ratio(text) }.to raise_error(Core::Refusal, /isn't a number\. Write digits only, such as 42\.50, without a currency sign/) }
  end
end
