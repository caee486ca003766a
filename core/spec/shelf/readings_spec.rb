# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Shelf::Readings do
  def taken(at, amount) = described_class::Line.new(at: at, amount: amount)
  def read(at, left) = described_class::Line.new(at: at, reading: left)

  it "finds what went unseen before each reading, lost or found" do
    expect(described_class.gone(1000,
                                [taken(1, 200), read(2, 750), taken(3, 100), read(4, 700)])).to eq([nil, 50, nil, -50])
    expect(described_class.gone(1000, [read(1, 1000)])).to eq([0])
    expect(described_class.gone(1000, [])).to eq([])
  end

  it "adds up: what stood in it is what was taken, went unseen, and is left by the last reading" do
    random = Random.new(11)
    200.times do
      lines = Array.new(random.rand(1..8)) do |at|
        random.rand < 0.5 ? taken(at, random.rand(0..200)) : read(at, random.rand(0..900))
      end << read(9, 120)
      gone = described_class.gone(1000, lines)
      expect(lines.sum { |line| line.amount.to_i } + gone.compact.sum + 120).to eq(1000)
    end
  end
end
