# frozen_string_literal: true

require "spec_helper"

RSpec.describe Kohlrabi::Core::Units::Effort do
  { "1h20" => 80, "1:20" => 80, "80 min" => 80, "80" => 80, "1.5 h" => 90, "1 h 05" => 65, "2 hours" => 120, "1,5 h" => 90,
    "0" => 0, "0.25h" => 15, "24h" => 1440 }.each do |text, minutes|
    it "reads #{text} as #{minutes} min" do
      expect(described_class.parse(text)).to eq(minutes * 60)
    end
  end

  ["", "abc", "1:75", "-20", "1h20h", "1,5,5 h", "25h", "1 h 70"].each do |text|
    it "refuses #{text.inspect} and says how to write it" do
      expect { described_class.parse(text) }.to raise_error(Kohlrabi::Core::Refusal, /Write 1h20|Enter each day/)
    end
  end

  it "echoes hours and minutes" do
    expect([0, 300, 4800, 43_200].map { |seconds| described_class.text(seconds) }).to eq(["0 min", "5 min", "1 h 20", "12 h"])
  end

  it "keeps decimal hours of a spreadsheet exactly" do
    (0..500).each do |hundredths|
      text = format("%.2f", hundredths / 100.0)
      expect(described_class.decimal(described_class.parse_decimal_hours(text))).to eq(text)
    end
  end
end
