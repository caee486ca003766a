# frozen_string_literal: true

# Cutting sheets by straight cuts: what is placed lies on the sheet, apart by the saw, with its grain; counts by hand.
RSpec.describe Core::Tools::SheetPlan do
  def part(long, wide, name = "", turn: false)
    described_class::Part.new(long: long, wide: wide, name: name, turn: turn)
  end

  it "lays four quarters of a sheet on one, less the saw" do
    quarter = Array.new(4) { part(498.5, 248.5) }
    plan = described_class.new(quarter, [1000, 500], 3)
    expect([plan.count, plan.bound]).to eq([1, 1])
    expect(plan.sheets.first.map { |one| [one.x, one.y] }.sort).to eq([[0, 0], [0, 251.5], [501.5, 0], [501.5, 251.5]])
    # A hair larger, and with the kerf no two share a sheet either way: proven.
    larger = described_class.new(Array.new(4) { part(499, 249) }, [1000, 500], 3)
    expect([larger.count, larger.bound]).to eq([4, 4])
  end

  it "lets two that are exactly half of a sheet, less the saw, share it, whichever side is the half" do
    [part(498.5, 300), part(600, 248.5)].each do |half|
      plan = described_class.new([half, half], [1000, 500], 3)
      expect([plan.count, plan.bound]).to eq([1, 1])
    end
    expect(described_class.new([part(499, 300), part(499, 300)], [1000, 500], 3).bound).to eq(2)
  end

  it "keeps the grain, and turns what may be turned" do
    expect do
      described_class.new([part(300, 900)], [1000, 500], 3)
    end.to raise_error(Core::Refusal,
                       /A part is longer than the sheet along its grain\./)
    expect do
      described_class.new([part(1200, 900, "top")], [1000, 500], 3)
    end.to raise_error(Core::Refusal, /top is longer than the sheet along its grain\. Use a larger sheet, or join it/)
    turned = described_class.new([part(300, 900, turn: true)], [1000, 500], 3).sheets.first.first
    expect([turned.long, turned.wide, turned.turned]).to eq([900, 300, true])
  end

  it "never lays parts over each other or over the edge, and never undercuts its bound" do
    random = Random.new(3)
    30.times do
      parts = Array.new(random.rand(1..30)) do
        part(random.rand(80..900), random.rand(60..480), turn: random.rand(2).zero?)
      end
      plan = described_class.new(parts, [1000, 500], 3)
      expect(plan.count).to be >= plan.bound
      expect(plan.sheets.sum(&:size)).to eq(parts.size)
      plan.sheets.each { |sheet| expect(sound?(sheet)).to be(true) }
      expect(plan.used).to be_between(0, 1)
    end
  end

  def sound?(sheet)
    inside = sheet.all? { |one| one.x >= 0 && one.y >= 0 && one.x + one.long <= 1000 && one.y + one.wide <= 500 }
    inside && sheet.combination(2).none? do |one, other|
      one.x < other.x + other.long + 3 && other.x < one.x + one.long + 3 && one.y < other.y + other.wide + 3 && other.y < one.y + one.wide + 3
    end
  end
end
