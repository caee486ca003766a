# frozen_string_literal: true

require_relative "../support/api_helper"

# The shelf: containers, draws on pieces, levels, what to buy.
RSpec.describe "the shelf", :api do
  def container(**fields)
    call(:post, "/api/containers", { product: "paint_all", size: "1 L", paid: "42.00", **fields }).fetch("ids",
                                                                                                         [nil]).first
  end

  def shelf(**query) = call(:get, "/api/shelf#{'?finished=true' if query[:finished]}")
  def row(product = "paint_all", **rest) = shelf(**rest)["rows"].find { |one| one["product"] == product }
  def tins(**rest) = row(**rest)["containers"]

  def draw(amount, *pieces, **rest)
    call(:post, "/api/draws", { product: "paint_all", amount: amount, pieces: pieces.map do |id|
      { piece_id: id }
    end, **rest }.compact)
  end

  def money_in(id) = figure(id, "cash_in")["text"]

  it "keeps containers of one product at different prices, with what is left, unit cost and worth" do
    container(bought_on: "2026-06-01", opened_on: "2026-06-02", place: "cellar", note: "dented lid")
    container(size: "500 ml", paid: "24", bought_on: "2026-05-01")
    expect(row).to include("left" => "1.50 L", "worth" => include("text" => "€66.00"),
                           "label" => "all-in-one satin paint")
    expect(tins.map { |tin| tin["unit_cost"] }).to eq(["€48.00 per L", "€42.00 per L"]) # the older first
    expect(tins.last).to include("place" => "cellar", "note" => "dented lid",
                                 "opened_on" => include("iso" => "2026-06-02"), "percent" => 100)
    expect(call(:post, "/api/containers",
                { product: "glue", size: "250 ml", paid: "5", count: "3" })["ids"].size).to eq(3)
    expect(row("glue")).to include("left" => "750 ml", "worth" => include("text" => "€15.00"))
    container(product: "pads", size: "16", paid: "")
    expect(shelf).to include("unknown" => 1, "worth" => include("text" => "€81.00"))
    expect(row("pads")["worth"]).to be_nil
  end

  it "takes from two tins, oldest first, and puts all back together" do
    old = container(size: "500 ml", paid: "24", bought_on: "2026-05-01")
    container(bought_on: "2026-06-01")
    chest = piece
    cost = draw("0.7 L", chest)
    # 500 ml at 24.00, then 200 of 1000 ml at 42.00: 8.40. Together 32.40; with the 30.00 of the purchase 62.40.
    expect(cost).to include("what" => "700 ml all-in-one satin paint", "category" => "materials",
                            "amount" => include("text" => "€32.40"))
    expect(money_in(chest)).to eq("€62.40")
    expect(row).to include("left" => "800 ml", "worth" => include("text" => "€33.60"))
    expect(tins(finished: true).first).to include("id" => old, "left" => "0 ml", "warn" => ["used up"],
                                                  "opened_on" => include("iso" => "2026-06-30"))
    gone = call(:delete, "/api/costs/#{cost['id']}")
    expect(gone["what"]).to include("returned to the shelf")
    expect([row["left"], money_in(chest)]).to eq(["1.50 L", "€30.00"])
    call(:post, "/api/deletions/#{gone['id']}/undo")
    expect([row["left"], money_in(chest)]).to eq(["800 ml", "€62.40"])
  end

  it "takes a part of the tin, by count, and for several pieces with shares" do
    container
    container(product: "screws", size: "10", paid: "8.50")
    one = piece
    two = piece
    expect(draw(nil, one, share: "1/3")["amount"]["text"]).to eq("€14.00") # a third of 42.00
    six = call(:post, "/api/draws",
               { product: "screws", amount: "6", pieces: [{ piece_id: one, weight: "2" }, { piece_id: two }] })
    expect(six).to include("category" => "hardware", "amount" => include("text" => "€5.10"))
    expect(six["shares"].map { |share| share["amount"]["text"] }).to eq(%w[€3.40 €1.70])
  end

  it "does not bring back what was taken for something else since" do
    container(size: "500 ml")
    first = call(:delete, "/api/costs/#{draw('400 ml', piece)['id']}")["id"]
    draw("300 ml", piece)
    expect(call(:post,
                "/api/deletions/#{first}/undo")["errors"].first["message"]).to include("used for something else since")
    expect(row["left"]).to eq("200 ml")
  end

  it "asks where more is taken than is left, and never goes below nothing" do
    container
    chest = piece
    expect(refusal(draw("1.2 L", chest),
                   :amount)).to eq("The shelf says only 1.00 L is left. Use that much, or confirm that there was more.")
    expect(draw("1.2 L", chest, more: true)["amount"]["text"]).to eq("€42.00") # all of what was paid
    expect(row(finished: true)["containers"].first).to include("size" => "1.20 L", "left" => "0 ml")
    expect(refusal(draw("10 ml", chest), :amount)).to include("The shelf says only 0 ml is left")
    expect(refusal(draw("0", chest), :amount)).to include("above 0")
    expect(refusal(draw(nil, chest), :amount)).to include("The amount used is missing")
    expect(refusal(draw("a lot", chest), :amount)).to include("isn't an amount")
    expect(refusal(draw(nil, chest, share: "1/2"), :share)).to include("none on the shelf")
    expect(refusal(draw("1", piece, product: "gold"), :product)).to include("not a product")
    expect(row(finished: true)["left"]).to eq("0 ml")
  end

  it "charges the whole tin to the first piece where that is the house rule" do
    call(:patch, "/api/workshop", { lock_version: call(:get, "/api/workshop")["lock_version"], material_rule: "whole" })
    container
    expect(draw("100 ml", piece)["amount"]["text"]).to eq("€42.00")
    expect(draw("100 ml", piece)["amount"]["text"]).to eq("€0.00")
  end

  it "expects whole tins of a planned piece under that rule, and nothing more once one is open" do
    expected = lambda do |amount|
      Operations::Shelf::Draws.expected_cost({ "paint_all" => amount }, Operations::Shelf::Products.core)
    end
    container # a litre for 42.00
    products = Operations::Shelf::Products.core
    by_part = expected.call(200)
    expect(by_part).to eq(Core::Planning::Stock.new({ "paint_all" => 200 }, products).used)
    call(:patch, "/api/workshop", { lock_version: call(:get, "/api/workshop")["lock_version"], material_rule: "whole" })
    expect(expected.call(200)).to eq(4200)
    draw("100 ml", piece)
    expect(expected.call(200)).to eq(0)
    beyond = Core::Planning::Stock.new({ "paint_all" => 100 }, products).price # 900 ml are left
    expect(beyond).to be_positive
    expect(expected.call(1000)).to eq(beyond)
  end

  it "corrects what is left by weighing or by eye without charging a piece, and marks a tin used up" do
    tin = container
    chest = piece
    draw("200 ml", chest)
    expect(call(:post, "/api/containers/#{tin}/level",
                { left: "500 ml" })).to include("left" => "500 ml", "worth" => include("text" => "€21.00"))
    expect(call(:post, "/api/containers/#{tin}/level",
                { share: "1/4" })).to include("left" => "250 ml", "percent" => 25)
    expect(money_in(chest)).to eq("€38.40") # 30.00 and 8.40, as before
    expect(draw("250 ml", chest)["amount"]["text"]).to eq("€10.50") # a quarter of 42.00; 8.40 were drawn and 23.10 lost
    expect(refusal(call(:post, "/api/containers/#{tin}/level", { left: "2 L" }), :left)).to include("ever held")
    expect(refusal(call(:post, "/api/containers/#{tin}/level", {}), :left)).to include("The amount left is missing")
    expect(refusal(call(:post, "/api/containers/#{tin}/level", { share: "2" }), :share)).to include("isn't a share")
    found = call(:post, "/api/containers/#{tin}/level", { left: "100 ml" })
    expect(found).to include("left" => "100 ml", "worth" => include("text" => "€4.20")) # a tenth of 42.00
  end

  it "warns of what is nearly used up and of its time" do
    container(keeps_until: "2026-07-10")
    container(product: "glue", size: "250 ml", paid: "5", keeps_until: "2026-06-01")
    expect(tins.first["warn"]).to eq(["use by 10 Jul 2026"])
    expect(row("glue")["containers"].first["warn"]).to eq(["expired on 1 Jun 2026"])
    draw("900 ml", piece)
    expect(tins.first["warn"]).to include("nearly used up")
  end

  it "corrects a container, but not what pieces have paid for; takes it off the shelf and back" do
    tin = container
    expect(call(:patch, "/api/containers/#{tin}",
                { paid: "40", size: "900 ml", place: "shed" })).to include("size" => "900 ml", "place" => "shed")
    cost = draw("100 ml", piece)
    expect(refusal(call(:patch, "/api/containers/#{tin}", { paid: "1" }), :paid)).to include("You've already used some of it at this price")
    expect(call(:patch, "/api/containers/#{tin}", { note: "thick" })["note"]).to eq("thick")
    expect(call(:delete, "/api/containers/#{tin}")["errors"].first["message"]).to include("You've already used some of it")
    expect(refusal(call(:patch, "/api/costs/#{cost['id']}", { amount: "1" }),
                   :amount)).to include("came from the shelf")
    call(:delete, "/api/costs/#{cost['id']}")
    gone = call(:delete, "/api/containers/#{tin}")
    expect(shelf["rows"]).to eq([])
    call(:post, "/api/deletions/#{gone['id']}/undo")
    expect(tins.size).to eq(1)
    expect(refusal(call(:post, "/api/containers", { product: "paint_all", size: "0" }),
                   :size)).to include("isn't possible")
  end

  it "has what was there at the start, and uses it first" do
    container(bought_on: "2020-01-01")
    start = container(opening: true, paid: "10")
    expect(tins.first).to include("id" => start, "opening" => true)
    expect(draw("1 L", piece)["amount"]["text"]).to eq("€10.00")
  end

  it "keeps the figures of a label, and a product that is on the shelf" do
    label = { touch: "40 min", sand: "1 h", recoat: "3 h", cure: "28", coldest: "12" }
    made = call(:post, "/api/products", { label: "Moss satin", generic: "paint_all", **label })
    expect(made["fields"]).to include("touch" => "40 min", "cure" => "28", "coldest" => "12")
    container(product: made["key"])
    expect(call(:delete, "/api/products/#{made['id']}")["errors"].first["message"]).to include("is on the shelf")
    # An own product serves where the plan asks for the generic one it is like.
    expect(draw("100 ml", piece)["what"]).to eq("100 ml all-in-one satin paint")
  end

  describe "with planned work" do
    let(:chest) do
      piece(name: "Chest", kind: "chest of drawers", width: "900", depth: "450", height: "850", drawer_rows: "1,1",
            surface_material: "solid")
    end

    before do
      look = call(:post, "/api/pieces/#{chest}/looks", { name: "Plain" }).fetch("id")
      zones = call(:get, "/api/pieces/#{chest}/plan").fetch("zones").select do |zone|
        zone["shown"]
      end.map { |zone| zone["key"] }
      call(:put, "/api/looks/#{look}/zones", { zones: zones, finish: "paint", colour: "#243b53" })
      call(:post, "/api/pieces/#{chest}/lead", { answer: "clear" })
    end

    def need(product) = call(:get, "/api/shopping")["rows"].find { |one| one["product"] == product }

    def planned(product)
      call(:get, "/api/pieces/#{chest}/plan").dig("plan", "materials").find { |one| one["product"] == product }
    end

    it "lists what to buy in whole containers, net of the shelf, with what would be left over, and gear that steps ask for" do
      blue = "paint_all@#243b53"
      before = need(blue)
      expect(before).to include("there" => "0 ml", "buy" => "1 × 500 ml", "pieces" => ["Chest"], "price" => include("text" => "€24"),
                                "packs" => [{ "size" => "500 ml", "count" => 1, "price" => "24.00" }])
      expect(before["needed"]).to eq(planned(blue)["amount"])
      container(size: "500 ml", paid: "24", colour: "#243b53")
      expect(need(blue)).to include("there" => before["needed"], "buy" => nil, "price" => nil)
      expect(planned(blue)["there"]).to eq("500 ml")
      expect(need("mask_dust")).to include("gear" => true, "buy" => "1 × 3",
                                           "needed" => nil).or include(
                                             "gear" => true, "buy" => "3"
                                           )
      container(product: "mask_dust", size: "3", paid: "9")
      expect(need("mask_dust")["buy"]).to be_nil
      expect(call(:get, "/api/shopping")["total"]["text"]).to match(/\A€\d+\z/)
    end

    it "warns the day before of gear that a step needs and nobody has" do
      me = call(:get, "/api/workshop")["people"].first["id"]
      call(:put, "/api/people/#{me}/week", { rows: (0..6).map { |day| { weekday: day, from: "08:00", to: "20:00" } } })
      lines = shelf["gear"]
      expect(lines.grep(/\ATo buy for t.*dust respirators, P2 or N95/).size).to eq(1) # on the day that needs them first
      container(product: "mask_dust", size: "3", paid: "9")
      expect(shelf["gear"]).not_to include(include("dust respirators"))
    end

    it "takes the materials of a step as planned when its timer stops, as far as they are there" do
      container(product: "degreaser", size: "750 ml", paid: "7.50")
      amount = planned("degreaser")["amount"].to_i
      timer = call(:post, "/api/timers", { steps: [{ piece_id: chest, step: "wash" }] })
      call(:post, "/api/timers/#{timer['id']}/stop", { done: true, take: true })
      expect(row("degreaser")["left"]).to eq("#{750 - amount} ml")
      costs = call(:get, "/api/pieces/#{chest}")["costs"]
      expect(costs.map { |cost| cost["what"] }).to eq(["#{amount} ml degreaser"])
      expect(costs.first["amount"]["minor"]).to eq(amount) # a cent a millilitre
    end
  end
end
