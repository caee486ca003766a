# frozen_string_literal: true

require "spec_helper"

# Dew points against the usual table of coating inspectors (ISO 8502-4, annex; psychrometric tables; from memory, to 0.2
# °C).
RSpec.describe Core::Bench::Climate do
  # [air °C, humidity %, dew point °C]
  [[20, 50, 9.3], [30, 70, 23.9], [10, 80, 6.7], [15, 60, 7.3], [25, 40, 10.5], [25, 90, 23.2], [5, 70, 0.0],
   [20, 100, 20.0]].each do |air, humidity, dew|
    it "finds #{dew} °C for air of #{air} °C at #{humidity}%" do
      expect(described_class.new(air: air, humidity: humidity).dew_point).to be_within(0.2).of(dew)
    end
  end

  def against(...) = described_class.new(...).against.join

  it "says no at or below 10 °C, above 32 °C, above 85%, and under 3 °C above the dew point (common practice)" do
    expect(against(air: 20, humidity: 50)).to eq("")
    expect([against(air: 10, humidity: 50), against(air: 11, humidity: 50)]).to match([/too cold/, ""])
    expect([against(air: 33, humidity: 30), against(air: 32, humidity: 30)]).to match([/too hot/, ""])
    expect(against(air: 20, humidity: 86)).to include("too damp")
    expect(against(air: 20, humidity: 50, surface: 12)).to include("dew point (9.3 °C)")
    expect(against(air: 20, humidity: 50, surface: 12.5)).to eq("")
    expect(described_class.new(air: 20, humidity: 0)).to have_attributes(dew_point: nil, against: [])
  end

  it "refuses a humidity outside 0 to 100 and temperatures that cannot be, naming the field" do
    [[{ air: 20, humidity: 101 }, :humidity], [{ air: 20, humidity: -1 }, :humidity], [{ air: 80, humidity: 50 }, :air],
     [{ air: 20, humidity: 50, surface: -60 }, :surface]].each do |given, field|
      expect { described_class.new(**given) }.to raise_error(Core::Refusal) { |error| expect(error.field).to eq(field) }
    end
  end
end
