# frozen_string_literal: true

require_relative "../support/api_helper"
require "vips"
require "zip"

# Offering a piece and what happens after it is sold. It is 30 June 2026.
RSpec.describe "offering a piece", :api do
  def listing(id, query = "") = call(:get, "/api/pieces/#{id}/listing#{query}")
  def text(answer, length) = answer["texts"].find { |one| one["length"] == length }
  def note(id) = listing(id)["flaws"]

  def photo(id, kind)
    bytes = Vips::Image.black(60, 40, bands: 3).write_to_buffer(".png")
    call(:post, "/api/photos?piece_id=#{id}&kind=#{kind}", bytes, { "CONTENT_TYPE" => "application/octet-stream" })
  end

  let(:chest) do
    piece(name: "Oak chest", kind: "chest of drawers", width: "790", depth: "440", height: "760", drawer_rows: "1, 2", maker: "a mill joiner",
          body_material: "solid")
  end

  it "makes its text from the record, with flaws that were left and what to mind" do
    call(:post, "/api/pieces/#{chest}/findings", { kind: "white_ring" })
    call(:post, "/api/pieces/#{chest}/findings", { kind: "varnish" })
    call(:post, "/api/work", { kind: "sanding", effort: "2 h", worked_on: "2026-05-05", pieces: [{ piece_id: chest }] })
    event(chest, "listed", "2026-05-10", asking: "240")
    full = text(listing(chest), "full")["text"]
    expect(full).to include("Oak chest, by a mill joiner", "790 × 440 × 760 mm (31 1/8 × 17 5/16 × 29 15/16 in)", "3 drawers", "solid wood",
                            "- sanded", "Left as it is\n- white water ring", "anti-tip kit", "€240")
    expect(full).not_to include("Old clear finish")
    expect(text(listing(chest), "line")["text"]).to eq("Oak chest, 790 mm wide, €240")
  end

  it "keeps a text as it was changed, and goes back to the record's" do
    changed = call(:put, "/api/pieces/#{chest}/listing/line", { body: "A chest, come and see" })
    expect(text(changed,
                "line")).to include("text" => "A chest, come and see", "changed" => true,
                                    "made" => "Oak chest, 790 mm wide")
    expect(text(call(:put, "/api/pieces/#{chest}/listing/line", { body: " " }),
                "line")).to include("text" => "Oak chest, 790 mm wide", "changed" => false)
    expect(refusal(call(:put, "/api/pieces/#{chest}/listing/line", { body: "x" * 5001 }),
                   :body)).to include("longer than 5000")
  end

  it "knows which photographs are there and remembers what was ticked off" do
    items = ->(answer) { answer["staging"].to_h { |item| [item["key"], item["done"]] } }
    expect(items.call(listing(chest))).to include("light" => false, "pair" => false, "label" => false)
    %w[before after label].each { |kind| photo(chest, kind) }
    expect(items.call(call(:put, "/api/pieces/#{chest}/staging",
                           { item: "light", done: true }))).to include("light" => true, "pair" => true, "label" => true)
    expect(items.call(call(:put, "/api/pieces/#{chest}/staging",
                           { item: "light", done: false }))).to include("light" => false)
    expect(refusal(call(:put, "/api/pieces/#{chest}/staging", { item: "pair", done: true }), :item)).to be_present
  end

  it "sends its photos in one file, finished first, receipts not at all" do
    call(:get, "/api/pieces/#{chest}/photos.zip")
    expect(status).to eq(422)
    %w[before receipt after].each { |kind| photo(chest, kind) }
    bytes = call(:get, "/api/pieces/#{chest}/photos.zip")
    expect(Zip::File.open_buffer(StringIO.new(bytes)).map(&:name)).to eq(%w[01-after.jpg 02-before.jpg])
  end

  # 200.00: the booth takes 10% and 10.00 of delivery, word of mouth nothing.
  it "sets channels side by side at a price, the most taken home first" do
    usual = listing(chest, "?price=200")["channels"]
    expect(usual.map { |line| line["usual"] }).to all(be(true))
    booth = call(:post, "/api/channels", { name: "Mill booth", fee: "10", delivery: "10", habits: "slow but steady" })
    call(:post, "/api/channels", { name: "Friends" })
    lines = listing(chest, "?price=200")["channels"]
    expect(lines.map do |line|
      [line["name"], line["take_home"]["text"]]
    end).to eq([["Friends", "€200.00"], ["Mill booth", "€170.00"]])
    call(:patch, "/api/channels/#{booth['id']}", { rent: "60", places: "10" })
    line = call(:get, "/api/channels?price=200").find { |one| one["name"] == "Mill booth" }
    expect(line["take_home"]).to include("text" => nil, "why" => "how long it would stay there is unknown")
    expect(line["rent_a_day"]["text"]).to eq("€0.20") # 60 × 12 ÷ 365 ÷ 10
    expect(refusal(call(:post, "/api/channels", { name: "friends" }), :name)).to include("friends is already here")
    call(:delete, "/api/channels/#{booth['id']}")
    expect(listing(chest, "?price=200")["channels"].size).to eq(1)
  end

  it "keeps a photo of a comparable with it" do
    row = call(:post, "/api/pieces/#{chest}/comparables", { what: "Oak chest seen at a sale", price: "180" })
    call(:post, "/api/photos?comparable_id=#{row['id']}&kind=during", Vips::Image.black(60, 40, bands: 3).write_to_buffer(".png"),
         { "CONTENT_TYPE" => "application/octet-stream" })
    expect(status).to eq(201)
    expect(call(:get, "/api/pieces/#{chest}/pricing")["comparables"].first["photos"].size).to eq(1)
  end

  it "plays a market that is recorded nowhere" do
    expect(refusal(call(:get, "/api/pieces/#{chest}/practice?seed=3&days=20"), :piece)).to include("no asking price")
    event(chest, "listed", "2026-05-10", asking: "240")
    began = Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID)
    played = call(:get, "/api/pieces/#{chest}/practice?seed=3&days=60")
    expect(Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) - began).to be < 2
    offer = played["messages"].find { |message| message["amount"] }
    expect(offer["advice"]).to include("verdict", "why")
    ask = lambda { |counter|
      call(:get,
           "/api/pieces/#{chest}/practice/counter?#{URI.encode_www_form(seed: 3, day: offer['day'], who: offer['who'], counter: counter)}")
    }
    expect(ask.call(offer["amount"]["text"])["taken"]).to be(true)
    expect(ask.call("239")["taken"]).to be(false)
    expect(Records::Offer.count).to eq(0)
  end

  describe "after the sale" do
    def market = call(:get, "/api/market")
    def sold(name) = market["sold"].find { |row| row["piece"]["name"] == name }

    it "counts what was paid in parts, the deposit too" do
      event(chest, "listed", "2026-05-10", asking: "240")
      call(:post, "/api/pieces/#{chest}/holds",
           { who: "a neighbour", price: "220", deposit: "50", pick_up_on: "2026-07-01", pick_up: "after six" })
      paid = call(:post, "/api/pieces/#{chest}/payments", { amount: "100", note: "by hand" })
      row = market["rows"].first
      expect([row["paid"], row["left"]].map { |money| money["text"] }).to eq(%w[€150 €70])
      expect(call(:get, "/api/today")["market"].map do |want|
        want["text"]
      end).to include("Pickup 1 Jul, after six: a neighbour")
      call(:delete, "/api/payments/#{paid['id']}")
      expect(market["rows"].first["left"]["text"]).to eq("€170")
      expect(refusal(call(:post, "/api/pieces/#{piece(name: 'Stool')}/payments", { amount: "5" }),
                     :amount)).to include("neither for sale nor sold")
    end

    it "shows what is still owed of a sale" do
      event(chest, "sold", "2026-06-20", price: "200")
      expect(sold("Oak chest")).to include("left" => nil)
      call(:post, "/api/pieces/#{chest}/payments", { amount: "120" })
      expect(sold("Oak chest")["left"]["text"]).to eq("€80.00")
    end

    it "takes a piece back that was returned, with what was lost on it, and can undo it" do
      event(chest, "listed", "2026-05-10", asking: "240")
      event(chest, "sold", "2026-06-20", price: "200")
      back = call(:post, "/api/pieces/#{chest}/return", { lost: "15", why: "did not fit the stairs" })
      expect(call(:get, "/api/pieces/#{chest}")["stage"]).to eq("listed")
      expect(figure(chest, "cash_in")["text"]).to eq("€45.00")
      call(:delete, "/api/costs/#{back['cost_id']}")
      call(:post, "/api/deletions/#{back['id']}/undo")
      expect(figure(chest, "cash_profit")["text"]).to eq("€170.00")
      expect(refusal(call(:post, "/api/pieces/#{piece(name: 'Stool')}/return", {}), :lost)).to include("Stool isn't sold")
    end

    # By hand: fee 20 less 12 that come back, delivery 25, 3 besides: 36; price paid 30.
    it "counts fee and delivery of the sale that was taken back, and the days on the market before it as a sale of their own" do
      event(chest, "listed", "2026-05-10", asking: "240")
      event(chest, "sold", "2026-06-20", price: "200", fee: "20", delivery: "25")
      refused = call(:post, "/api/pieces/#{chest}/return", { fee_back: "21" })
      expect(refusal(refused, :fee_back)).to include("You got back more than the fee you paid")
      at("2026-07-10T12:00:00Z")
      back = call(:post, "/api/pieces/#{chest}/return", { fee_back: "12", lost: "3" })
      expect(figure(chest, "cash_in")["text"]).to eq("€66.00")
      expect(call(:get,
                  "/api/pieces/#{chest}")["costs"].last["what"]).to eq("Lost on the return: fee €8.00, delivery €25.00, other €3.00")
      at("2026-07-15T12:00:00Z")
      expect(call(:get, "/api/market")["rows"].first["days"]).to eq(5)
      # 10 May to 20 June: sold after 41 days; since 10 July: 5 days and still listed.
      expect(Operations::Market::TimeToSell.spells.values.flatten.map(&:to_a)).to contain_exactly([41, true],
                                                                                                  [5, false])
      call(:delete, "/api/costs/#{back['cost_id']}")
      call(:post, "/api/deletions/#{back['id']}/undo")
      expect(Operations::Market::TimeToSell.spells.values.flatten.map(&:to_a)).to eq([[41, true]])
      expect(figure(chest, "cash_profit")["text"]).to eq("€125.00") # 200 − 20 − 25 − 30
    end

    it "remembers a deposit after the sale as before it" do
      event(chest, "listed", "2026-06-01", asking: "240")
      call(:post, "/api/pieces/#{chest}/holds", { who: "Buyer", price: "200", deposit: "50" })
      call(:post, "/api/pieces/#{chest}/payments", { amount: "30" })
      expect(call(:get, "/api/market")["rows"].first.values_at("paid", "left").map do |one|
        one["text"]
      end).to eq(["€80", "€120"])
      event(chest, "sold", "2026-06-20", price: "200")
      expect(call(:get, "/api/market")["sold"].first.values_at("paid", "left").map do |one|
        one["text"]
      end).to eq(["€80.00", "€120.00"])
    end
  end
end
