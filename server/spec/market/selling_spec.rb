# frozen_string_literal: true

require_relative "../support/api_helper"

# Pricing a piece and selling it: figures by hand. It is Tuesday 30 June 2026.
RSpec.describe "pricing and the market", :api do
  def pricing(id, price = nil) = call(:get, "/api/pieces/#{id}/pricing#{"?price=#{price}" if price}")
  def market = call(:get, "/api/market")
  def row(id) = market["rows"].find { |one| one["piece"]["id"] == id }

  def house(**rules)
    call(:patch, "/api/workshop", { lock_version: call(:get, "/api/workshop")["lock_version"], **rules })
  end

  def method(page, key)
    page["methods"].find do |one|
      one["key"] == key
    end&.slice("low", "mid", "high")&.transform_values { |money| money["text"] }
  end

  def offer(id, amount, **rest) = call(:post, "/api/pieces/#{id}/offers", { amount: amount, **rest })
  def diary(id) = call(:get, "/api/pieces/#{id}/diary").map { |line| line["text"] }

  def worked(id, effort)
    call(:post, "/api/work", { kind: "sanding", effort: effort, worked_on: "2026-06-01", pieces: [{ piece_id: id }] })
  end

  # A chair listed at 200.00 on a day; sold where a day and a price are given.
  def chair(listed, sold = nil, price = nil)
    id = piece(name: "Chair", kind: "chair", bought_on: "2026-01-02", purchase: "20")
    event(id, "listed", listed, asking: "200")
    event(id, "sold", sold, price: price) if sold
    id
  end

  # Eight chairs, each sold ten days after its listing at €180, ninety percent of what was asked.
  def history
    8.times { |number| chair((Date.new(2026, 3, 1) + number).iso8601, (Date.new(2026, 3, 11) + number).iso8601, "180") }
  end

  it "puts all ways of finding a price on one scale, and suggests an asking price with its reason" do
    house(floor_pay: "8", target_pay: "15", fee_rate: "10", fixed_fee: "5", haggle: "10", price_ending: "5")
    id = piece(name: "Chair", purchase: "100")
    worked(id, "10 h")
    page = pricing(id)
    # (100 + 5 + 10 × pay) ÷ 0.9: €115, €205, €285 (worked by hand); €285 ÷ 0.9 = 314.83, up to 315.
    expect(method(page, "cost_and_pay")).to eq("low" => "€115", "mid" => "€205", "high" => "€285")
    expect(page["suggested"]["text"]).to eq("€315")
    expect(page["suggested_why"]).to eq("covers your target price plus 10% room to haggle, rounded up to end in 5 or 0")
    expect(page["methods"].map { |one| one["key"] }).to eq(["cost_and_pay"])
    call(:put, "/api/pieces/#{id}/new-price", { price: "600" })
    expect(method(pricing(id), "new")).to eq("low" => "€120", "mid" => "€180", "high" => "€240")
    expect(refusal(call(:put, "/api/pieces/#{id}/new-price", { price: "0" }), :price)).to include("can't be 0")
    call(:put, "/api/pieces/#{id}/new-price", { price: "" })
    expect(method(pricing(id), "new")).to be_nil
  end

  it "counts delivery and a booth's rent into what a sale must bring" do
    house(floor_pay: "8", target_pay: "15", fee_rate: "10", fixed_fee: "5", delivery: "12", rent: "10")
    id = piece(purchase: "100")
    # (100 + 5 + 12 + 10) ÷ 0.9 = 141.12
    expect(figure(id, "break_even")["text"]).to eq("€142")
    expect(pricing(id,
                   "200")["at"]).to include("take_home" => include("text" => "€155"),
                                            "profit" => include("text" => "€55"))
  end

  it "says what a price brings: profit, pay, days and the steps down" do
    house(floor_pay: "8", target_pay: "15", fee_rate: "10", fixed_fee: "5", step: "10", step_days: "14")
    id = piece(name: "Chair", purchase: "100")
    worked(id, "10 h")
    expect(pricing(id, "300").dig("at", "hourly")).to be_nil # nobody has said how many hours are left
    call(:patch, "/api/pieces/#{id}",
         { hours_to_come: "0", lock_version: call(:get, "/api/pieces/#{id}")["lock_version"] })
    at = pricing(id, "300")["at"]
    # 270 − 5 − 100 = 165 over 10 h. Steps: 270, 243, 218.70, then the floor.
    expect(at).to include("take_home" => include("text" => "€265"), "profit" => include("text" => "€165"), "hourly" => include("text" => "€17"),
                          "days" => nil, "time_why" => "This needs 8 listings and 4 sales. You have 0 and 0")
    expect(at["steps"].map { |step| step["asking"]["text"] }).to eq(%w[€270 €243 €218.70 €205.56])
    expect(at["steps"].first["on"]["iso"]).to eq("2026-07-14")
    expect(refusal(pricing(id, "dear"), :price)).to include("isn't an amount")
    history
    id = piece(name: "Chair", kind: "chair", purchase: "100")
    later = pricing(id, "300")["at"]
    # All eight took ten days, so before the first step: ten days, and 90% of 300.00.
    expect(later).to include("days" => 10, "expected" => include("text" => "€270"), "left" => "0%",
                             "time_why" => "8 listings of this kind")
    expect(method(pricing(id), "own")).to eq("low" => "€180", "mid" => "€180", "high" => "€180")
  end

  it "keeps comparables by kind, for all pieces alike" do
    id = piece(name: "Desk", kind: "desk")
    call(:post, "/api/pieces/#{id}/comparables", { what: "Oak desk", price: "200", likeness: "3", sold: "no", place: "online", condition: "worn",
                                                   note: "with key" })
    made = call(:post, "/api/pieces/#{id}/comparables",
                { what: "Pine desk", price: "100", likeness: "1", sold: "yes", seen_on: "2026-06-20" })
    expect(made).to include("sold" => true, "likeness_label" => "somewhat like it",
                            "seen_on" => include("iso" => "2026-06-20"))
    other = piece(name: "Other desk", kind: "desk")
    # Asked 200.00 × 0.85 = €170 weighs three, got 100.00 weighs one.
    expect(method(pricing(other), "comparables")).to eq("low" => "€135", "mid" => "€170", "high" => "€170")
    expect(pricing(piece(name: "Chair", kind: "chair"))["comparables"]).to eq([])
    expect(call(:patch, "/api/comparables/#{made['id']}", { price: "170" })["price"]["text"]).to eq("€170.00")
    expect(method(pricing(other), "comparables")["low"]).to eq("€170")
    gone = call(:delete, "/api/comparables/#{made['id']}")
    expect(pricing(id)["comparables"].size).to eq(1)
    call(:post, "/api/deletions/#{gone['id']}/undo")
    expect(pricing(id)["comparables"].size).to eq(2)
    bad = call(:post, "/api/pieces/#{id}/comparables", { what: "", price: "0", likeness: "4" })
    expect([refusal(bad, :what), refusal(bad, :price),
            refusal(bad, :likeness)]).to match([/empty/, /has to be above 0/, /1 to 3/])
    expect(refusal(call(:post, "/api/pieces/#{piece}/comparables", { what: "Thing", price: "5" }),
                   :what)).to include("no kind")
  end

  it "keeps a decision with its reason, lists the piece, and plans its steps down" do
    house(floor_pay: "8", target_pay: "15", step: "10", step_days: "14")
    id = piece(name: "Chair", purchase: "100")
    worked(id, "5 h")
    kept = call(:post, "/api/pieces/#{id}/price-decisions",
                { asking: "200", why: "rare form", list: true, channel: "online" })
    expect(kept).to include("asking" => include("text" => "€200"), "why" => "rare form")
    expect(diary(id).join).to include("Price decided: €200. rare form")
    expect(row(id)).to include("asking" => include("text" => "€200"), "days" => 0, "next_step" => include("due" => false,
                                                                                                          "asking" => include("text" => "€180")))
    at("2026-07-14T12:00:00Z")
    step = row(id)["next_step"]
    expect(step["due"]).to be(true)
    call(:patch, "/api/price-steps/#{step['id']}", { state: "done" })
    # 200 → 180 → 162 → 145.80 → the floor of 140.
    expect(row(id)).to include("asking" => include("text" => "€180"), "days" => 14,
                               "next_step" => include("asking" => include("text" => "€162")))
    following = row(id)["next_step"]
    call(:patch, "/api/price-steps/#{following['id']}", { state: "skipped" })
    expect(row(id)).to include("asking" => include("text" => "€180"),
                               "next_step" => include("asking" => include("text" => "€145.80")))
    expect(refusal(call(:patch, "/api/price-steps/#{following['id']}", { state: "done" }),
                   :state)).to include("This price drop is already skipped")
    expect(refusal(call(:post, "/api/pieces/#{id}/price-decisions", { asking: "" }), :asking)).to include("empty")
  end

  it "answers an offer within the figures: waiting is worth what is expected less its place" do
    history
    id = chair("2026-06-30")
    # Held from 2 January to 11…18 March, 68 to 75 days, 71.5 on average; profit 160.00 each: 8 × 160 ÷ 572 days =
    # 2.24 a day.
    expect(market["profit_per_space_day"]["text"]).to eq("€2.20")
    # By the curve of own listings alone: ten days at 90% of 200.00. By the market: what waiting is worth, less its
    # days.
    offer(id, "185", who: "First caller")
    offer(id, "157.50")
    offer(id, "90")
    call(:post, "/api/pieces/#{id}/offers", { note: "Is it still there?" })
    found = row(id)
    expect(found).to include("enquiries" => 1, "expected_days" => 10, "expected" => include("text" => "€180"))
    expect(found["offers"].reverse.map { |one| one["advice"]["verdict"] }).to eq(%w[take counter decline])
    advice = found["offers"].reverse[1]["advice"]
    worth, money, days = found["waiting"].values_at("worth", "money", "days")
    expect(advice["at"]["minor"]).to eq(worth["minor"])
    day = advice["why"][/Less €([\d.]+) a day/, 1].to_f
    expect(worth["minor"]).to be_within(100).of(money["minor"] - (days * day * 100))
    # Half-way between what is asked and what waiting is worth, in fives.
    expect(advice["counter"]["minor"]).to eq(((20_000 + worth["minor"]) / 1000.0).round * 500)
    expect(advice["why"]).to start_with("If you wait, expect about #{money['text']} in #{Core::Units::Calendar.about(days)}.")
    countered = call(:patch, "/api/offers/#{found['offers'][1]['id']}", { answer: "countered", counter: "165" })
    expect(countered).to include("answer" => "countered", "counter" => include("text" => "€165"),
                                 "then" => include("If you wait"))
    expect(row(id)["offers"][1]["advice"]).to be_nil
    expect(diary(id)).to include("Offer of €185 from First caller.", "Offer countered at €165.", "Enquiry.")
    expect(refusal(call(:patch, "/api/offers/#{countered['id']}", { answer: "countered", counter: "" }),
                   :counter)).to include("empty")
    gone = call(:delete, "/api/offers/#{countered['id']}")
    expect(row(id)["offers"].size).to eq(2)
    call(:post, "/api/deletions/#{gone['id']}/undo")
    expect(row(id)["offers"].size).to eq(3)
  end

  it "refuses an offer on what is not for sale, and of nothing" do
    expect(refusal(offer(piece, "50"), :amount)).to include("Bench isn't listed")
    expect(refusal(offer(chair("2026-06-01"), "0"), :amount)).to include("Leave the amount blank")
    expect(market["rows"].size).to eq(1)
  end

  it "holds a piece for a buyer, one at a time, with what was paid down" do
    id = chair("2026-06-01")
    held = call(:post, "/api/pieces/#{id}/holds",
                { who: "Neighbour", price: "170", deposit: "20", until_on: "2026-07-05", pick_up: "Sunday 10:00" })
    expect(row(id)["hold"]).to include("who" => "Neighbour", "deposit" => include("text" => "€20"), "until_on" => include("iso" => "2026-07-05"),
                                       "pick_up" => "Sunday 10:00")
    expect(refusal(call(:post, "/api/pieces/#{id}/holds", { who: "Another" }), :who)).to include("already reserved")
    call(:delete, "/api/holds/#{held['id']}")
    expect(row(id)["hold"]).to be_nil
    expect(refusal(call(:post, "/api/pieces/#{id}/holds", { who: "" }), :who)).to include("empty")
  end

  it "says how long listings took, a set as one, and nothing where there is nothing" do
    nothing = { "minor" => 0, "text" => "€0", "bare" => "0", "typed" => "0.00" }
    expect(market).to eq("headline" => "Nothing for sale yet.", "likely" => nothing, "asked" => nothing, "rows" => [], "total" => 0,
                         "profit_per_space_day" => nil, "times" => [], "seasons" => [], "sold" => [])
    history
    chair("2026-06-01") # stands 29 days: censored
    times = market["times"]
    expect(times.map { |one| one["kind"] }).to eq(["chair", "all kinds"])
    # 8 of 9 sold on day 10: a ninth is left.
    text = "Half of 9 sold within 10 days (a quarter within 10 days, three quarters within 10 days)."
    expect(times.first).to include("text" => text, "curve" => [[0, 100.0], [10, 11.1], [29, 11.1]])
    pair = Array.new(2) { chair("2026-06-10") }
    set = call(:post, "/api/sets", { name: "Pair", piece_ids: pair })
    expect(set["id"]).not_to be_nil
    expect(market["times"].last["text"]).to start_with("Half of 11 sold within 10 days")
  end
end
