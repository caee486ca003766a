# frozen_string_literal: true

require "spec_helper"

# Worked by hand. A fee of a tenth; money in cents.
RSpec.describe Core::Market::Standing do
  def standing(minimum: 800, target: 1500, **rest)
    given = described_class::Given.new(id: 1, stage: "on the bench", work_left: 5 * 3600, worked: 3 * 3600, spent: 6000, still_to_spend: 1000,
                                       likely: [15_000, 20_000, 25_000], as_is: 6000, **rest)
    described_class.new(given, take_home: lambda { |price|
      price - (price/10r).ceil
    }, text: Core::Units::MoneyWriter.new(Core::Units::Currency.find("EUR")), minimum: minimum, target: target)
  end

  it "tells pay when finished, from here on and as it is apart" do
    one = standing
    expect(one).to have_attributes(price: 20_000, take_home: 18_000, as_is: 5400)
    expect(one.profit).to eq(11_000) # 180 − 60 − 10
    expect(one.pay_when_finished).to eq(1375) # 110 over 8 h
    expect(one.pay_from_here).to eq(2320) # (180 − 10 − 54) over 5 h
    expect(one.pay_as_is).to eq(-200) # (54 − 60) over 3 h
  end

  it "knows nothing where nothing tells it, and never 0 for it" do
    unknown = standing(likely: nil)
    expect([unknown.price, unknown.profit, unknown.pay_when_finished, unknown.pay_from_here]).to all(be_nil)
    expect(standing(likely: nil, asking: 22_000).price).to eq(22_000)
    expect([standing(spent: nil).profit, standing(spent: nil).pay_as_is]).to eq([nil, nil])
    expect(standing(work_left: 0, worked: 0).pay_when_finished).to be_nil
    expect(standing(as_is: nil).pay_from_here).to eq(3400)
    expect(unknown.advice).to eq(:unknown)
    unsaid = standing(work_left: nil) # three hours worked, and nobody knows how many are left
    expect([unsaid.pay_when_finished, unsaid.pay_from_here, unsaid.advice]).to eq([nil, nil, :unknown])
  end

  it "recommends one thing, and stops where the work left earns less than the minimum; not where the person goes on" do
    expect([standing.advice, standing.stop?]).to eq([:finish, false])
    expect(standing(work_left: 10 * 3600).advice).to eq(:less)
    poor = standing(work_left: 20 * 3600)
    expect([poor.advice, poor.stop?, poor.sentence]).to match([:as_is, true, include("Sell it as it is")])
    expect(standing(work_left: 20 * 3600, as_is: nil, minimum: 900).advice).to eq(:drop)
    going = standing(work_left: 20 * 3600, go_on: true)
    expect([going.advice, going.stop?, going.sentence]).to match([:less, false, satisfy do |text|
      !text.include?("Sell it as it is")
    end])
    expect(standing(work_left: 20 * 3600, go_on: true, likely: [1, 2, 3]).stop?).to be(false) # at a loss, too
  end

  it "has only to be listed when nothing is left, and stands listed then; a touch-up is work again" do
    expect([standing(stage: "ready", work_left: 0).advice, standing(work_left: 0).advice]).to eq(%i[list list])
    expect(standing(stage: "ready", work_left: nil).advice).to eq(:list)
    expect([standing(stage: "listed", work_left: 0).advice,
            standing(stage: "listed", work_left: 600).advice]).to eq(%i[listed finish])
  end
end
