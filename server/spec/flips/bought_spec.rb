# frozen_string_literal: true

require_relative "../support/api_helper"

RSpec.describe "however a piece came home", :api do
  def money(id, key = "cash_in") = figure(id, key)["text"]

  def lot(members, **rest)
    call(:post, "/api/lots", { name: "Barn clearance", bought_on: "2026-06-01", members: members, **rest })
  end

  def shares(lot) = lot["members"].map { |member| member["total"]&.fetch("text") }

  describe "lots" do
    it "shares price, premium and tax so that they add up" do
      made = lot([{ name: "Chest", expected_resale: "300" }, { name: "Stool", expected_resale: "200" }, { name: "Frame", expected_resale: "100" }],
                 price: "100", share_rule: "resale")
      expect(shares(made)).to eq(%w[€50.00 €33.33 €16.67])
      changed = call(:patch, "/api/lots/#{made['id']}",
                     { lock_version: made["lock_version"], premium: "15%", tax: "20%" })
      # 100 + 15 + 23 = 138: shares 3 : 2 : 1 of each.
      expect(changed["lot"].values_at("premium", "tax", "total").map do |one|
        one["text"]
      end).to eq(%w[€15.00 €23.00 €138.00])
      expect(shares(changed["lot"])).to eq(["€69.00", "€46.00", "€23.00"])
      expect(changed["changes"].first).to eq("K-001 Chest: spent so far €50.00 → €69.00.")
      id = made["members"][0]["piece_id"]
      call(:post, "/api/pieces/#{id}/damages", { what: "Foot", place: "way", on: "2026-06-02", expected_resale: "10" })
      again = call(:patch, "/api/lots/#{made['id']}",
                   { lock_version: changed["lot"]["lock_version"], notes: "By the door" })
      expect([shares(again["lot"]), again["changes"]]).to eq([["€69.00", "€46.00", "€23.00"], []]) # as expected when it was bought
      page = call(:get, "/api/pieces/#{id}")
      expect(page["diary"].last["text"]).to eq("The lot “Barn clearance” changed: spent so far €50.00 → €69.00.")
      expect(page["figures"][0]["terms"][0]["figure"]["terms"].map { |term| term["figure"].values_at("label", "text") })
        .to eq([["Part of the lot's price", "€50.00"], ["Buyer's premium", "€7.50"], ["Tax", "€11.50"]])
    end

    it "takes a free load of five of which two are thrown away, and things found inside" do
      made = lot(Array.new(5) do |i|
        { name: "Free #{i}" }
      end + [{ name: "Box in it", found: true }], price: "0", stash: [{ name: "Brass pulls", count: "6", value: "4" }])
      expect(shares(made)).to eq(["€0.00"] * 6)
      made["members"].first(2).each { |member| event(member["piece_id"], "scrapped", "2026-06-02") }
      call(:post, "/api/trips", { what: "The load", fuel: "12", pieces: made["members"].first(5).map do |member|
        { piece_id: member["piece_id"] }
      end })
      # 12.00 over five: 2.40 each; the two thrown away are a loss of that.
      expect(made["members"].map { |member| money(member["piece_id"]) }).to eq((["€2.40"] * 5) + ["€0.00"])
      expect(money(made["members"][0]["piece_id"], "cash_profit")).to eq("−€2.40")
      expect(call(:get,
                  "/api/stash")).to include("worth" => { "minor" => 2400, "text" => "€24.00", "bare" => "24.00", "typed" => "24.00" },
                                            "unknown" => 0)
    end

    it "shares by hand only what adds up, and re-computes a sold piece with both figures kept" do
      short = lot([{ name: "One", share: "30" }, { name: "Two", share: "15" }], price: "50", share_rule: "hand")
      expect(refusal(short,
                     :members)).to eq("The shares don't add up to the price: they're €5.00 under. Change one of them by €5.00.")
      expect(Records::Piece.count).to eq(0)
      made = lot([{ name: "One", share: "30" }, { name: "Two", share: "20" }], price: "50", share_rule: "hand")
      one, two = made["members"].map { |member| member["piece_id"] }
      event(one, "sold", "2026-06-10", price: "100")
      members = [{ piece_id: one, share: "10" }, { piece_id: two, share: "40" }]
      changed = call(:patch, "/api/lots/#{made['id']}", { lock_version: made["lock_version"], members: members })
      expect(changed["changes"]).to include("K-001 One: spent so far €30.00 → €10.00, profit €70.00 → €90.00.")
      expect(call(:get, "/api/pieces/#{one}")["diary"].last["text"]).to include("profit €70.00 → €90.00")
    end

    it "refuses a lot without pieces, a resale that is missing, and keeps a member's price its own" do
      expect(refusal(lot([]), :members)).to include("at least one piece")
      expect(refusal(lot([{ name: "Only", found: true }]), :members)).to include("found inside")
      expect(refusal(lot([{ name: "One" }], share_rule: "resale", price: "5"),
                     :members)).to include("no expected price")
      expect(refusal(lot([{ name: "" }]), :members)).to include("no name")
      ["201", "2.5", "-1", "many"].each do |count|
        expect(refusal(lot([{ name: "Chair", count: count }]), :members)).to include("Enter 1 to 200"), count
      end
      made = lot([{ name: "One" }, { name: "Two" }], price: "9")
      id = made["members"][0]["piece_id"]
      expect(refusal(call(:patch, "/api/pieces/#{id}", { lock_version: 1, purchase: "3" }),
                     :purchase)).to include("share of the lot")
      expect(call(:delete, "/api/pieces/#{id}")["detail"]).to include("bought in the lot")
      stale = call(:patch, "/api/lots/#{made['id']}", { lock_version: 7, name: "x" })
      expect([status, stale["current"]["name"]]).to eq([409, "Barn clearance"])
    end

    it "enters identical pieces once, moves a piece out and in, and comes back whole after removal" do
      made = lot([{ name: "Ash chair", kind: "chair", count: "4" }], price: "30")
      expect(made["members"].map do |member|
        member["name"]
      end).to eq(["Ash chair, 1 of 4", "Ash chair, 2 of 4", "Ash chair, 3 of 4", "Ash chair, 4 of 4"])
      expect(shares(made)).to eq(%w[€7.50 €7.50 €7.50 €7.50])
      first, *rest = made["members"].map { |member| { piece_id: member["piece_id"] } }
      out = call(:patch, "/api/lots/#{made['id']}", { lock_version: made["lock_version"], members: rest })
      expect([shares(out["lot"]), money(first[:piece_id])]).to eq([%w[€10.00 €10.00 €10.00], nil])
      back = call(:patch, "/api/lots/#{made['id']}",
                  { lock_version: out["lot"]["lock_version"], members: [*rest, first] })
      expect(shares(back["lot"])).to eq(%w[€7.50 €7.50 €7.50 €7.50])
      removal = call(:delete, "/api/lots/#{made['id']}")
      expect([call(:get, "/api/lots")["total"], call(:get, "/api/pieces")["total"]]).to eq([0, 0])
      call(:post, "/api/deletions/#{removal['id']}/undo")
      expect([call(:get, "/api/lots/#{made['id']}")["members"].size, call(:get, "/api/pieces")["total"]]).to eq([4, 4])
    end

    it "buys spotted pieces in a lot" do
      spotted = call(:post, "/api/prospects",
                     { kind: "stool", condition: "worn", name: "Milking stool", tag: "15" })["id"]
      made = lot([{ prospect_id: spotted }, { name: "Crate" }], price: "21")
      expect([made["members"][0]["name"], shares(made)]).to eq(["Milking stool", ["€10.50", "€10.50"]])
      expect(call(:get, "/api/prospects/#{spotted}")["state"]).to eq("bought")
    end
  end

  describe "trips" do
    before do
      call(:patch, "/api/workshop", { lock_version: 0, mileage_rate: "0.30", hours_rule: "all" })
      @one, @two = %w[One Two].map { |name| piece(name: name, purchase: "10") }
    end

    def trip(**rest)
      call(:post, "/api/trips",
           { what: "Auction", happened_on: "2026-06-02", pieces: [{ piece_id: @one }, { piece_id: @two }], **rest })
    end

    it "shares mileage and minutes less the private part, also into the hours" do
      # 80 km × 0.30 = 24 + 6 tolls = 30; a third private 10 → 20; 90 min less a third = 60.
      made = trip(distance: "80", tolls: "6", private_share: "33.33", effort: "1h30")
      expect([made["cost"]["text"], made["effort"]["text"]]).to eq(["€20.00", "1 h"])
      expect([money(@one), figure(@one, "hours")["text"]]).to eq(["€20.00", "30 min"])
      statement = call(:get, "/api/pieces/#{@one}")
      expect(statement["figures"][0]["terms"][1]["figure"].values_at("label", "text")).to eq(["Trips", "€10.00"])
      cost = statement["costs"].first
      expect(call(:delete, "/api/costs/#{cost['id']}")["detail"]).to include("belongs to the trip “Auction”")
      expect(call(:delete, "/api/work/#{statement['work'].first['id']}")["detail"]).to include("belong to the trip")
    end

    it "is shared by parts, says what a change did, and can be undone" do
      second = call(:post, "/api/people", { name: "Second" })["id"]
      made = trip(fuel: "9", effort: "1h", person_ids: [1 + Records::Person.minimum(:id) - 1, second])
      expect(made["effort"]["text"]).to eq("2 h")
      weights = [{ piece_id: @one, weight: "2" }, { piece_id: @two, weight: "1" }]
      changed = call(:patch, "/api/trips/#{made['id']}", { pieces: weights, effort: "" })
      expect(changed["changes"]).to eq(["K-001 One: spent so far €14.50 → €16.00.", "K-002 Two: spent so far €14.50 → €13.00."])
      expect(figure(@one, "hours")["text"]).to be_nil
      removal = call(:delete, "/api/trips/#{made['id']}")
      expect([money(@one), call(:get, "/api/trips")["total"]]).to eq(["€10.00", 0])
      call(:post, "/api/deletions/#{removal['id']}/undo")
      expect(money(@one)).to eq("€16.00")
    end

    it "refuses what cannot be" do
      expect(refusal(trip(distance: "-3"), :distance)).to eq("A distance of “-3” is negative. Enter 0 or more.")
      expect(refusal(trip(private_share: "101"), :private_share)).to include("0 to 100")
      expect(refusal(trip(pieces: []), :pieces)).to include("at least one piece")
      expect(refusal(trip(effort: "25h"), :effort)).to include("more than a day")
      expect(Records::Trip.count).to eq(0)
    end

    it "counts in miles by the house rule" do
      call(:patch, "/api/workshop", { lock_version: 1, distance_unit: "mi" })
      made = trip(distance: "10")
      expect([made["cost"]["text"], made["fields"]["distance"]]).to eq(["€3.00", "10"])
    end
  end

  describe "damage on the way" do
    it "is dated, stays, changes what is expected, and gives it back when taken back" do
      id = piece(name: "Mirror", expected_resale: "80", hours_to_come: "2h")
      damage = call(:post, "/api/pieces/#{id}/damages",
                    { what: "Pane cracked", place: "way", on: "2026-05-01", expected_resale: "55", cost_to_come: "14" })
      expect(damage).to include("place" => "on the way",
                                "changes" => ["expected price €80.00 → €55.00",
                                              "still to spend unknown → €14.00"])
      fields = lambda {
        call(:get, "/api/pieces/#{id}")["fields"].values_at("expected_resale", "hours_to_come", "cost_to_come")
      }
      expect(fields.call).to eq(["55.00", "2 h", "14.00"])
      removal = call(:delete, "/api/damages/#{damage['id']}")
      expect(fields.call).to eq(["80.00", "2 h", ""])
      call(:post, "/api/deletions/#{removal['id']}/undo")
      expect(fields.call).to eq(["55.00", "2 h", "14.00"])
      expect(refusal(call(:post, "/api/pieces/#{id}/damages", { what: "x", place: "way", on: "2026-04-30" }),
                     :on)).to include("before bought on 1 May 2026")
      expect(refusal(call(:post, "/api/pieces/#{id}/damages", { what: "", place: "moon" }),
                     :place)).to include("isn't one of the choices")
    end
  end

  it "finds pieces by maker, age and material" do
    id = piece(name: "Chest", maker: "Fenwright Joinery", label_found: "inside the top drawer", made_about: "about 1930", body_material: "solid",
               surface_material: "veneer")
    expect(call(:get, "/api/find?query=fenwright+1930+veneer").map { |one| one["id"] }).to eq([id])
    expect(refusal(call(:patch, "/api/pieces/#{id}", { lock_version: 0, body_material: "gold" }),
                   :body_material)).to include("solid, veneer")
    expect(call(:get, "/api/pieces/#{id}")["cautions"].first).to include("may contain lead")
    call(:patch, "/api/pieces/#{id}", { lock_version: 0, made_about: "1994" })
    expect(call(:get, "/api/pieces/#{id}")["cautions"].join).not_to include("lead")
  end

  describe "doors and the stash" do
    it "keeps openings whole" do
      door = call(:post, "/api/openings", { name: "Front door", kind: "door", width: "80 cm", height: "2000" })
      expect(door).to include("text" => "800 mm × 2000 mm", "label" => "door")
      expect(refusal(call(:post, "/api/openings", { name: "Van", kind: "load", width: "1", height: "2" }),
                     :long)).to include("empty")
      call(:patch, "/api/openings/#{door['id']}", { width: "760" })
      id = piece(name: "Big", width: "900", depth: "800", height: "1000")
      expect(call(:get,
                  "/api/pieces/#{id}")["fit"]["rows"].first["whole"]["text"]).to start_with("Too big by 40 mm, even")
      removal = call(:delete, "/api/openings/#{door['id']}")
      expect(call(:get, "/api/workshop")["openings"]).to eq([])
      call(:post, "/api/deletions/#{removal['id']}/undo")
      expect(call(:get, "/api/workshop")["openings"].size).to eq(1)
    end

    it "keeps the stash at its replacement value" do
      item = call(:post, "/api/stash", { name: "Turned legs", count: "4", value: "2.50", origin: "skip" })
      expect(item["worth"]["text"]).to eq("€10.00")
      call(:patch, "/api/stash/#{item['id']}", { count: "3" })
      call(:post, "/api/stash", { name: "Knobs", count: "9" })
      expect(call(:get,
                  "/api/stash")).to include("worth" => { "minor" => 750, "text" => "€7.50", "bare" => "7.50", "typed" => "7.50" },
                                            "unknown" => 1)
      expect(refusal(call(:post, "/api/stash", { name: "Knobs", count: "-1" }), :count)).to include("0 to")
      call(:delete, "/api/stash/#{item['id']}")
      expect(call(:get, "/api/stash")["items"].size).to eq(1)
    end
  end
end
