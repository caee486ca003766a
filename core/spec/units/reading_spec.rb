# frozen_string_literal: true

require "spec_helper"

# What a person may type, and what she is told when it cannot be read.
RSpec.describe "reading what a person typed" do
  let(:refusal) { Core::Refusal }
  let(:euro) { Core::Units::Currency.find("EUR") }
  let(:yen) { Core::Units::Currency.find("JPY") }

  def money(text, currency: euro, **options)
    Core::Units::MoneyText.parse(text, currency: currency, **options)
  end

  def date(text, order = :iso)
    Core::Units::Calendar.parse(text, order: order)
  end

  it "reads money into exact minor units" do
    expect([money("42"), money(" 42.5 "), money("0.07"), money("12,50", decimal: :comma), money("12,50"),
            money("900", currency: yen)])
      .to eq([4200, 4250, 7, 1250, 1250, 900])
  end

  { "-5" => /negative.*0 or more/, "1,234" => /could mean two numbers\. Type 1234 or 1\.234/,
    "abc" => /isn't an amount\. Type it like 14,50 or 2 x 34,99 \+ 5/,
    "1e5" => /isn't an amount/, "14.5.2" => /isn't an amount/, "2 x" => /isn't an amount/, "+" => /isn't an amount/, "$20" => /another currency/,
    "20 CHF" => /another currency/, "5 - 9" => /negative/, "20 apples" => /isn't an amount/,
    "1.005" => /has too many decimals: EUR has 2 decimals\. Round the amount/, "9999999999999" => /is too much\. Check the amount/,
    "10000000000" => /is too much\. Check the amount/,
    "" => /isn't an amount/ }.each do |text, message|
    it "refuses #{text.inspect} as money" do
      expect { money(text) }.to raise_error(refusal, message)
    end
  end

  # As people type money, in a house that counts in dollars, and in one that counts in euros; sums worked by hand.
  { "USD" => { "$20" => 2000, "20$" => 2000, "US$ 20.50" => 2050, "12,500" => 1_250_000, "1,234.50" => 123_450, "2 x 34.99 + 5" => 7498,
               "3*4.50" => 1350,
               "20 - 5.25" => 1475, "usd 7" => 700, "2 × 1,200" => 240_000, "10+10+2.5" => 2250 },
    "EUR" => { "€14,50" => 1450, "14,50 €" => 1450, "eur 14.50" => 1450, "2 x 34,99 + 5" => 7498,
               "1.234,50" => 123_450, "1 234,50" => 123_450 },
    "JPY" => { "¥1500" => 150_0, "2 x 700 + 50" => 1450 } }.each do |code, texts|
    texts.each do |text, minor|
      it "reads #{text} in #{code}" do
        expect(money(text, currency: Core::Units::Currency.find(code))).to eq(minor)
      end
    end
  end

  it "asks what a comma is before two digits where people write a point, and before three where they write a comma" do
    dollar = Core::Units::Currency.find("USD")
    expect { money("12,50", currency: dollar) }.to raise_error(refusal, /could mean two numbers\. Type 1250 or 12\.50/)
    expect { money("12,500") }.to raise_error(refusal, /could mean two numbers\. Type 12500 or 12\.500/)
  end

  it "refuses decimals in a currency without them" do
    expect { money("9.5", currency: yen) }.to raise_error(refusal, /has too many decimals: JPY has no decimals\. Round the amount/)
  end

  it "shows money with a true minus and gaps, and writes it plainly for programs" do
    text = Core::Units::MoneyText
    expect(text.text(-1_234_567, euro)).to eq("−€12,345.67")
    expect(text.plain(-1_234_567, euro)).to eq("-12345.67")
    expect(text.text(Rational(1, 3), yen)).to eq("¥0")
    expect(text.text(nil, euro)).to be_nil
  end

  it "reads dates in the order asked for" do
    expect([date("2026-05-03"), date("3.5.2026", :dmy), date("5/3/26", :mdy)]).to all(eq(day("2026-05-03")))
  end

  { "2026-02-31" => /isn't in the calendar\. Check the day and the month/, "03/05/2026" => /isn't a date\. Type it like 2026-05-03/,
    "1620-05-03" => /before 1900/ }.each do |text, message|
    it "refuses #{text} as a date" do
      expect { date(text) }.to raise_error(refusal, message)
    end
  end

  ["", "wide", "1/0", "0", "12 m"].each do |text|
    it "refuses #{text.inspect} as a length" do
      expect { Core::Units::Length.parse(text, unit: "mm") }.to raise_error(refusal)
    end
  end
end
