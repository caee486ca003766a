# frozen_string_literal: true

require_relative "../support/api_helper"

RSpec.describe "spotted pieces", :api do
  before do
    call(:patch, "/api/workshop", { lock_version: 0, floor_pay: "5", target_pay: "10", fee_rate: "10", sundries: "5" })
  end

  # Resale 240, 8 hours, 30 of materials, no spread: by hand 240 × 0.9 − 30 − 5 − 80 = 101 to pay; 240 × 0.9 − 30 − 5
  # − 40 = 141 to walk away.
  def given(**rest)
    { kind: "washstand", condition: "worn", resale_low: "120", resale_likely: "240", resale_high: "360", hours_likely: "8",
      materials_likely: "30", **rest }
  end

  def spot(**rest) = call(:post, "/api/prospects", given(**rest))
  def figure(answer, key) = answer["figures"].find { |one| one["key"] == key }

  it "answers from four inputs by the usual figures of the kind, and says so" do
    answer = call(:post, "/api/prospects/answer", { kind: "washstand", condition: "rough", tag: "40" })
    expect(status).to eq(200)
    expect(answer["estimates"]["resale"]).to include("source" => "usual for a washstand",
                                                     # 130 × e^−0.05: bought rough
                                                     "likely" => { "minor" => 12_366, "text" => "€125", "bare" => "125", "typed" => "123.66" })
    # The table's hours 3, 6, 10 and materials 14, 24, 42 by the factors of the grade: × 1.6 and × 1.4.
    expect(answer["estimates"]["hours"]).to include("likely" => { "seconds" => 34_560, "text" => "9½ h" },
                                                    "source" => "usual for a washstand, rough")
    expect(answer["estimates"]["materials"]["high"]["text"]).to eq("€60")
    expect([answer["id"], Records::Prospect.count]).to eq([nil, 0])
    expect(answer["cautions"].first).to include("may contain lead")
  end

  it "computes most, walk-away and pay by hand, on the tape and in words" do
    answer = call(:post, "/api/prospects/answer", given(tag: "121"))
    expect(%w[most walk_away].map { |key| figure(answer, key)["text"] }).to eq(%w[€101 €141])
    # (216 − 30 − 5 − 121) ÷ 8 = 7.50; 20.00 short is 2 h of target pay.
    expect(figure(answer, "pay")["text"]).to eq("€7.50")
    # Resale 120 to 360 spreads (360 − 120) ÷ 6 × 0.9 = 36; the others have the usual spread of their kind: hours 8 ×
    # 1.1667 ÷ 6.1667 × 10 = 15.14, materials 30 × 4.667 ÷ 25.33 = 5.53; together 39.45. z = −20 ÷ 39.45 = −0.507,
    # below which lie 30.6%.
    expect(figure(answer, "chance")["text"]).to match(/\A3[01]%\z/)
    expect(answer["verdict"]["doubt"])
      .to match(/\ALikely €[\d.]+–1\d an hour\. It's 30% likely to reach your target pay\.\z/)
    expect(answer["verdict"]["text"]).to eq("Pay €101 at most. At €121 you'd make about €7.50 an hour, below your target.")
    expect(answer["verdict"]["changes"].first).to eq("It's worth it if you save 2 h of work, sell it for €25 more, or get the price down to €101.")
    expect(answer["tape"]["marks"].map { |mark| [mark["key"], mark["text"]] })
      .to eq([["most", "€101"], ["tag", "€121"], ["walk_away", "€141"], ["resale", "€240"]])
  end

  it "fills the resale from five own sold ones" do
    [100, 110, 120, 130, 200].each do |price|
      event(piece(name: "Own", kind: "Washstand", purchase: "10"), "sold", "2026-06-01", price: price.to_s)
    end
    resale = call(:post, "/api/prospects/answer", { kind: "washstand", condition: "worn" })["estimates"]["resale"]
    # Their geometric mean is 128.0, the table says 130.
    expect(resale).to include("source" => "Based on your own pieces of this kind (91%) and a built-in guess (9%).", "n" => 5)
    expect(resale["mean"]["minor"]).to be_between(12_750, 12_900)
    typed = call(:post, "/api/prospects/answer",
                 { kind: "washstand", condition: "worn", resale_likely: "200" })["estimates"]["resale"]
    # A figure that is typed is one more source: between the others and itself.
    expect(typed["mean"]["minor"]).to be_between(13_500, 19_000)
    expect(typed["source"]).to include("your expected price")
  end

  it "has no usual amounts in a currency they are not meant in, and asks for them" do
    call(:patch, "/api/workshop", { lock_version: 1, currency: "JPY" })
    answer = call(:post, "/api/prospects/answer", { kind: "chair", condition: "worn" })
    expect([answer["estimates"]["resale"],
            answer["verdict"]["text"]]).to eq([nil, "No answer yet: the expected price is missing."])
  end

  it "cautions about one of a kind that sells in pairs, with the figures" do
    single = call(:post, "/api/prospects/answer", { kind: "bedside table", condition: "worn" })["single"]
    expect(single).to start_with("These usually sell in pairs or sets. One alone brings about €50 instead of €60 each, and takes longer to sell")
    expect(single).to include("assumed, until 5 singles")
    expect(call(:post, "/api/prospects/answer",
                { kind: "bedside table", condition: "worn", count: "2" })["single"]).to be_nil
  end

  it "watches a tag fall, says the day, the odds, and reminds" do
    id = spot(tag: "150", spotted_on: "2026-06-16")["id"]
    seen = call(:post, "/api/prospects/#{id}/sightings", { seen_on: "2026-06-30", tag: "121.50" })
    expect(seen["fields"]["tag"]).to eq("121.50")
    # 150 → 121.50 over two weeks is 10% a week; 109.35 on 7 July, 98.42 on 14 July, at most 101.
    expect(seen["watch"]).to include("rule" => a_string_including("10% of the current price every 7 days (from two prices, assuming " \
                                                                  "weekly markdowns)"),
                                     "reaches" => "14 Jul 2026, at €98.42",
                                     "decision" => a_hash_including("key" => "wait"))
    expect(seen["watch"]["points"].map { |point| point["tag"]["text"] }.first(3)).to eq(%w[€121.50 €109.35 €98.42])
    expect(call(:get, "/api/today")["tags"]).to eq([])
    call(:patch, "/api/prospects/#{id}", { lock_version: seen["lock_version"], standing: "110" })
    due = call(:get, "/api/today")["tags"].first
    expect(due).to include("on" => { "iso" => "2026-07-07", "text" => "Tue 7 Jul" }, "due" => false,
                           "why" => "the price should be down to €109.35, and you can pay €110")
    at("2026-07-08T09:00:00Z")
    expect(call(:get, "/api/today")["tags"].first["due"]).to be(true)
  end

  it "takes the shop's rule as given, and accepts a tag that rises, saying so" do
    id = spot(tag: "80", spotted_on: "2026-06-20", cut_basis: "amount", cut_size: "10", cut_every: "5")["id"]
    risen = call(:post, "/api/prospects/#{id}/sightings", { seen_on: "2026-06-29", tag: "90" })
    expect(status).to eq(201)
    expect(risen["watch"]["remarks"].first).to start_with("The price rose from €80.00 on 20 Jun 2026 to €90.00 on 29 Jun 2026")
    expect(risen["watch"]["rule"]).to eq("€10.00 every 5 days (as you entered it)")
    removal = call(:delete, "/api/sightings/#{risen['watch']['sightings'].last['id']}")
    expect(call(:get, "/api/prospects/#{id}")["fields"]["tag"]).to eq("80.00")
    call(:post, "/api/deletions/#{removal['id']}/undo")
    back = call(:get, "/api/prospects/#{id}")
    expect([back["watch"]["sightings"].size, back["fields"]["tag"]]).to eq([2, "90.00"])
    corrected = call(:patch, "/api/prospects/#{id}", { lock_version: back["lock_version"], tag: "88" })
    expect(corrected["watch"]["sightings"].map { |seen| seen["tag"]["text"] }).to eq(["€80", "€88"])
  end

  it "is bought in one tap with everything carried over" do
    id = spot(name: "Oak washstand", tag: "90", width: "800", depth: "450", height: "760", source: "charity shop",
              notes: "Marble top")["id"]
    bought = call(:post, "/api/prospects/#{id}/buy", {})
    page = call(:get, "/api/pieces/#{bought.first['id']}")
    expect(page["fields"]).to include("name" => "Oak washstand", "purchase" => "90.00", "bought_on" => "2026-06-30", "width" => "800",
                                      "source" => "charity shop",
                                      "expected_resale" => "240.00", "hours_to_come" => "8 h", "cost_to_come" => "30.00")
    expect([page["fields"]["notes"],
            page["prospect"]]).to match([/Marble top\nWorn when bought/, { "id" => id, "name" => "Oak washstand" }])
    expect(call(:post, "/api/prospects/#{id}/buy", {})["detail"]).to include("Oak washstand is already bought")
    expect(call(:post, "/api/prospects/#{id}/reopen", {})["detail"]).to include("You bought Oak washstand")
  end

  it "makes several alike a lot with its premium, shared equally" do
    id = spot(kind: "chair", count: "3", added: "20")["id"]
    bought = call(:post, "/api/prospects/#{id}/buy", { price: "50", on: "2026-06-29" })
    pages = bought.map { |one| call(:get, "/api/pieces/#{one['id']}") }
    # 50.00 + 20% = 60.00: price 16.67, 16.67, 16.66 and premium 3.34, 3.33, 3.33.
    expect(pages.map { |page| page["fields"].values_at("name", "purchase", "expected_resale") })
      .to eq([["Chair, 1 of 3", "20.01", "80.00"], ["Chair, 2 of 3", "20.00", "80.00"],
              ["Chair, 3 of 3", "19.99", "80.00"]])
    expect(pages.first["mates"].map { |mate| mate["name"] }).to eq(["Chair, 2 of 3", "Chair, 3 of 3"])
  end

  it "is let go with its reason, or gone, and counted in the record of estimates" do
    gone, let_go = Array.new(2) { spot(tag: "60")["id"] }
    expect(refusal(call(:post, "/api/prospects/#{let_go}/close", { state: "let_go" }), :reason)).to include("empty")
    call(:post, "/api/prospects/#{let_go}/close", { state: "let_go", reason: "smelled of smoke" })
    call(:post, "/api/prospects/#{gone}/close", { state: "gone" })
    record = call(:get, "/api/scout/record")
    expect(record["missed"].map { |row| row.values_at("state_text", "reason", "forgone") })
      .to contain_exactly(["passed on", "smelled of smoke", { "minor" => 4100, "text" => "€40", "bare" => "40", "typed" => "41.00" }],
                          ["someone else got it", nil, anything])
    expect(call(:get, "/api/prospects?view=closed")["total"]).to eq(2)
    call(:post, "/api/prospects/#{gone}/reopen", {})
    expect(call(:get, "/api/prospects")["rows"].map { |row| row["id"] }).to eq([gone])
  end

  it "compares what was expected with what came" do
    id = spot(tag: "90")["id"]
    own = call(:post, "/api/prospects/#{id}/buy", {}).first["id"]
    call(:post, "/api/costs", { what: "Oil", category: "materials", amount: "33", pieces: [{ piece_id: own }] })
    call(:post, "/api/work", { kind: "sanding", effort: "6h", worked_on: "2026-06-30", pieces: [{ piece_id: own }] })
    event(own, "sold", "2026-06-30", price: "264")
    rows = call(:get, "/api/scout/record")["rows"].to_h { |row| [row["key"], row["text"]] }
    expect(rows).to eq("resale" => "10% more than expected; too few to tell", "hours" => "25% less than expected; too few to tell",
                       "materials" => "10% more than expected; too few to tell", "paid" => "11% less than expected; too few to tell")
  end

  it "gives a card of most to pay by kind and condition from the current figures" do
    card = call(:get, "/api/scout/card")
    row = card["rows"].find { |one| one["kind"] == "washstand" }
    # Resale 130 by the table; worn: hours (3 + 24 + 10) ÷ 6 = 6.1667, materials (14 + 96 + 42) ÷ 6 = 25.33.
    # 130 × 0.9 − 25.3333 − 5 − 61.6667 = 25.00.
    expect(row["cells"].map { |cell| [cell["condition"], cell["most"]["text"]] }).to include(["worn", "€25"])
    expect(card["conditions"].map { |one| one["key"] }).to eq(%w[sound worn rough])
  end

  it "checks what matters before one commits" do
    call(:post, "/api/openings", { name: "Car", kind: "load", width: "1000", height: "800", long: "1500" })
    checks = { core: "hollow", use: "desk", pulls_needed: "4", pulls_present: "3", match_price: "6" }
    before = spot(width: "1200", depth: "500", height: "690", leg: "100", checks: checks)["before"]
    usual = "Usual is 710–760 mm, a keyboard or pen at elbow height when you sit"
    expect(before["height"]).to eq("text" => "As a desk or writing leaf it's 20 mm too low. #{usual}.",
                                   "wrong" => true)
    expect(before["core"]).to include("wrong" => true)
    expect(before["hardware"]["ways"].first).to include("label" => "Match the missing 1", "best" => true,
                                                        "total" => { "minor" => 1434, "text" => "€14", "bare" => "14", "typed" => "14.34" })
    expect(before["fit"]["rows"].first["whole"]["text"]).to eq("yes, standing, width along the load space")
    expect(before["room"]).to include("In House rules, say how many pieces fit")
  end

  it "refuses what cannot be, naming the field, and stores nothing" do
    expect(refusal(spot(resale_low: "300"), :resale_likely)).to include("low ≤ likely ≤ high")
    expect(refusal(spot(kind: ""), :kind)).to include("empty")
    expect(refusal(spot(condition: "perfect"), :condition)).to include("Choose sound, worn, rough")
    expect(refusal(spot(tag: "-4"), :tag)).to include("negative")
    expect(refusal(spot(cut_basis: "current"), :cut_size)).to include("isn't complete")
    expect(refusal(spot(cut_basis: "current", cut_size: "120", cut_every: "7"), :cut_size)).to include("more than 100%")
    expect(refusal(spot(count: "0"), :count)).to include("1 to 40")
    expect(refusal(spot(checks: { pulls_needed: "2", pulls_present: "3" }), :pulls_present)).to include("3 of 2")
    expect(Records::Prospect.count).to eq(0)
    id = spot["id"]
    call(:patch, "/api/prospects/#{id}", { lock_version: 9, tag: "1" })
    expect(status).to eq(409)
    removal = call(:delete, "/api/prospects/#{id}")
    call(:get, "/api/prospects/#{id}")
    expect(status).to eq(404)
    call(:post, "/api/deletions/#{removal['id']}/undo")
    expect(call(:get, "/api/prospects/#{id}")["title"]).to eq("Washstand")
  end
end
