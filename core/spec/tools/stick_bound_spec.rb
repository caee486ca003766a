# frozen_string_literal: true

# Lower bounds on sticks, by hand: the sum of lengths, what cannot share a stick, and folded lengths (dual feasible
# functions).
RSpec.describe Core::Tools::StickBound do
  it "counts lengths: 3 × 40 of 100 need two sticks" do
    expect(described_class.plain({ 40 => 3 }, 100)).to eq(2)
    expect(described_class.plain({ 50 => 2 }, 100)).to eq(1)
    expect(described_class.of({}, 100)).to eq(0)
  end

  it "counts what cannot share: five of 60 need five, though their lengths are three sticks" do
    expect([described_class.plain({ 60 => 5 }, 100), described_class.martello_toth({ 60 => 5 }, 100)]).to eq([3, 5])
    # No 35 fits beside a 70: at the threshold of 35 two sticks go to these alone, and three of 35 are 105, two more.
    expect(described_class.martello_toth({ 70 => 2, 35 => 3 }, 100)).to eq(4)
    # Two of 60 leave 80, into which two of 30 fit: 2 and ⌈(60 − 80) ÷ 100⌉ = 0 more.
    expect(described_class.martello_toth({ 60 => 2, 30 => 2 }, 100)).to eq(2)
  end

  it "folds: four of 34 need two sticks, for only two of them go on one" do
    # u(2): 34 of 100 counts ⌊3 × 0.34⌋ ÷ 2 = a half; four halves are two sticks.
    expect(described_class.of({ 34 => 4 }, 100)).to eq(2)
    expect(described_class.of({ 26 => 8 }, 100)).to eq(3) # three on one at most: ⌈8 ÷ 3⌉
  end

  it "is reached where the parts were cut from full sticks" do
    random = Random.new(17)
    40.times do
      sticks = random.rand(1..8)
      parts = Array.new(sticks) do
        cuts = Array.new(random.rand(1..3)) { random.rand(1..999) }.uniq.sort
        [0, *cuts, 1000].each_cons(2).map { |from, to| to - from }
      end.flatten
      expect(described_class.of(parts.tally, 1000)).to eq(sticks)
    end
  end

  it "never passes what a plan needs" do
    random = Random.new(18)
    80.times do
      sizes = Array.new(random.rand(1..25)) { random.rand(20..900) }.tally
      expect(described_class.of(sizes, 1000)).to be <= Core::Tools::StickPlan.new(sizes, 1000, steps: 500).count
    end
  end
end
