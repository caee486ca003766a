# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Flips::Statement do
  let(:euro) { Core::Units::Currency.find("EUR") }

  def statement(stage: "sold", money_in: {}, sale: { price: 380_00 }, work: { "painting" => 36_000 }, **rest)
    described_class.new(stage: stage, money_in: Core::Flips::MoneyIn.new(purchase: 42_00, materials: 96_20, **money_in),
                        sale: sale && Core::Flips::Sale.new(price: nil, **sale),
                        work: Core::Flips::HoursWorked.new(work), **rest)
  end

  # By hand: 380.00 − 42.00 − 96.20 − 34.40 = 207.40; ÷ 10 h = 20.74; ÷ 380.00 = 54.58%; ÷ 138.20 = 150.07%.
  it "computes profit, hourly pay, margin and return, and tells the sum" do
    flip = statement(sale: { price: 380_00, fee: 34_40 })
    expect(flip.cash_profit.sentence(euro)).to eq("cash profit €207.40 = €380.00 − €42.00 − €96.20 − €34.40")
    expect(flip.figures.to_h { |figure| [figure.key, figure.text(euro)] })
      .to include(cash_in: "€138.20", take_home: "€345.60", hourly_pay: "€20.74", margin: "55%",
                  return_on_cash: "150%", hours: "10 h")
  end

  it "takes in tip, delivery, refund and the fee given back" do
    flip = statement(sale: { price: 380_00, tip: 10_00, fee: 30_00, delivery: 15_00, refunded: 50_00, fee_back: 5_00 })
    expect([flip.receipts, flip.selling,
            flip.cash_profit].map(&:amount)).to eq([340_00, 40_00, 340_00 - 40_00 - 138_20])
  end

  it "tells an unknown price from a free piece" do
    expect(statement(money_in: { purchase: nil }).cash_profit).to have_attributes(amount: nil,
                                                                                  why: "the price you paid is missing")
    expect(statement(money_in: { purchase: 0,
                                 materials: 0 }).return_on_cash).to have_attributes(amount: nil,
                                                                                    why: "nothing was spent")
    expect(statement(money_in: { purchase: 0 }).cash_profit.amount).to eq(380_00 - 96_20)
  end

  it "tells hours that were not recorded from no hours" do
    expect(statement(work: {}).hourly_pay.why).to eq("no hours recorded")
    expect(statement(work: { "other" => 0 }).hourly_pay).to have_attributes(amount: nil, why: "no hours were worked")
    expect(statement(work: { "filming" => 3600 }).hours.amount).to be_nil
  end

  it "counts hours by the house rule, and filming by neither" do
    work = { "painting" => 3600, "delivering" => 1800, "filming" => 900 }
    expect([statement(work: work).hours.amount,
            statement(work: work, hours_rule: "all").hours.amount]).to eq([3600, 5400])
    expect(statement(work: work).other_rule).to eq("all")
  end

  it "has no profit before the sale, at cost for kept pieces, and a loss for scrapped ones" do
    expect(statement(stage: "listed", sale: nil).cash_profit.why).to eq("not sold yet")
    expect(statement(stage: "kept", sale: nil).cash_profit.why).to include("counted at cost, not in your hourly pay")
    expect(statement(stage: "scrapped", sale: nil).cash_profit.amount).to eq(-138_20)
    expect(statement(stage: "scrapped", sale: nil).hourly_pay.amount).to eq(-13_82)
  end

  it "refuses to give back more than was received" do
    expect do
      statement(sale: { price: 10_00, refunded: 10_01 })
    end.to raise_error(Core::Refusal, /The refunds are more than the sale price\. Enter a smaller refund/)
    expect { statement(sale: { price: 10_00, tip: 2_00, refunded: 12_00 }) }.not_to raise_error # the tip goes back too
    expect { statement(sale: { price: 10_00, tip: 2_00, refunded: 12_01 }) }.to raise_error(Core::Refusal)
    expect do
      statement(sale: { price: 10_00, fee: 1,
                        fee_back: 2 })
    end.to raise_error(Core::Refusal, /You got back more than the fee you paid\. Enter a smaller amount/)
  end
end
