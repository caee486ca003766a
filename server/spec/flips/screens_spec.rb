# frozen_string_literal: true

require_relative "../support/api_helper"

# What the screens get to say, worked by hand. It is Tuesday 30 June 2026, noon.
RSpec.describe "what the screens say", :api do
  def page_of(id) = call(:get, "/api/pieces/#{id}")

  def house(**rules)
    call(:patch, "/api/workshop", { lock_version: call(:get, "/api/workshop")["lock_version"], **rules })
  end

  def work(id, effort, on)
    call(:post, "/api/work", { kind: "sanding", effort: effort, worked_on: on, pieces: [{ piece_id: id }] })
  end

  describe "of a piece" do
    it "says in a line where it stands, how it came and how large it is" do
      id = piece(name: "Ash chest", kind: "chest of drawers", source: "barn sale", bought_on: "2026-06-10", purchase: "46",
                 width: "860", depth: "450", height: "1020")
      expect(page_of(id)["line"]).to eq("waiting for 20 days · bought 10 Jun from barn sale for €46 · 860 × 450 × 1020 mm")
      event(id, "first_work", "2026-06-18")
      expect(page_of(id)["line"]).to start_with("on the bench for 12 days · bought 10 Jun")
      event(id, "sold", "2026-06-29", price: "200")
      expect(page_of(id)["line"]).to start_with("sold · bought 10 Jun")
      expect(page_of(piece(name: "Found",
                           purchase: "0"))["line"]).to eq("waiting for 60 days · bought 1 May for free")
      expect(page_of(piece(name: "Gift", purchase: "",
                           bought_on: "2025-12-31"))["line"]).to include("bought 31 Dec 2025 at an unknown price")
    end

    it "dates its days, and says how many hours it bears and which are worked" do
      house(floor_pay: "10", target_pay: "20")
      id = piece(name: "Ash chest", kind: "chest of drawers", bought_on: "2026-06-10", purchase: "40",
                 expected_resale: "140")
      work(id, "2 h", "2026-06-18")
      found = page_of(id)
      expect(found["dates"]).to eq([{ "day" => 0, "text" => "10 Jun bought" },
                                    { "day" => 8, "text" => "18 Jun first work" }])
      budget = found["budget"]
      expect(budget["worked"]["text"]).to eq("2 h")
      # What it bears is what is left over all costs at 10.00 an hour, as the figure beside it says.
      expect(budget["bears"]["seconds"]).to eq((budget["left"]["minor"] * 60 / 1000) * 60)
      expect(budget["hours"]["text"]).to eq(effort_text(budget["bears"]["seconds"] - 7200))
      both = found["need_and_fetch"]
      expect(both["sentences"].first).to match(/\ALikely to sell for €\d+–\d+\.\z/)
      expect(call(:get, "/api/pieces/#{id}/pricing")["need_and_fetch"]).to eq(both) # one answer on both pages
    end

    def effort_text(seconds) = Core::Units::Effort.about(seconds)

    it "says nothing of market and hours once it has ended" do
      id = piece(name: "Ash chest", kind: "chest of drawers", bought_on: "2026-06-10", purchase: "40")
      event(id, "sold", "2026-06-20", price: "90")
      expect(page_of(id).values_at("need_and_fetch", "budget")).to eq([nil, nil])
    end
  end

  describe "of Today" do
    it "is fresh until a first piece is recorded, and stays so no more when that is removed" do
      today = -> { call(:get, "/api/today") }
      expect(today.call["fresh"]).to be(true)
      id = piece(name: "Ash stool")
      expect(today.call["fresh"]).to be(false)
      call(:delete, "/api/pieces/#{id}")
      expect(today.call["fresh"]).to be(false)
    end

    it "lights where the first step is worked, and lets its clock run out" do
      me = call(:get, "/api/workshop")["people"].first["id"]
      call(:put, "/api/people/#{me}/week", { rows: (0..6).map { |day| { weekday: day, from: "00:00", to: "24:00" } } })
      id = piece(name: "Box", kind: "custom box", width: "400", depth: "300", height: "300", bought_on: "2026-06-01")
      call(:post, "/api/pieces/#{id}/looks", { name: "Oiled", starter: "bare_oiled" })
      lit = call(:get, "/api/today")["now"]["lit"]
      expect(lit["drawing"]["width"]).to eq(400.0)
      expect(lit["zones"]).not_to be_empty
      steps = call(:get, "/api/pieces/#{id}/plan")["plan"]["steps"]
      call(:post, "/api/pieces/#{id}/lead", { answer: "clear" })
      waits = steps.find { |step| step["wait"] == "2 h" }
      call(:post, "/api/pieces/#{id}/steps/done-up-to", { step: waits["key"] })
      left = -> { call(:get, "/api/today")["drying"].find { |clock| clock["step"] == waits["key"] }&.fetch("left") }
      expect(left.call).to eq(1.0)
      at("2026-06-30T13:00:00Z") # an hour of two is over
      expect(left.call).to eq(0.5)
    end
  end

  describe "of Books and the shelf" do
    it "opens with what the flips paid, and tells how far a goal has come in a year half gone" do
      expect(call(:get, "/api/books")["opening"]).to be_nil
      id = piece(name: "Ash stool", kind: "stool", bought_on: "2026-06-01", purchase: "10")
      work(id, "2 h", "2026-06-10")
      event(id, "sold", "2026-06-20", price: "50")
      # 50 − 10 = 40 in 2 h; one flip of a kind says nothing of what pays best.
      expect(call(:get, "/api/books")["opening"]).to eq("€40.00 profit so far, €20 an hour.")
      expect(call(:get, "/api/books?year=2026")["opening"]).to eq("€40.00 profit in 2026, €20 an hour.")
      call(:put, "/api/years/2026/goals", { profit: "100" })
      goal = call(:get, "/api/years/2026")["goals"].find { |one| one["key"] == "profit" }
      expect(goal.values_at("share", "gone")).to eq([0.4, (181 / 365.0).round(3)]) # 30 June is day 181
    end

    it "knows where a thing was bought last, by the receipts" do
      id = piece(name: "Box", kind: "custom box", width: "400", depth: "300", height: "300", bought_on: "2026-06-01")
      call(:post, "/api/pieces/#{id}/looks", { name: "Oiled", starter: "bare_oiled" })
      shop = -> { call(:get, "/api/shopping")["rows"].find { |row| row["product"] == "oil" }["shop"] }
      expect(shop.call).to be_nil
      line = { what: "Oil", amount: "4", product: "oil", size: "10 ml" }
      call(:post, "/api/receipts", { shop: "corner hardware", spent_on: "2026-06-02", lines: [line] })
      expect(shop.call).to eq("corner hardware")
    end
  end
end
