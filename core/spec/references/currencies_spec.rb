# frozen_string_literal: true

require "spec_helper"
require "money"

# Exponents: ISO 4217, list one (from memory). Arithmetic: the `money` gem.
RSpec.describe "currencies against ISO 4217 and the money gem" do
  before { Money.rounding_mode = BigDecimal::ROUND_HALF_UP }

  let(:currency) { Core::Units::Currency }
  let(:money_text) { Core::Units::MoneyText }

  { "JPY" => 0, "KRW" => 0, "ISK" => 0, "VND" => 0, "EUR" => 2, "USD" => 2, "GBP" => 2, "CHF" => 2, "SEK" => 2,
    "KWD" => 3, "BHD" => 3, "TND" => 3, "JOD" => 3 }.each do |code, exponent|
    it "gives #{code} the exponent #{exponent}" do
      expect(currency.find(code).exponent).to eq(exponent)
    end
  end

  it "reads and writes every amount as the money gem does, in every currency offered" do
    amounts = %w[0 1 7 42 1234]
    currency.all.product(amounts).each do |unit, text|
      minor = money_text.parse(text, currency: unit)
      expect(minor).to eq(Money.from_amount(BigDecimal(text), unit.code).fractional), "#{text} #{unit.code}"
      expect(BigDecimal(money_text.plain(minor, unit))).to eq(BigDecimal(text))
    end
  end

  it "adds cents as the money gem does where floats would not" do
    euro = currency.find("EUR")
    cents = %w[0.10 0.20 19.99 4.35].sum { |text| money_text.parse(text, currency: euro) }
    expect(cents).to eq(%w[0.10 0.20 19.99 4.35].sum { |text| Money.from_amount(BigDecimal(text), "EUR") }.fractional)
  end

  # ISO 4217 (from memory): what was withdrawn, and what is nobody's money.
  it "offers what is in use, each once, and no tests, metals or withdrawn ones; those stay known where a workshop counts in one" do
    codes = currency.all.map(&:code)
    expect(codes.uniq).to eq(codes)
    expect(codes & %w[XTS XAU XAG XBA XDR HRK EEK LTL ZWD STD VEF BGN CLF]).to eq([])
    expect(codes).to include("USD", "GBP", "GHS", "XOF", "XAF", "SLE")
    expect(currency.find("HRK").exponent).to eq(2)
  end

  it "knows which money a country uses" do
    expect(%w[US de GB JP ZZ].map do |letters|
      currency.of_country(letters)&.code
    end).to eq(["USD", "EUR", "GBP", "JPY", nil])
    expect(currency::REGIONS.values.uniq - currency.all.map(&:code)).to eq([])
  end

  it "does not offer currencies whose minor unit is no power of ten" do
    expect { currency.find("MRU") }.to raise_error(Core::Refusal, /isn't a currency\. Enter its three letters, like EUR or USD/)
    expect(currency.all.map(&:code)).to include("EUR", "JPY", "KWD").and(satisfy { |codes| !codes.include?("MRU") })
  end
end
