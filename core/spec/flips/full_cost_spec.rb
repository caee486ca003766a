# frozen_string_literal: true

# One rule for a figure and for a query: the text reckons as the value does.
RSpec.describe Core::Flips::FullCost do
  it "charges overhead by the hour, half a minor unit up" do
    cases = [[150, 3600], [1, 1800], [1, 1799], [nil, 9000], [150, nil]]
    expect(cases.map { |rate, seconds| described_class.overhead(rate, seconds) }).to eq([150, 1, 0, 0, 0])
  end

  it "is the same in whole numbers, as a query reckons" do
    random = Random.new(11)
    500.times do
      cash, stash, rate, seconds = [-90_000..90_000, 0..9000, 0..900, 0..400_000].map { |range| random.rand(range) }
      text = described_class.formula(cash: cash, stash: stash, rate: rate, seconds: seconds)
      # Digits, signs and brackets of the numbers above: Ruby's whole numbers cut off as SQLite's do, as none of what is
      # divided is negative.
      expect(text).to match(%r{\A[\d\s()*+/-]+\z})
      expect(eval(text)).to eq(cash - stash - described_class.overhead(rate, seconds)) # rubocop:disable Security/Eval
    end
  end
end
