# frozen_string_literal: true

require "spec_helper"

# Leap years by the Gregorian rule (ISO 8601 calendar): every fourth year, not the hundredth, but the four-hundredth.
RSpec.describe Core::Units::Calendar do
  { "2024-02-29" => true, "2023-02-29" => false, "2000-02-29" => true, "2100-02-29" => false,
    "2026-04-31" => false, "2026-12-31" => true, "2026-00-10" => false, "2026-13-01" => false }.each do |text, exists|
    it "#{exists ? 'takes' : 'refuses'} #{text}" do
      if exists
        expect(described_class.parse(text).iso8601).to eq(text)
      else
        expect { described_class.parse(text) }.to raise_error(Core::Refusal, /isn't in the calendar\. Check the day and the month/)
      end
    end
  end

  it "reads years of two digits as this century's" do
    expect(described_class.parse("1.2.26", order: :dmy)).to eq(day("2026-02-01"))
  end

  it "lets today pass and refuses tomorrow, saying which day it is" do
    today = day("2026-05-03")
    expect(described_class.past!(today, today: today, what: "Ready")).to eq(today)
    expect(described_class.past!(nil, today: today, what: "Ready")).to be_nil
    expect { described_class.past!(today + 1, today: today, what: "Ready") }
      .to raise_error(Core::Refusal,
                      "Ready on 4 May 2026 is after today, 3 May 2026. Record it once it has happened.")
  end
end
