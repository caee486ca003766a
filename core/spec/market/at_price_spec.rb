# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Market::AtPrice do
  def at(price, **rest)
    described_class.new(price: price, fee_rate: 1/10r, fixed: 500, cash_in: 10_000, to_come: 1000, seconds: 10 * 3600,
                        **rest)
  end

  it "is what the fees leave, less what went in and is to come, over the hours (worked by hand)" do
    # 240.00 × 0.9 − 5.00 = 211.00; − 100.00 − 10.00 = 101.00; over 10 h 10.10.
    expect([at(24_000).take_home, at(24_000).profit, at(24_000).hourly]).to eq([21_100, 10_100, 1010])
    expect(at(24_005).take_home).to eq(21_104) # 216.045 − 5: the fee takes the broken one
    expect(at(24_000, fee_rate: nil).take_home).to eq(23_500)
  end

  it "knows no profit of a piece whose price paid is not known, and no pay where nothing is worked" do
    expect([at(24_000, cash_in: nil).profit, at(24_000, cash_in: nil).hourly]).to eq([nil, nil])
    expect(at(24_000, seconds: 0)).to have_attributes(profit: 10_100, hourly: nil)
    expect(Core::Flips::HourlyPay.of(-500, 1800)).to eq(-1000) # 5.00 lost in half an hour
    expect(Core::Flips::HourlyPay.of(500, nil)).to be_nil
  end
end
