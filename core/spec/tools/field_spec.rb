# frozen_string_literal: true

# What is typed into a tool, and how lengths are said there. An inch is 25.4 mm exactly (NIST SP 811).
RSpec.describe Core::Tools::Field do
  def field(kind, **rest) = described_class.new(key: :it, label: "It", kind: kind, **rest)
  def read(kind, text, unit: "mm", **rest) = field(kind, **rest).read(text, unit: unit)

  def refused(...)
    read(...)
    nil
  rescue Core::Refusal => e
    [e.field, e.problem, e.remedy]
  end

  it "reads lengths in either unit, and nothing as nothing where it may be empty" do
    expect(read(:length, "23 5/8", unit: "in")).to be_within(1e-4).of(600.075)
    expect(read(:length, "60 cm", unit: "in")).to eq(600.0)
    expect(read(:length, "0")).to eq(0.0)
    expect(read(:length, "", optional: true)).to be_nil
    expect(refused(:length, "")).to eq([:it, "This is empty.", "Fill it in."])
    expect(refused(:length, "5", within: 10..20)).to eq([:it, "“5” is out of range.", "Enter 10 mm to 20 mm."])
    expect(refused(:length, "1/4", unit: "in",
                                   within: 25.4..50.8)).to eq([:it, "“1/4” is out of range.", "Enter 1 in to 2 in."])
    expect(read(:lengths, "22, 25; 30")).to eq([22.0, 25.0, 30.0])
  end

  it "takes what is shown as the limit for the limit: 9.5 mm is shown as 3/8 in" do
    expect(read(:length, "3/8", unit: "in", within: 1..9.5)).to eq(9.5)
    expect(refused(:length, "7/16", unit: "in", within: 1..9.5)).to include("“7/16” is out of range.")
  end

  it "reads numbers, counts, areas and choices" do
    expect(read(:number, "1.25")).to eq(5/4r)
    expect(read(:count, "12")).to eq(12)
    expect(refused(:count, "1.5")).to include("“1.5” isn't a whole number.")
    expect(refused(:count, "9", within: 1..8)).to include("Enter 1 to 8.")
    expect(read(:area, "10", unit: "in").round).to eq(929_030) # ft²: 0.09290304 m² each
    expect(read(:choice, "a", choices: { "a" => "A" })).to eq("a")
    expect(refused(:choice, "b", choices: { "a" => "A" })).to include("Choose a.")
  end

  it "reads sticks: a number, a length, a name" do
    rows = read(:sticks, "4 × 620 leg; 2x23 5/8 in front rail;1*40 cm")
    expect(rows.map do |one|
      [one.number, one.long.round(1), one.name]
    end).to eq([[4, 620.0, "leg"], [2, 600.1, "front rail"], [1, 400.0, ""]])
    ["4 legs", "× 600", "4 × ", "4 × leg"].each { |text| expect(refused(:sticks, text)&.first).to eq(:it) }
    expect(refused(:sticks, "501 × 10").to_a.join).to include("too many")
    expect(refused(:sticks, "999 × 10; 2 × 5").to_a.join).to include("1001 parts are too many")
  end

  it "reads sheets: along, across, a name, and whether it may be turned" do
    rows = read(:sheets, "2 × 400 × 300 side; 1 x 10 in x 5 1/2 in lid any way")
    expect(rows.map { |one| [one.number, one.long, one.wide.round(1), one.name, one.turn] })
      .to eq([[2, 400.0, 300.0, "side", false], [1, 254.0, 139.7, "lid", true]])
    ["2 × 400", "2 × 400 ×", "a × 4 × 5"].each { |text| expect(refused(:sheets, text)&.first).to eq(:it) }
  end

  it "writes a value as it would be typed, and reads it back the same" do
    { length: 600.0, number: 40, count: 3, area: 1_500_000.0, lengths: [22.0, 30.5] }.each do |kind, value|
      one = field(kind, default: value)
      expect(one.read(one.typed(unit: "mm"), unit: "mm")).to eq(value)
    end
    parts = [described_class::Part.new(number: 2, long: 400.0, wide: 300.0, name: "side", turn: true)]
    sheets = field(:sheets, default: parts)
    expect(sheets.typed(unit: "mm")).to eq("2 × 400 × 300 side any way")
    expect(sheets.read(sheets.typed(unit: "in"), unit: "in").first.long).to be_within(0.8).of(400)
    expect(field(:length).typed(unit: "mm")).to eq("")
  end
end

RSpec.describe Core::Tools::Formatter do
  it "says lengths to a tenth of a millimetre, or the nearest sixteenth of an inch" do
    millimetres = described_class.new("mm")
    expect([148.5, 0, 12_345.0, -36.46].map do |mm|
      millimetres.length(mm)
    end).to eq(["148.5 mm", "0 mm", "12,345 mm", "−36.5 mm"])
    expect(millimetres.typed(12_345.0)).to eq("12345")
    inches = described_class.new("in")
    expect([600.075, 0.2, -25.4, 152.4].map { |mm| inches.length(mm) }).to eq(["23 5/8 in", "0 in", "−1 in", "6 in"])
    expect([inches.fine(2.5), millimetres.fine(2.5)]).to eq(["3/32 in", "2.5 mm"])
    expect([millimetres.number(2.0), millimetres.number(2.46, 1),
            millimetres.number(100, 0)]).to eq(["2", "2.5", "100"])
    expect([millimetres.amount(8.44), millimetres.amount(1500),
            millimetres.count(1, "pass", "passes")]).to eq(["8.4 ml", "1.50 L", "1 pass"])
  end
end
