# frozen_string_literal: true

require_relative "../support/api_helper"

# A flip finished long ago, written down in one form.
RSpec.describe "flips finished before", :api do
  def record(**given) = call(:post, "/api/past-flips", given)

  it "are recorded as a person says them, and count like any other" do
    made = record(name: "Oak dresser", kind: "dresser", bought_on: "2025-03-01", purchase: "40", materials: "22,50", hours: "8h30",
                  listed_on: "2025-03-20", asking_price: "190", sold_on: "2025-04-02", sale_price: "180,00", fees: "9", channel: "local listing")
    figures = made["figures"].to_h { |one| [one["key"], one["text"]] }
    # 180 − 9 of fees − 62.50 paid is 108.50, over 8.5 h.
    expect([made["stage"],
            *figures.values_at("cash_in", "cash_profit", "hours",
                               "hourly_pay")]).to eq(["sold", "€62.50", "€108.50", "8 h 30", "€12.76"])
    expect(call(:get, "/api/books/compare?by=kind")["rows"].map { |row| row["label"] }).to eq(["dresser"])
    expect(record(name: "Chair")["stage"]).to eq("bought") # all that is known of it
  end

  it "are refused by the field that is wrong, and nothing is kept" do
    { purchase: "-1", hours: "lots", sold_on: "2025-13-01", sale_price: "1,234" }.each do |field, text|
      answer = record(name: "Chest", field => text)
      expect([status, answer["errors"].map { |error| error["field"] }]).to eq([422, [field.to_s]])
    end
    expect(record(name: "Chest", bought_on: "2025-05-01", sold_on: "2025-04-01",
                  sale_price: "10")["errors"].first["field"]).to eq("dates")
    expect(call(:get, "/api/pieces")["total"]).to eq(0)
  end
end
