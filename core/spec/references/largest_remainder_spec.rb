# frozen_string_literal: true

require "spec_helper"

# The largest remainder method with the Hare quota, as textbooks of apportionment work it: 100 000 votes, 10 seats
# (the example of common encyclopedias, from memory).
RSpec.describe "shares against the largest remainder method" do
  let(:votes) { { yellow: 47_000, white: 16_000, red: 15_800, green: 12_000, blue: 6_100, pink: 3_100 } }

  it "gives the published seats" do
    expect(Core::Flips::Shares.split(10, votes.values)).to eq([5, 2, 1, 1, 1, 0])
  end

  # Each share lies within one unit of its exact quota (the quota rule, which this method always keeps).
  it "never strays a whole unit from the exact quota" do
    random = Random.new(3)
    200.times do
      weights = Array.new(random.rand(2..8)) { random.rand(1..1000) }
      total = random.rand(0..100_000)
      parts = Core::Flips::Shares.split(total, weights)
      quotas = weights.map { |weight| Rational(total * weight, weights.sum) }
      expect(parts.zip(quotas).map { |part, quota| (part - quota).abs }).to all(be < 1)
    end
  end

  # A relative-sales-value split, the joint-cost method of cost accounting: 900.00 of joint cost over products that
  # sell for 600, 300 and 100 gives each the same cost per unit of sales, 0.90 (arithmetic).
  it "splits a joint cost by relative sales value" do
    expect(Core::Flips::Shares.split(900_00, [600, 300, 100])).to eq([540_00, 270_00, 90_00])
  end

  it "keeps weights that are written as decimals exact" do
    expect(Core::Flips::Shares.split(100, %w[0.1 0.2 0.7])).to eq([10, 20, 70])
  end
end
