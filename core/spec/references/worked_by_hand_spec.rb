# frozen_string_literal: true

require "spec_helper"

# Figures worked by hand, rule by rule (arithmetic).
RSpec.describe "figures worked by hand" do
  describe "shares" do
    it "splits 100.00 over 300/200/100 into 50.00, 33.33 and 16.67" do
      expect(Core::Flips::Shares.split(10_000, [300, 200, 100])).to eq([5000, 3333, 1667])
    end
  end

  describe "price by cost and pay" do
    # costs 100, r 10%, fixed 5, H 10, pay 0/8/15 → 116.67, 205.56, 283.34
    let(:prices) do
      Core::Market::CostAndPay.new(costs: 100_00, seconds: 36_000, fee_rate: Rational(1, 10), fixed: 5_00,
                                   floor_pay: 8_00, target_pay: 15_00)
    end

    it "gives break-even 116.67, floor 205.56 and target 283.34" do
      expect(prices.figures.map(&:amount)).to eq([116_67, 205_56, 283_34])
    end

    it "leaves at least the pay asked for, and a minor unit less would not" do
      pay = ->(price) { (price * Rational(9, 10)) - 5_00 - 100_00 }
      expect(pay.call(205_56)).to be >= 80_00
      expect(pay.call(205_55)).to be < 80_00
    end
  end
end
