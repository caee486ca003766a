# frozen_string_literal: true

require "spec_helper"

# How numbers are written, for people and for programs.
RSpec.describe Core::Units::Numerals do
  { [0, 2] => "0.00", [5, 0] => "5", [1/3r, 2] => "0.33", [2/3r, 2] => "0.67", [1/8r, 2] => "0.13", [-1/8r, 2] => "-0.13",
    [-1/1000r, 2] => "0.00", [12_345_678, 0] => "12345678", [1/2r, 0] => "1" }.each do |(value, places), text|
    it "writes #{value} to #{places} places as #{text}" do
      expect(described_class.plain(value, places)).to eq(text)
    end
  end

  { 999 => "999", 9999 => "9999", 10_000 => "10 000", 1_234_567 => "1 234 567",
    -10_000 => "−10 000" }.each do |value, text|
    it "groups #{value} for reading as #{text}" do
      expect(described_class.text(value, 0)).to eq(text)
    end
  end

  { "12" => 12, " 7.5 " => 15/2r, "7,5" => 15/2r, "−3" => -3, "007" => 7, "1 000" => 1000, "1,234.50" => 2469/2r, "1.234,50" => 2469/2r,
    "1,234,567" => 1_234_567, "0,125" => 1/8r, "1.125" => 9/8r, "−12,50" => -25/2r }.each do |text, value|
    it "reads #{text.inspect} exactly" do
      expect(described_class.parse(text)).to eq(value)
    end
  end

  ["1,500", "1.2.3", "1,2,3", "10 00", "1,50.5.5", ".5", "5.", "0x10", "1_000", "+4", "NaN", "∞", "12 EUR",
   "١٢"].each do |text|
    it "refuses #{text} rather than guess" do
      expect { described_class.parse(text) }.to raise_error(Core::Refusal)
    end
  end

  it "cuts a long or dirty text short in its message" do
    expect(described_class.clip("x" * 100)).to eq("#{'x' * 40}…")
    expect(described_class.clip("a\nb\u0000c")).to eq("a b c")
  end
end

RSpec.describe Core::Figure do
  let(:euro) { Core::Units::Currency.find("EUR") }

  def plain(amount, unit: :money, key: :part, why: nil) = described_class.plain(key, "Part", unit, amount, why: why)

  it "says each unit in its own way" do
    texts = { money: 1250, hourly: 2500/3r, effort: 5400, days: 1, ratio: 1/3r }.map do |unit, amount|
      plain(amount, unit: unit).text(euro)
    end
    expect(texts).to eq(["12.50", "8.33", "1 h 30", "1 day", "33.3%"])
  end

  it "leaves zero terms out of its sentence, but never a divisor" do
    sum = described_class.sum(:sum, "Sum", :money, [["+", plain(500)], ["−", plain(0)], ["−", plain(200)]])
    expect(sum.sentence(euro)).to eq("sum 3.00 = 5.00 − 2.00")
    share = described_class.ratio(:share, "Share", :ratio, plain(100), plain(0))
    expect([share.sentence(euro), share.why]).to eq(["share undefined = 1.00 ÷ 0.00", "Part is zero"])
  end

  it "is undefined with the reason of the first term that is" do
    sum = described_class.sum(:sum, "Sum", :money,
                              [["+", plain(500)], ["−", plain(nil, why: "price paid is not known")]])
    expect(sum).to have_attributes(amount: nil, why: "price paid is not known")
    expect(sum.sentence(euro)).to eq("sum undefined = 5.00 − ?")
  end

  it "cannot be changed" do
    expect { plain(1).amount = 2 }.to raise_error(FrozenError)
  end

  it "writes a day without its year while it is this year's, and small numbers as words" do
    calendar = Core::Units::Calendar
    expect(calendar.short(Date.new(2026, 5, 3), today: Date.new(2026, 12, 31))).to eq("3 May")
    expect(calendar.short(Date.new(2025, 12, 31), today: Date.new(2026, 1, 1))).to eq("31 Dec 2025")
    expect([0, 1, 12, 13].map { |number| Core::Units::Numerals.word(number) }).to eq(%w[No One Twelve 13])
  end
end
