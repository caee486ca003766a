# frozen_string_literal: true

require "spec_helper"

# What a person may type, and what she is told when it cannot be read.
RSpec.describe "reading what a person typed" do
  let(:refusal) { Kohlrabi::Core::Refusal }
  let(:euro) { Kohlrabi::Core::Units::Currency.find("EUR") }
  let(:yen) { Kohlrabi::Core::Units::Currency.find("JPY") }

  def money(text, currency: euro, **options)
    Kohlrabi::Core::Units::MoneyText.parse(text, currency: currency, **options)
  end

  def date(text, order = :iso)
    Kohlrabi::Core::Units::Calendar.parse(text, order: order)
  end

  it "reads money into exact minor units" do
    expect([money("42"), money(" 42.5 "), money("0.07"), money("12,50", decimal: :comma), money("12,50"), money("900", currency: yen)])
      .to eq([4200, 4250, 7, 1250, 1250, 900])
  end

  { "-5" => /negative.*0 or more/, "1,234" => /two ways\. Write 1234, or 1\.234/, "abc" => /not a number/,
    "1e5" => /not a number/, "1.005" => /finer than EUR has: 2 decimals/, "9999999999999" => /too large/, "10000000000" => /too large/,
    "" => /not a number/ }.each do |text, message|
    it "refuses #{text.inspect} as money" do
      expect { money(text) }.to raise_error(refusal, message)
    end
  end

  it "refuses decimals in a currency without them" do
    expect { money("9.5", currency: yen) }.to raise_error(refusal, /JPY has: no decimals/)
  end

  it "shows money with a true minus and gaps, and writes it plainly for programs" do
    text = Kohlrabi::Core::Units::MoneyText
    expect(text.text(-1_234_567, euro)).to eq("−12 345.67")
    expect(text.plain(-1_234_567, euro)).to eq("-12345.67")
    expect(text.text(Rational(1, 3), yen)).to eq("0")
    expect(text.text(nil, euro)).to be_nil
  end

  it "reads dates in the order asked for" do
    expect([date("2026-05-03"), date("3.5.2026", :dmy), date("5/3/26", :mdy)]).to all(eq(day("2026-05-03")))
  end

  { "2026-02-31" => /does not exist/, "03/05/2026" => /Write year-month-day/, "1620-05-03" => /before 1900/ }.each do |text, message|
    it "refuses #{text} as a date" do
      expect { date(text) }.to raise_error(refusal, message)
    end
  end

  ["", "wide", "1/0", "0", "12 m"].each do |text|
    it "refuses #{text.inspect} as a length" do
      expect { Kohlrabi::Core::Units::Length.parse(text, unit: "mm") }.to raise_error(refusal)
    end
  end
end
