# frozen_string_literal: true

RSpec.describe Core::Market::PricePlan do
  day = ->(number) { Date.new(2026, 6, number) }

  it "leaves steps to come where they are" do
    steps = [[day.call(10), 20_000], [day.call(24), 18_000]]
    expect(described_class.ahead(steps, today: day.call(10))).to eq(steps)
  end

  it "moves all by as many days as the first is late" do
    steps = [[day.call(1), 20_000], [day.call(15), 18_000]]
    expect(described_class.ahead(steps, today: day.call(4))).to eq([[day.call(4), 20_000], [day.call(18), 18_000]])
    expect(described_class.ahead([], today: day.call(4))).to eq([])
  end
end
