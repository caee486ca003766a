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

  { 999 => "999", 9999 => "9999", 10_000 => "10,000", 1_234_567 => "1,234,567",
    -10_000 => "−10,000" }.each do |value, text|
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
    expect(texts).to eq(["€12.50", "€8.33", "1 h 30", "1 day", "33.3%"])
  end

  it "leaves zero terms out of its sentence, but never a divisor" do
    sum = described_class.sum(:sum, "Sum", :money, [["+", plain(500)], ["−", plain(0)], ["−", plain(200)]])
    expect(sum.sentence(euro)).to eq("sum €3.00 = €5.00 − €2.00")
    share = described_class.ratio(:share, "Share", :ratio, plain(100), plain(0))
    expect([share.sentence(euro), share.why]).to eq(["share undefined = €1.00 ÷ €0.00", "Part is zero"])
  end

  it "is undefined with the reason of the first term that is" do
    sum = described_class.sum(:sum, "Sum", :money,
                              [["+", plain(500)], ["−", plain(nil, why: "price paid is not known")]])
    expect(sum).to have_attributes(amount: nil, why: "price paid is not known")
    expect(sum.sentence(euro)).to eq("sum undefined = €5.00 − ?")
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

# How exactly amounts are shown, each as it is known.
RSpec.describe Core::Units::MoneyText do
  def currency(code) = Core::Units::Currency.find(code)

  euro = Core::Units::Currency.find("EUR")

  { 450_134 => "€4,501.34", 124_000 => "€1,240.00", -1200 => "−€12.00", 0 => "€0.00" }.each do |minor, text|
    it "writes recorded #{minor} as #{text}" do
      expect(described_class.text(minor, euro)).to eq(text)
    end
  end

  { 22_643 => "€225", 1_960 => "€20", 1_240 => "€12", 49_800 => "€500", 99_200 => "€990", 123_456 => "€1,200", 1_560_000 => "€16,000",
    -22_643 => "−€225", 30 => "€1", 0 => "€0" }.each do |minor, text|
    it "rounds an estimate of #{minor} to #{text}" do
      expect(described_class.about(minor, euro)).to eq(text)
    end
  end

  it "writes a range with its symbol once, and as one figure where both ends are the same" do
    expect(described_class.between(23_012, 34_480, euro)).to eq("€230–345")
    expect(described_class.between(23_012, 23_100, euro)).to eq("€230")
    expect(described_class.between(-500, 8000, euro)).to eq("−€5 to €80")
    expect(described_class.rates(919, 1810, euro)).to eq("€9–18")
    expect(described_class.rates(242, 507, euro)).to eq("€2.40–5.10")
  end

  it "rounds limits to the safe side, and what is enough up" do
    expect(described_class.at_most(11_673, euro)).to eq("€116")
    expect(described_class.at_least(33_788, euro)).to eq("€338")
    expect(described_class.enough(4827, euro)).to eq("€50")
    expect(described_class.enough(123_456, euro)).to eq("€1,300")
  end

  it "writes pay and daily cost to two figures, and prices without empty cents" do
    expect([827, 1110, 163, 202].map { |minor| described_class.rate(minor, euro) }).to eq(["€8.30", "€11", "€1.60", "€2"])
    expect([25_500, 25_450].map { |minor| described_class.price(minor, euro) }).to eq(["€255", "€254.50"])
  end

  it "goes by the currency's symbol, its place and its scale" do
    expect(described_class.text(124_000, currency("USD"))).to eq("$1,240.00")
    expect(described_class.text(124_000, currency("NOK"))).to eq("1,240.00\u00A0kr")
    expect(described_class.about(25_530, currency("JPY"))).to eq("¥25,500")
    expect(described_class.about(226_430, currency("SEK"))).to eq("2,250\u00A0kr")
  end
end

# Estimated hours and days, no more exact than they are known.
RSpec.describe Core::Units::Effort do
  it "says estimated work to five minutes, and to a quarter of an hour above an hour" do
    expect([1500, 3500, 6360, 28_800, 60].map { |seconds| described_class.about(seconds) }).to eq(["25 min", "1 h", "1¾ h", "8 h", "5 min"])
    expect(described_class.enough(6400)).to eq("2 h")
  end

  it "says a range with its unit once" do
    expect(described_class.between(7.2 * 3600, 16.2 * 3600)).to eq("7–16 h")
    expect(described_class.between(5400, 8100)).to eq("1½–2¼ h")
    expect(described_class.between(2400, 3300)).to eq("40–55 min")
  end

  it "says days to come as weeks and months where they are many" do
    expect([5, 1, 47, 56, 213].map { |days| Core::Units::Calendar.about(days) }).to eq(["5 days", "1 day", "7 weeks", "8 weeks", "7 months"])
  end

  it "says chances to 5%" do
    expect([0.78, 0.46, 0.02, 0.99].map { |share| Core::Units::Numerals.chance(share) }).to eq(["80%", "45%", "under 5%", "over 95%"])
  end

  it "says a day with its year only where that is another, in the order of the country" do
    today = Date.new(2026, 6, 15)
    near = ->(text, country = nil) { Core::Units::Calendar.near(Date.iso8601(text), today: today, country: country) }
    expect([near.call("2026-06-30"), near.call("2025-06-30")]).to eq(["Tue 30 Jun", "30 Jun 2025"])
    expect([near.call("2026-06-30", "US"), near.call("2025-06-30", "US")]).to eq(["Tue, Jun 30", "Jun 30, 2025"])
  end
end
