# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Bench::Hours do
  def row(**rest) = described_class::Row.new(person: 1, **rest)
  def minutes(text) = described_class.clock(text)

  it "takes a date's own hours before those of its weekday, and nobody works where it has none" do
    saturday = Date.new(2026, 7, 4)
    rows = [row(weekday: 6, from: 600, to: 780), row(date: saturday, from: 540, to: 600), row(date: saturday + 7)]
    hours = described_class.new(rows)
    expect(hours.on(saturday)).to eq([[1, 540, 600]])
    expect(hours.on(saturday + 7)).to eq([])
    expect(hours.on(saturday + 14)).to eq([[1, 600, 780]])
    expect(hours.on(saturday + 1)).to eq([])
  end

  it "assumes half of a week's hours on Saturday, at most six, and the rest on two evenings" do
    # 8 h: 4 h on Saturday from 10:00, 2 h on Tuesday and Thursday from 18:00.
    usual = described_class.usual(3, 8 * 3600).map { |one| [one.person, one.weekday, one.from, one.to] }
    expect(usual).to eq([[3, 6, 600, 840], [3, 2, 1080, 1200], [3, 4, 1080, 1200]])
    expect(described_class.usual(3, 40 * 3600).map { |one| one.to - one.from }).to eq([360, 300, 300])
    expect(described_class.usual(3, 0)).to eq([])
    expect(described_class.usual(3, nil).sum { |one| one.to - one.from }).to eq(629) # 10 h 30, in whole minutes each
  end

  it "reads times of day, and refuses what is none" do
    expect([minutes("18:30"), minutes("7"), minutes("24:00"), minutes("9.15")]).to eq([1110, 420, 1440, 555])
    expect(described_class.text(555)).to eq("09:15")
    ["25:00", "18:75", "evening", "24:01"].each { |text| expect { minutes(text) }.to raise_error(Core::Refusal, /isn't a time of day\. Type it like 18:30/) }
    expect { described_class.read(600, 540) }.to raise_error(Core::Refusal, /It ends before it starts\. Enter the later time second/)
    expect { described_class.read(600, nil) }.to raise_error(Core::Refusal, /missing/)
    expect(described_class.read(nil, nil)).to eq([nil, nil])
  end
end
