# frozen_string_literal: true

require_relative "../support/api_helper"

RSpec.describe "house rules of buying", :api do
  def rules(**given)
    call(:patch, "/api/workshop", { lock_version: call(:get, "/api/workshop")["lock_version"], **given })
  end

  # In cents: the text is rounded to the safe side.
  def cents(**given) = call(:post, "/api/prospects/answer", spotted(**given))["figures"].first["minor"]
  def most(**given) = call(:post, "/api/prospects/answer", spotted(**given))["figures"].first["text"]

  # Resale 200, 5 hours, 20 of materials; at a target pay of 10 that leaves 130.00.
  def spotted(**rest)
    { kind: "desk", condition: "worn", resale_low: "200", resale_likely: "200", resale_high: "200", hours_likely: "5", materials_likely: "20",
      **rest }
  end

  it "are kept as typed and shown again" do
    given = { trip: "4.50", delivery: "7", rent: "1.25", places: "12", weekly_hours: "8h30", mileage_rate: "0.305",
              distance_unit: "mi" }
    saved = rules(**given)
    expect(saved.values_at("trip", "delivery", "rent").map { |money| money["text"] }).to eq(["€4.50", "€7.00", "€1.25"])
    expect(saved.values_at("places", "mileage_rate", "distance_unit")).to eq([12, "0.305", "mi"])
    expect(saved["weekly_hours"]).to eq("seconds" => 30_600, "text" => "8 h 30")
    cleared = rules(trip: "", places: "", weekly_hours: "", mileage_rate: "")
    expect(cleared.values_at("trip", "places", "weekly_hours", "mileage_rate")).to eq([nil, nil, nil, nil])
  end

  it "each lower what one should pay by what they cost" do
    rules(target_pay: "10", floor_pay: "5")
    expect(most).to eq("€130")
    { { trip: "4.50" } => 12_550, { delivery: "7" } => 11_850, { rent: "1.25" } => 11_725, { sundries: "2" } => 11_525,
      { fixed_fee: "3" } => 11_225, { fee_rate: "10" } => 9225 }.each do |rule, left|
      rules(**rule)
      expect(cents).to eq(left), rule.to_s
    end
    # The piece's own figures come before the usual ones: no trip, delivery 2, premium 25%: (92.25 + 4.50 + 5) ÷ 1.25
    # = 81.40.
    expect(cents(trip: "0", delivery: "2", added: "25")).to eq(8140)
  end

  it "count for each of several alike: fees and sundries by the piece, trip and delivery once" do
    rules(target_pay: "10", floor_pay: "5", sundries: "2", fixed_fee: "3", trip: "4")
    # 200 − 20 − 50 − 3 × 2 − 3 × 3 − 4: the estimates given are of all three.
    expect(most(count: "3")).to eq("€111")
  end

  it "are refused where they cannot be, by their field" do
    { mileage_rate: ["-1", "negative"], places: ["many", "0 to"], weekly_hours: ["200", "more than a week"], trip: ["1,500", "two numbers"],
      rent: ["-2", "negative"] }.each do |field, (value, words)|
      expect(refusal(rules(field => value), field)).to include(words), field.to_s
    end
    rules(distance_unit: "league")
    expect(status).to eq(400)
    expect(call(:get, "/api/workshop").values_at("places", "trip")).to eq([nil, nil])
  end

  it "keep the currency once a tag, a lot or a value in the stash was written down" do
    call(:post, "/api/prospects", { kind: "desk", condition: "worn", tag: "30" })
    expect(refusal(rules(currency: "USD"), :currency)).to include("You can't change the currency after you've recorded an amount")
  end

  it "buy once for a repeated request, and not twice" do
    id = call(:post, "/api/prospects", spotted(tag: "30"))["id"]
    key = { "HTTP_IDEMPOTENCY_KEY" => "buy-this-desk-once" }
    first, second = Array.new(2) { call(:post, "/api/prospects/#{id}/buy", {}, key) }
    expect([first, call(:get, "/api/pieces")["total"]]).to eq([second, 1])
    call(:post, "/api/prospects/#{id}/buy", { price: "1" }, key)
    expect(status).to eq(422)
  end

  it "read dates ahead only where a day ahead is meant" do
    expect(call(:post, "/api/prospects", spotted(remind_on: "2027-01-31", next_cut_on: "2026-07-07"))["fields"])
      .to include("remind_on" => "2027-01-31", "next_cut_on" => "2026-07-07")
    expect(refusal(call(:post, "/api/prospects", spotted(spotted_on: "2026-07-01")),
                   :spotted_on)).to include("is after today, 30 Jun 2026")
    id = call(:get, "/api/prospects")["rows"].first["id"]
    expect(refusal(call(:post, "/api/prospects/#{id}/sightings", { seen_on: "2026-07-02", tag: "3" }),
                   :seen_on)).to include("is after today, 30 Jun 2026")
    expect(refusal(call(:post, "/api/prospects", spotted(remind_on: "31.1.2027")),
                   :remind_on)).to include("isn't a date")
  end

  it "hold a fee and a pay that fit together" do
    rules(target_pay: "10")
    expect(refusal(rules(floor_pay: "11"), :target_pay)).to include("Your target pay is below your minimum pay")
    expect(refusal(rules(fee_rate: "100"), :fee_rate)).to include("under 100")
  end

  it "answer within a small part of half a second over three hundred own sold pieces" do
    rules(target_pay: "10", floor_pay: "5")
    operations = Operations
    now = Clock.now
    stamp = { created_at: now, updated_at: now }
    records = Records
    records::Piece.insert_all!(Array.new(300) do |i|
      { ticket: i + 1, name: "Desk #{i}", kind: "desk", kind_key: "desk", purchase_minor: 1000, **stamp }
    end)
    records::Event.insert_all!(records::Piece.pluck(:id).map do |id|
      { piece_id: id, kind: "sold", position: 1, happened_on: "2026-06-01", **stamp }
    end)
    records::Sale.insert_all!(records::Event.pluck(:id).map do |id|
      { event_id: id, price_minor: 10_000 + id, **stamp }
    end)
    operations::Flips::Summaries.refresh(records::Piece.pluck(:id))
    operations::Market::Fits.renew
    times = Array.new(7) do
      started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      call(:post, "/api/prospects/answer", { kind: "desk", condition: "rough", tag: "45" })
      Process.clock_gettime(Process::CLOCK_MONOTONIC) - started
    end
    expect(call(:post, "/api/prospects/answer",
                { kind: "desk", condition: "rough" })["estimates"]["resale"]["n"]).to eq(300)
    expect(times.sort[3]).to be < 0.3
  end
end
