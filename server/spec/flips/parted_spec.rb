# frozen_string_literal: true

require_relative "../support/api_helper"

RSpec.describe "one piece that becomes several, and several that are sold as one", :api do
  def money(id, key = "cash_in") = figure(id, key)["text"]

  describe "splits" do
    before { @whole = piece(name: "Long sideboard", purchase: "31", kind: "sideboard") }

    def split(*parts, **rest) = call(:post, "/api/pieces/#{@whole}/split", { on: "2026-06-05", parts: parts, **rest })

    it "passes cost, hours and trips on by shares, late ones too, and loses nothing" do
      call(:post, "/api/trips", { what: "Home", fuel: "5", pieces: [{ piece_id: @whole }] })
      call(:post, "/api/work",
           { kind: "cleaning", effort: "50 min", worked_on: "2026-05-20", pieces: [{ piece_id: @whole }] })
      made = split({ name: "Left half", weight: "2" }, { name: "Right half", weight: "1", keep: true })
      left, right = made["pieces"].map { |one| one["id"] }
      # 31 → 20.67 + 10.33; trip 5 → 3.33 + 1.67; 50 min → 33 + 17.
      expect([money(left), money(right)]).to eq(["€24.00", "€12.00"])
      expect([figure(left, "hours")["text"], figure(right, "hours")["text"]]).to eq(["33 min", "17 min"])
      late = call(:post, "/api/costs",
                  { what: "Late bill", category: "other", amount: "3", pieces: [{ piece_id: @whole }] })
      expect([late["id"], money(left), money(right)]).to eq([late["id"], "€26.00", "€13.00"])
      page = call(:get, "/api/pieces/#{left}")
      expect(page.values_at("stage",
                            "split_from")).to eq(["on the bench",
                                                  { "id" => @whole, "ticket" => "K-001", "name" => "Long sideboard" }])
      expect(call(:get, "/api/pieces/#{right}")["stage"]).to eq("kept")
      expect(page["diary"].map { |entry| [entry["on"]["iso"], entry["text"]] })
        .to eq([["2026-06-05", "K-001: Split into K-002 Left half, K-003 Right half."]])
      archived = call(:get, "/api/pieces?view=archive")["rows"].find { |row| row["id"] == @whole }
      expect([archived["stage"], archived["strip"]["ended"], archived["strip"]["days"]]).to eq(["split", true, 35])
      changed = call(:patch, "/api/splits/#{made['event_id']}",
                     { parts: [{ piece_id: left, weight: "1" }, { piece_id: right, weight: "1" }] })
      # Each kind by itself: 31 → 15.50, 5 → 2.50, 3 → 1.50.
      expect(changed["changes"]).to eq(["K-002 Left half: spent so far €26.00 → €19.50.",
                                        "K-003 Right half: spent so far €13.00 → €19.50."])
      expect(call(:get, "/api/pieces?view=in_hand")["in_hand"]["tied_up"]["text"]).to eq("€19.50")
    end

    it "is taken back while its parts are untouched, and not after" do
      made = split({ name: "A" }, { name: "B" })
      removal = call(:delete, "/api/events/#{made['event_id']}")
      expect([status, call(:get, "/api/pieces/#{@whole}")["stage"],
              call(:get, "/api/pieces")["total"]]).to eq([200, "bought", 1])
      call(:post, "/api/deletions/#{removal['id']}/undo")
      expect(call(:get, "/api/pieces")["total"]).to eq(2)
      part = made["pieces"][0]["id"]
      expect(call(:delete, "/api/pieces/#{part}")["detail"]).to include("part of a split piece")
      expect(refusal(call(:patch, "/api/pieces/#{part}", { lock_version: 0, purchase: "1" }),
                     :purchase)).to include("The price of A comes from Long sideboard, which you split")
      event(part, "ready", "2026-06-20")
      expect(call(:delete, "/api/events/#{made['event_id']}")["detail"]).to include("Undo those first")
    end

    it "refuses to split a sold piece, or into fewer than two" do
      expect(refusal(split({ name: "Alone" }), :parts)).to include("at least two")
      event(@whole, "sold", "2026-06-01", price: "9")
      expect(split({ name: "A" }, { name: "B" })["detail"]).to include("both sold on 1 Jun 2026 and ")
      expect(call(:get, "/api/pieces?view=all")["total"]).to eq(1)
    end
  end

  describe "sets" do
    before do
      @one, @two = [%w[Left 20], %w[Right 10]].map { |name, price| piece(name: name, purchase: price) }
      event(@one, "listed", "2026-06-01", asking: "60")
    end

    def set(**rest) = call(:post, "/api/sets", { name: "Pair", piece_ids: [@one, @two], **rest })

    def happen(set, kind, **rest)
      call(:post, "/api/sets/#{set['id']}/events", { kind: kind, on: "2026-06-10", **rest })
    end

    it "has one asking price and one sale, shared by cost where nothing else is known of all" do
      made = set
      expect(made["basis"]).to eq("by cost")
      expect(call(:post, "/api/pieces/#{@one}/events",
                  { kind: "sold", price: "1" })["detail"]).to include("Left is for sale in the set “Pair”")
      listed = happen(made, "listed", asking: "90")
      expect(listed["members"].map { |member| member["asking"]["text"] }).to eq(["€60.00", "€30.00"])
      happen(made, "price_changed", asking: "75")
      sold = happen(made, "sold", price: "70", fee: "7", tip: "1")
      # 70 by 20 : 10 → 46.67 and 23.33; fee 4.67 and 2.33; tip 0.67 and 0.33. Profit 46.67 + 0.67 − 4.67 − 20 = 22.67
      # and 11.33.
      expect(sold["members"].map { |member| member["cash_profit"]["text"] }).to eq(["€22.67", "€11.33"])
      event_id = sold["events"].last["id"]
      changed = call(:patch, "/api/set-events/#{event_id}",
                     { hand: [{ piece_id: @one, amount: "40" }, { piece_id: @two, amount: "30" }] })
      expect(changed["changes"].first).to include("profit €22.67 →")
      expect(changed["set"]["members"].sum { |member| member["receipts"]["minor"] }).to eq(7100)
      wrong = call(:patch, "/api/set-events/#{event_id}",
                   { hand: [{ piece_id: @one, amount: "40" }, { piece_id: @two, amount: "20" }] })
      expect(refusal(wrong, :hand)).to include("€10.00 under")
      own = call(:get, "/api/pieces/#{@one}")["events"].last["id"]
      expect(call(:delete, "/api/events/#{own}")["detail"]).to include("belongs to the set")
      removal = call(:delete, "/api/set-events/#{event_id}")
      expect(call(:get, "/api/pieces/#{@two}")["stage"]).to eq("listed")
      call(:post, "/api/deletions/#{removal['id']}/undo")
      expect(call(:get, "/api/sets/#{made['id']}")["state"]).to eq("sold")
      expect(call(:delete, "/api/sets/#{made['id']}")["detail"]).to include("is sold")
    end

    it "is broken before its sale: each piece stands as it did, and undo binds it again" do
      made = set
      happen(made, "listed", asking: "90")
      removal = call(:delete, "/api/sets/#{made['id']}")
      expect([@one, @two].map { |id| call(:get, "/api/pieces/#{id}")["stage"] }).to eq(%w[listed bought])
      expect(figure(@one, "cash_in")["text"]).to eq("€20.00")
      expect(call(:get, "/api/sets")["rows"]).to eq([])
      call(:post, "/api/deletions/#{removal['id']}/undo")
      expect(call(:get, "/api/pieces/#{@two}")["stage"]).to eq("listed")
    end

    it "refuses one piece alone, one that has ended, one in two sets, and steps out of order" do
      expect(refusal(set(piece_ids: [@one]), :piece_ids)).to include("at least two")
      made = set
      expect(refusal(set(name: "Other"), :piece_ids)).to include("Left is already in the set “Pair”")
      expect(refusal(happen(made, "price_changed", asking: "5"), :kind)).to include("was never listed")
      ended = piece(name: "Gone")
      event(ended, "scrapped", "2026-06-01")
      expect(refusal(set(piece_ids: [ended, piece(name: "Here")]), :piece_ids)).to include("Gone is scrapped")
    end
  end
end
