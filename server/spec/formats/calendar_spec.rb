# frozen_string_literal: true

require_relative "format_helper"

# RFC 5545, Internet Calendaring and Scheduling Core Object Specification (2009): folding and line ends (3.1), text
# (3.3.11), dates (3.3.4, 3.3.5); read back through the icalendar gem.
RSpec.describe Formats::Calendar do
  let(:made) { Time.utc(2026, 6, 30, 12) }
  let(:long) { "Paint, coat 1; all-in-one: é \u{1F33F} #{'grün, ' * 30}\nnext line" }
  let(:text) do
    session = { uid: "session-1-2", from: Time.utc(2026, 7, 4, 9), to: Time.utc(2026, 7, 4, 12, 30),
                summary: "Bench: Me", text: long, remind: 15 }
    ready = { uid: "ready-7", from: Date.new(2026, 7, 5), to: Date.new(2026, 7, 6), summary: "Ready: Chest" }
    described_class.write([session, ready].map { |row| described_class::Entry.new(**row) }, made: made)
  end

  it "folds lines at 75 octets without breaking a character, and ends each by CRLF (3.1)" do
    lines = text.split("\r\n")
    expect(text).to end_with("\r\n")
    expect(text.gsub("\r\n", "")).not_to include("\n", "\r")
    expect(lines.map(&:bytesize).max).to be <= 75
    expect(lines).to all(be_valid_encoding)
    expect(lines.grep(/\A[ \t]/)).not_to be_empty
  end

  it "is read back by another library as it was meant" do
    calendar = Icalendar::Calendar.parse(text).first
    session, ready = calendar.events
    expect(session.summary).to eq("Bench: Me")
    expect(session.description).to eq(long)
    times = [Time.utc(2026, 7, 4, 9), Time.utc(2026, 7, 4, 12, 30), made]
    expect([session.dtstart, session.dtend, session.dtstamp].map(&:to_i)).to eq(times.map(&:to_i))
    expect(text).to include("TRIGGER:-PT15M", "ACTION:DISPLAY")
    expect(session.alarms.size).to eq(1)
    expect([ready.dtstart.to_s, ready.dtend.to_s, ready.transp.to_s]).to eq(%w[2026-07-05 2026-07-06 TRANSPARENT])
    expect([session.uid, ready.uid]).to eq(%w[session-1-2@kohlrabi ready-7@kohlrabi])
    expect(text).to include("VERSION:2.0", "DTSTART:20260704T090000Z", "DTSTART;VALUE=DATE:20260705")
  end

  it "escapes what would end a value (3.3.11), and is valid without any entry" do
    expect(text).to include("Paint\\, coat 1\\; all-in-one")
    expect(Icalendar::Calendar.parse(described_class.write([], made: made)).first.events).to eq([])
  end
end
