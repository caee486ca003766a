# frozen_string_literal: true

require_relative "../spec_helper"

# The three-point estimate against a worked example as printed in textbooks of project management: optimistic 4, most
# likely 6, pessimistic 14 gives a mean of 7 and a deviation of 10 ÷ 6 = 1.67 (the formulas of Malcolm, Roseboom, Clark
# and Fazar, Operations Research 7, 1959; the example from memory).
RSpec.describe Core::Scout::Estimate do
  it "has the mean and deviation of PERT" do
    estimate = described_class.three(4, 6, 14)
    expect([estimate.mean, estimate.sd.round(2)]).to eq([7, 1.67])
    # A second, symmetric: 1, 2, 3 → 2 and 1/3; its variance 0.111 as tables of such networks print it.
    expect([described_class.three(1, 2, 3).mean, (described_class.three(1, 2, 3).sd**2).round(3)]).to eq([2, 0.111])
  end

  it "takes five own pieces or more by their quartiles" do
    # By hand, type 7: quartiles of 10, 20, 30, 40, 100 are 20, 30, 40; mean 30, deviation 20 ÷ 1.35.
    own = described_class.own([100, 10, 20, 40, 30], source: "own")
    expect([own.mean, own.sd, own.n]).to eq([30, Rational(2000, 135), 5])
    expect(described_class.own([1, 2, 3, 4], source: "own")).to be_nil
  end

  it "takes one figure as the mean, with the usual spread in proportion (by hand)" do
    usual = described_class.three(60, 120, 180) # mean 120, deviation 20
    given = described_class.around(240, usual)
    expect(given.to_h.slice(:low, :likely, :high, :mean,
                            :sd)).to eq(low: 120, likely: 240, high: 360, mean: 240, sd: 40)
    expect(given.source).to eq("as you entered it, with the usual spread")
    expect(described_class.around(240, nil)).to have_attributes(mean: 240, sd: 0)
  end

  it "refuses points out of order, naming the field" do
    expect { described_class.three(5, 4, 6, field: :resale) }
      .to raise_error(Core::Refusal, /low ≤ likely ≤ high/) { |error| expect(error.field).to eq(:resale) }
    expect { described_class.three(-1, 4, 6) }.to raise_error(Core::Refusal)
  end
end
