# frozen_string_literal: true

require_relative "../spec_helper"

# Against the table of the standard normal distribution as every statistics textbook prints it (four places).
RSpec.describe Core::Statistics::Normal do
  { 0 => 0.5, 0.5 => 0.6915, 1 => 0.8413, 1.28 => 0.8997, 1.645 => 0.95, 1.96 => 0.9750, 2.576 => 0.995, 3 => 0.9987,
    -1 => 0.1587, -1.96 => 0.0250 }
    .each do |z, share|
    it("has #{share} below #{z}") { expect(described_class.below(z).round(4)).to eq(share) }
  end

  it "is certain where nothing varies" do
    expect([described_class.chance_positive(0, 0), described_class.chance_positive(-0.01, 0)]).to eq([1.0, 0.0])
  end
end
