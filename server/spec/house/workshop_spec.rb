# frozen_string_literal: true

require_relative "../support/api_helper"

RSpec.describe "house rules and Books", :api do
  def change(**rules)
    call(:patch, "/api/workshop", { lock_version: call(:get, "/api/workshop")["lock_version"], **rules })
  end

  it "begins with nothing set but currency, units, hours and time zone" do
    expect(call(:get, "/api/workshop")).to include("currency" => "EUR", "length_unit" => "mm", "hours_rule" => "bench",
                                                   "floor_pay" => nil, "target_pay" => nil, "sundries" => nil, "fee_rate" => nil)
  end

  it "prices by cost and pay once the targets are set" do
    id = piece(purchase: "100")
    call(:post, "/api/work", { kind: "sanding", effort: "6h", worked_on: "2026-05-02", pieces: [{ piece_id: id }] })
    call(:patch, "/api/pieces/#{id}", { lock_version: 0, hours_to_come: "4h" }) # from now on
    expect(figure(id, "floor")["why"]).to include("your minimum pay isn't set")
    change(floor_pay: "8", target_pay: "15", fee_rate: "10", fixed_fee: "5")
    prices = call(:get, "/api/pieces/#{id}")["prices"].map { |price| price["text"] }
    expect(prices).to eq(%w[€117 €206 €284]) # worked by hand
  end

  it "refuses a target under the floor, a full fee, an unknown zone and currency" do
    expect(change(floor_pay: "10", target_pay: "9")["detail"]).to include("Your target pay is below your minimum pay")
    expect(refusal(change(fee_rate: "100"), :fee_rate)).to include("isn't a possible percentage")
    expect(refusal(change(time_zone: "Moon/Sea"), :time_zone)).to include("isn't a time zone")
    expect(refusal(change(currency: "XQX"), :currency)).to include("isn't a currency")
  end

  it "takes a country by its name or letters, and says which English it reads" do
    languages = ["United States", "gb", "DE"].map do |country|
      change(country: country)
      call(:get, "/api/workshop").values_at("country", "language")
    end
    expect(languages).to eq([%w[US en-US], %w[GB en-GB], %w[DE en-US]])
    expect(refusal(change(country: "Atlantis"), :country)).to include("isn't a country")
  end

  it "keeps the currency once money is recorded" do
    change(currency: "JPY")
    expect(status).to eq(200)
    piece(purchase: "900")
    expect(refusal(change(currency: "EUR"), :currency)).to include("You can't change the currency after you've recorded an amount")
  end

  it "gives new pieces the sundries of the house, and leaves old ones" do
    before = piece(purchase: "10")
    change(sundries: "2.50")
    after = piece(purchase: "10")
    expect([before, after].map { |id| figure(id, "cash_in")["text"] }).to eq(["€10.00", "€12.50"])
  end

  it "tells the second of two tabs" do
    change(floor_pay: "5")
    call(:patch, "/api/workshop", { lock_version: 0, floor_pay: "6" })
    expect(status).to eq(409)
  end

  it "shows the other hours rule beside the headline at a switch" do
    id = piece(purchase: "10")
    call(:post, "/api/work", { kind: "sanding", effort: "2h", pieces: [{ piece_id: id }] })
    call(:post, "/api/work", { kind: "delivering", effort: "2h", pieces: [{ piece_id: id }] })
    event(id, "sold", "2026-05-09", price: "50")
    pay = lambda {
      call(:get, "/api/books").values_at("figures", "other_hours").map do |list|
        list.find do |one|
          one["key"] == "hourly_pay"
        end["text"]
      end
    }
    expect(pay.call).to eq(%w[€20.00 €10.00])
    change(hours_rule: "all")
    expect(pay.call).to eq(%w[€10.00 €20.00])
    expect(call(:get, "/api/pieces?view=archive")["rows"].first["hourly_pay"]["text"]).to eq("€10.00")
  end

  it "adds up flips by month, drops none, and says what is not known" do
    sold = piece(purchase: "10")
    event(sold, "sold", "2026-05-09", price: "50")
    lost = piece(purchase: "20")
    event(lost, "scrapped", "2026-06-09")
    event(piece(purchase: "5"), "kept", "2026-06-10")
    event(piece(purchase: ""), "sold", "2026-06-11", price: "70")
    books = call(:get, "/api/books")
    expect(books["counts"]).to eq("sold" => 2, "scrapped" => 1, "kept_or_given_away" => 1, "profit_known" => 2,
                                  "hours_known" => 0)
    expect(books["figures"].to_h do |one|
      [one["key"], one["text"]]
    end).to include("profit" => "€20.00", "losses" => "€20.00", "at_cost" => "€5.00", "hourly_pay" => nil)
    expect(books["months"].map do |month|
      [month["label"], month["ended"], month["profit"]&.fetch("text")]
    end).to eq([["May 2026", 1, "€40.00"], ["Jun 2026", 3, "−€20.00"]])
    expect(call(:get, "/api/books?year=2025")["counts"]["sold"]).to eq(0)
    expect(books["turnaround"]).to include("n" => 2, "median" => "25")
  end

  it "names people once each" do
    call(:post, "/api/people", { name: "Second" })
    call(:post, "/api/people", { name: "Second" })
    expect(status).to eq(422)
    id = call(:get, "/api/workshop")["people"].first["id"]
    expect(call(:patch, "/api/people/#{id}", { name: "First" })["name"]).to eq("First")
  end
end
