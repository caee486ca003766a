# frozen_string_literal: true

require "spec_helper"

RSpec.describe "what is owed, and what a return costs" do
  owed = Core::Market::Owed

  # Sums by hand.
  { "nothing paid in parts: nothing to say" => [{ price: 200_00, payments: [] }, [nil, nil]],
    "a deposit alone" => [{ price: 200_00, payments: [], deposit: 50_00 }, [50_00, 150_00]],
    "a deposit and a payment" => [{ price: 200_00, payments: [30_00], deposit: 50_00 }, [80_00, 120_00]],
    "more than the price: nothing is left" => [{ price: 70_00, payments: [30_00, 50_00] }, [80_00, 0]],
    "no price agreed: what is left is not known" => [{ price: nil, payments: [30_00] },
                                                     [30_00, nil]] }.each do |what, (given, expected)|
    it(what) { expect(owed.of(**given).to_a).to eq(expected) }
  end

  def returned(fee: 20_00, delivery: 25_00, fee_back: 0, **now)
    sale = Core::Flips::Sale.new(price: 200_00, fee: fee, delivery: delivery, fee_back: fee_back)
    Core::Market::Return.new(sale, **now)
  end

  it "counts fee and delivery, less what of the fee came back before and now, and what was lost besides" do
    expect(returned.lost).to eq(45_00)
    expect(returned(fee_back: 5_00).parts).to eq([["fee", 15_00], ["delivery", 25_00]])
    sale = Core::Flips::Sale.new(price: 200_00, fee: 20_00, delivery: 0, fee_back: 5_00)
    expect(Core::Market::Return.new(sale, fee_back: 15_00, other: 3_00).parts).to eq([["other", 3_00]])
    expect do
      Core::Market::Return.new(sale, fee_back: 15_01)
    end.to raise_error(Core::Refusal, /You got back more than the fee you paid\. Enter a smaller amount/)
  end
end
