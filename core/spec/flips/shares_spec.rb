# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Flips::Shares do
  it "adds up to the whole whatever the weights" do
    random = Random.new(7)
    500.times do
      total = random.rand(-100_000..100_000)
      weights = Array.new(random.rand(1..9)) { random.rand(0..50) }
      expect(described_class.split(total, weights).sum).to eq(total)
    end
  end

  it "gives ties to the earlier part, splits equally without weights and keeps the sign" do
    expect(described_class.split(100, [1, 1, 1])).to eq([34, 33, 33])
    expect(described_class.split(5, [0, 0])).to eq([3, 2])
    expect(described_class.split(100, [0, 3, 1])).to eq([0, 75, 25]) # who bears nothing bears nothing
    expect(described_class.split(-100, [1, 1, 1])).to eq([-34, -33, -33])
  end

  it "shares whole minutes in whole minutes" do
    expect(described_class.split_seconds(50 * 60, [1, 1, 1])).to eq([17 * 60, 17 * 60, 16 * 60])
    expect(described_class.split_seconds(100, [1, 1, 1])).to eq([34, 33, 33])
  end

  it "refuses a negative weight and an empty list" do
    expect { described_class.split(100, [1, -1]) }.to raise_error(Core::Refusal, /negative/)
    expect { described_class.split(100, []) }.to raise_error(Core::Refusal, /at least one piece/)
  end
end
