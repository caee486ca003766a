# frozen_string_literal: true

require_relative "../support/api_helper"

RSpec.describe "before one commits to buying", :api do
  def before(kind: "desk", **rest)
    call(:post, "/api/prospects/answer", { kind: kind, condition: "worn", **rest })["before"]
  end

  def passing(**size)
    before(**size)["fit"]["rows"].to_h do |row|
      [row["name"], row.values_at("whole", "bare").map do |fits|
        fits&.fetch("fits")
      end]
    end
  end

  describe "heights" do
    it "are measured against the usual use of a kind, or the one chosen" do
      expect(before(kind: "chair",
                    height: "390")["height"]).to include("wrong" => true,
                                                         "text" => a_string_starting_with("As a seat it's 30 mm too low. Usual is 420–480 " \
                                                                                          "mm, feet flat on the floor."))
      expect(before(kind: "chair",
                    height: "450")["height"]).to include("wrong" => false,
                                                         "text" => a_string_starting_with("As a seat it's the right height. Usual is 420–480 " \
                                                                                          "mm, feet flat on the floor."))
      expect(before(kind: "plan chest", height: "900")["height"]).to be_nil
      expect(before(kind: "plan chest", height: "910", checks: { use: "counter" })["height"]["wrong"]).to be(false)
      expect(before(kind: "chair")["height"]).to be_nil
    end
  end

  describe "cores" do
    it "say what a cut would find" do
      said = %w[solid board plywood hollow unknown].to_h { |core| [core, before(checks: { core: core })["core"]] }
      expect(said.transform_values do |core|
        core["wrong"]
      end).to eq("solid" => false, "board" => false, "plywood" => false, "hollow" => true, "unknown" => true)
      expect(said["hollow"]["text"]).to start_with("Hollow core: cannot be cut")
      expect(said["unknown"]["text"]).to include("knock")
      expect(before(checks: { core: "gold" })["core"]).to be_nil
    end
  end

  describe "pulls" do
    def pulls(**checks) = before(checks: { pulls_needed: "6", pulls_present: "4", **checks })["hardware"]

    it "are costed three ways at target pay, the cheapest marked (by hand)" do
      call(:patch, "/api/workshop", { lock_version: 0, target_pay: "12" })
      ways = pulls(match_price: "8", new_price: "2", plate_price: "3")["ways"].to_h { |way| [way["key"], way] }
      # Match: 16.00 + 55 min = 11.00; replace: 12.00 + 66 min = 13.20; adapt: 6.00 + 16 min = 3.20.
      expect(ways.transform_values do |way|
        way["total"]["text"]
      end).to eq("match" => "€25", "replace" => "€25", "adapt" => "€9")
      expect(ways.select { |_, way| way["best"] }.keys).to eq(["adapt"])
      expect(ways["replace"]["effort"]["text"]).to eq("1 h")
    end

    it "need no filling where new ones use the old holes, and cost nothing but money without a target pay" do
      replace = pulls(new_price: "2", pulls_same_holes: "yes")["ways"][1]
      expect([replace["effort"]["text"], replace["total"]["text"],
              replace["note"]]).to eq(["30 min", "€12", "new ones in the old holes"])
    end

    it "say which price is missing, and are left alone when all are there" do
      expect(pulls["ways"].map do |way|
        [way["total"], way["why"], way["best"]]
      end.uniq).to eq([[nil, "enter the price of one", false]])
      expect(before(checks: { pulls_needed: "6",
                              pulls_present: "6" })["hardware"]).to eq("complete" => true, "ways" => [])
      expect(before["hardware"]).to be_nil
      refused = call(:post, "/api/prospects/answer",
                     { kind: "desk", condition: "worn", checks: { pulls_needed: "some" } })
      expect(refusal(refused, :pulls_needed)).to include("Count them")
      refused = call(:post, "/api/prospects/answer",
                     { kind: "desk", condition: "worn", checks: { pulls_needed: "2", match_price: "-1" } })
      expect(refusal(refused, :match_price)).to include("negative")
    end
  end

  describe "fit" do
    before do
      [%w[Car load 1000 700 1600], ["Door", "door", "780", "1980", nil],
       ["Stairs", "stairs", "700", "1850", nil]].each do |name, kind, wide, high, long|
        call(:post, "/api/openings", { name: name, kind: kind, width: wide, height: high, long: long }.compact)
      end
    end

    it "says of every opening whether, whole and with drawers and legs off" do
      expect(passing(width: "1200", depth: "600", height: "760",
                     leg: "120")).to eq("Car" => [true, true], "Door" => [true, true], "Stairs" => [true, true])
      # A desk has drawers: 700 deep is 725 with its pulls, too wide for the stairs until they are out.
      expect(passing(width: "1200", depth: "700", height: "800", leg: "120")).to include("Stairs" => [false, true])
      expect(passing(width: "2100", depth: "900",
                     height: "1990")).to include("Car" => [false, false], "Door" => [false, false])
    end

    it "asks for the measures that are missing" do
      expect(before(width: "900")["fit"]).to include("why" => "depth, height not given", "rows" => [])
    end
  end

  it "says whether there is room and time" do
    call(:patch, "/api/workshop", { lock_version: 0, places: "2", weekly_hours: "7" })
    expect(before["room"]).to eq("Space for 2 more pieces now; you have time for about 1 h more work this month.") # the 30th, at an hour a day
    piece(hours_to_come: "3h")
    expect(before["room"]).to eq("Space for one more piece now; you have about 2 h more work planned than you have time for this month.")
    piece
    # Three hours are three days, then 28 on the market: 31 July.
    expect(before["room"]).to include("No space right now (2 pieces, 2 spaces). If a piece takes 28 days to sell, a space opens up around " \
                                      "31 Jul")
  end
end
