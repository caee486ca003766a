# frozen_string_literal: true

require "spec_helper"

# How people write hours (common practice, no source).
RSpec.describe Core::Units::Effort do
  { "1h20" => 80, "1:20" => 80, "80 min" => 80, "80" => 80, "1.5 h" => 90, "1 h 05" => 65, "2 hours" => 120, "1,5 h" => 90,
    "0" => 0, "0.25h" => 15, "24h" => 1440,
    "3" => 180, "6" => 360, "14" => 840, "20" => 20, "1.5" => 90, "an hour and a half" => 90, "one and a half hours" => 90, "half an hour" => 30,
    "1 1/2 h" => 90, "1½ h" => 90, "1/2" => 30, "two hours" => 120, "Two hours and 15 minutes" => 135, "a quarter of an hour" => 15,
    "three quarters of an hour" => 45, "an hour and a quarter" => 75, "45m" => 45, "2 hrs 5 mins" => 125, "2h, 10 min" => 130, "1 hr" => 60,
    "forty-five minutes" => 45, "three and a half hours" => 210, "half hour" => 30 }.each do |text, minutes|
    it "reads #{text} as #{minutes} min" do
      expect(described_class.parse(text)).to eq(minutes * 60)
    end
  end

  { hours: { "3" => 180, "20" => 1200 }, minutes: { "3" => 3, "90" => 90 } }.each do |bare, texts|
    texts.each do |text, minutes|
      it("reads a bare #{text} in #{bare}") {
        expect(described_class.parse(text, bare: bare)).to eq(minutes * 60)
      }
    end
  end

  ["", "abc", "1:75", "-20", "1h20h", "1,5,5 h", "25h", "1 h 70", "1/0", "2 3", "20 min 5", "half", "3 h 2.5", "h", "30 min 1 h",
   "an hour of"].each do |text|
    it "refuses #{text.inspect} and says how to write it" do
      expect { described_class.parse(text) }.to raise_error(Core::Refusal, /Type it like 1h20|Enter each day/)
    end
  end

  it "takes longer times where those can be" do
    expect(described_class.parse("30", bare: :hours, most: described_class::MOST_LEFT)).to eq(30 * 3600)
    expect(described_class.parse("3 days", bare: :hours, most: described_class::LONGEST_WAIT)).to eq(3 * 86_400)
    expect { described_class.parse("3 days") }.to raise_error(Core::Refusal, /more than a day/)
  end

  it "echoes hours and minutes" do
    expect([0, 300, 4800, 43_200].map do |seconds|
      described_class.text(seconds)
    end).to eq(["0 min", "5 min", "1 h 20", "12 h"])
    expect(described_class.text(-360)).to eq("−6 min")
  end

  it "reads back every time that it writes" do
    (0..1440).each { |minutes| expect(described_class.parse(described_class.text(minutes * 60))).to eq(minutes * 60) }
  end

  it "keeps decimal hours of a spreadsheet exactly" do
    (0..500).each do |hundredths|
      text = format("%.2f", hundredths / 100.0)
      expect(described_class.decimal(described_class.parse_decimal_hours(text))).to eq(text)
    end
  end
end
