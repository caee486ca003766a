# frozen_string_literal: true

require_relative "../support/api_helper"

# Colours of the workshop's own, and materials that are a product in a colour.
RSpec.describe "colours", :api do
  def colour(name, hex, **rest) = call(:post, "/api/colours", { name: name, hex: hex, **rest })
  def all = call(:get, "/api/colours")["colours"]
  def tin(**fields) = call(:post, "/api/containers", { product: "paint_all", size: "1 L", paid: "40.00", **fields })
  def shelf(key) = call(:get, "/api/shelf")["rows"].find { |row| row["product"] == key }
  def need(key) = call(:get, "/api/shopping")["rows"].find { |row| row["product"] == key }

  it "keeps own ones first, by name, with swatch, tone and note; renames and removes them, undone" do
    made = colour("Harbour blue", "#2D4D6D", note: "two of inkwell to one of chalk dust")
    expect(made).to include("name" => "Harbour blue", "hex" => "#2d4d6d", "own" => true, "tone" => "dark",
                            "note" => "two of inkwell to one of chalk dust")
    expect(all.first["key"]).to eq(made["key"])
    expect(all.size).to eq(25)
    expect(call(:patch, "/api/colours/#{made['id']}",
                { name: "Harbour" })).to include("name" => "Harbour", "key" => made["key"])
    gone = call(:delete, "/api/colours/#{made['id']}")
    expect(all.size).to eq(24)
    call(:post, "/api/deletions/#{gone.fetch('id')}/undo")
    expect(all.first["name"]).to eq("Harbour")
  end

  it "refuses a colour twice and what is none, each with what works" do
    colour("Gable white", "#ffffff")
    expect(refusal(call(:post, "/api/colours", { name: "gable White", hex: "#eeeeee" }),
                   :name)).to include("You already have a color “Gable white” (#ffffff)", "“gable White 2”")
    expect(refusal(call(:post, "/api/colours", { name: "X", hex: "blueish" }),
                   :hex)).to include("isn't a color", "#2f6b3f")
    expect(refusal(tin(colour: "gable whit"), :colour)).to include("Did you mean “Gable white”?")
    expect(refusal(tin(product: "glue", colour: "Gable white"), :colour)).to include("Wood glue has no colors")
    expect(refusal(call(:post, "/api/colours", { name: "N" * 41, hex: "#eeeeee" }), :name)).to include("40")
  end

  it "keeps two whites apart on the shelf, also of one swatch" do
    shop, gable = %w[Shop Gable].map { |name| colour("#{name} white", "#ffffff")["key"] }
    tin(colour: shop)
    tin(colour: gable, size: "500 ml")
    expect(shelf("paint_all@#{shop}")).to include("label" => "all-in-one satin paint, Shop white", "left" => "1.00 L",
                                                  "swatch" => "#ffffff")
    expect(shelf("paint_all@#{gable}")["left"]).to eq("500 ml")
    taken = call(:post, "/api/draws",
                 { product: "paint_all@#{gable}", amount: "100 ml", pieces: [{ piece_id: piece(name: "Stool") }] })
    expect(taken["what"]).to eq("100 ml all-in-one satin paint, Gable white")
    expect(shelf("paint_all@#{shop}")["left"]).to eq("1.00 L")
  end

  describe "with a look in green" do
    let(:green) { colour("Yard green", "#3f6b4a")["key"] }
    let(:chest) do
      piece(name: "Chest", kind: "chest of drawers", width: "800", depth: "450", height: "800", drawer_rows: "1,1,1")
    end

    before do
      look = call(:post, "/api/pieces/#{chest}/looks", { name: "Green" }).fetch("id")
      zones = call(:get, "/api/pieces/#{chest}/plan").fetch("zones").select do |zone|
        zone["shown"]
      end.map { |zone| zone["key"] }
      call(:put, "/api/looks/#{look}/zones", { zones: zones, finish: "paint", colour: "Yard green".tap { green } })
      call(:post, "/api/pieces/#{chest}/lead", { answer: "clear" })
    end

    it "is not served by a white tin, nor by one whose colour nobody has said, which is told" do
      tin(colour: "chalk-dust", size: "3785 ml")
      expect(need("paint_all@#{green}")).to include("there" => "0 ml", "note" => nil,
                                                    "label" => "all-in-one satin paint, Yard green")
      tin
      expect(need("paint_all@#{green}")).to include("there" => "0 ml",
                                                    "note" => "You have 1.00 L on the shelf with no color set. If it's the right color, set it there")
      tin(colour: green)
      expect(need("paint_all@#{green}")["buy"]).to be_nil
    end

    it "says the colour in steps, materials, the listing and for a touch-up, and keeps it while something has it" do
      tin(colour: green, place: "cellar")
      plan = call(:get, "/api/pieces/#{chest}/plan")
      coat = plan.dig("plan", "steps").find { |step| step["key"].start_with?("coat/") }
      expect(coat["label"]).to eq("Paint, coat 1: all-in-one satin paint, Yard green")
      expect(coat["materials"].first).to include("product" => "paint_all@#{green}", "swatch" => "#3f6b4a")
      top = plan.dig("looks", 0, "zones").find { |zone| zone["zone"] == "top" }
      expect(top).to include("colour" => green, "swatch" => "#3f6b4a", "colour_name" => "Yard green")
      expect(call(:get, "/api/pieces/#{chest}/listing")["texts"].map do |text|
        text["text"]
      end.join).to include("paint in Yard green")
      use = call(:get, "/api/pieces/#{chest}/mixes")["colours"].first
      expect(use).to include("label" => "all-in-one satin paint, Yard green",
                             "stands" => [{ "place" => "cellar", "left" => "1.00 L" }])
      refused = call(:delete, "/api/colours/#{green.delete_prefix('c')}")
      expect(refused.fetch("errors").first["message"]).to include("Yard green is the color of a zone of Chest")
    end

    it "plans as many coats when the swatch is corrected, and follows its tone where nothing is painted yet" do
      coats = lambda {
        call(:get, "/api/pieces/#{chest}/plan").dig("plan", "steps").count do |step|
          step["key"].start_with?("coat/")
        end
      }
      before = coats.call
      call(:patch, "/api/colours/#{green.delete_prefix('c')}", { hex: "#fdfdfd" })
      expect(coats.call).to be > before # pale over what lies there takes more
    end

    it "takes another paint instead in the same colour" do
      paint = call(:get, "/api/pieces/#{chest}/plan").dig("plan", "materials").find do |line|
        line["product"] == "paint_all@#{green}"
      end
      rows = call(:get, "/api/pieces/#{chest}/substitutes?product=#{paint['product'].sub('@', '%40')}")["rows"]
      expect(rows.map { |row| row["product"] }).to include("paint_all", "paint_chalk")
      look = call(:get, "/api/pieces/#{chest}/plan")["looks"].first
      call(:patch, "/api/looks/#{look['id']}",
           { lock_version: look["lock_version"], swap: { product: paint["product"], instead: "paint_chalk" } })
      expect(call(:get, "/api/pieces/#{chest}/plan").dig("plan", "materials").map do |line|
        line["product"]
      end).to include("paint_chalk@#{green}")
    end
  end

  it "mixes two stains as a mix, of which no other stain is a part" do
    oak, ash = [["Oak", "#a87a45"], ["Ash", "#d8c7a0"]].map { |name, hex| colour(name, hex)["key"] }
    [oak, ash].each { |key| tin(product: "stain_liquid", colour: key, size: "250 ml", paid: "9") }
    parts = { oak => "2", ash => "1" }.map { |key, number| { product: "stain_liquid", colour: key, parts: number } }
    mix = call(:post, "/api/mixes",
               { name: "Honey", like: "stain_liquid", parts: parts })
    expect(mix["parts"].map { |part| part.slice("label", "colour") })
      .to eq([{ "label" => "liquid stain, Oak", "colour" => oak }, { "label" => "liquid stain, Ash", "colour" => ash }])
    call(:post, "/api/mixes/#{mix['id']}/batches", { amount: "90 ml" })
    expect(shelf("stain_liquid@#{oak}")["left"]).to eq("190 ml")
    expect(shelf("stain_liquid@#{ash}")["left"]).to eq("220 ml")
  end

  it "keeps a gift at no cash, and at what it would have cost in the full-cost view" do
    expect(refusal(tin(value: "30", paid: "5"), :value)).to include("it wasn't a gift")
    tin(value: "30.00", paid: "", colour: "oat-sack")
    stool = piece(name: "Stool")
    bench = piece(name: "Bench")
    call(:post, "/api/draws",
         { product: "paint_all@oat-sack", share: "1/2", pieces: [{ piece_id: stool, weight: "2" }, { piece_id: bench, weight: "1" }] })
    expect(figure(stool, "cash_in")["text"]).to eq("€30.00") # what the stool was bought for, and nothing for the paint
    [stool, bench].each { |id| event(id, "sold", "2026-06-20", price: "100") }
    # 100 − 30 = 70 in cash; less two thirds and one third of the 15.00 that half the tin would have cost.
    expect([stool, bench].map { |id| [figure(id, "cash_profit")["text"], figure(id, "full_cost_profit")["text"]] })
      .to eq([["€70.00", "€60.00"], ["€70.00", "€65.00"]])
    expect(shelf("paint_all@oat-sack")["containers"].first).to include("paid" => include("text" => "€0.00"),
                                                                       "value" => include("text" => "€30.00"))
  end

  it "plans with what a product's own label has built in, holds back and allows" do
    own = call(:post, "/api/products",
               { label: "Gate paint", generic: "paint_chalk", builtin: %w[primer], blocks: %w[bleed], grips: "yes", thin: "12,5" })
    expect(own["fields"]).to include("builtin" => %w[primer], "blocks" => %w[bleed], "grips" => "yes", "thin" => "12.5")
    row = Operations::Shelf::Products.core.fetch(own["key"])
    expect(row).to include(builtin: %w[primer], blocks: %w[bleed], grips: true, thin: 12.5)
    expect(refusal(call(:put, "/api/spray-settings", { product: own["key"], thinning: "20" }),
                   :thinning)).to include("12.5")
    expect(refusal(call(:post, "/api/products", { label: "X", generic: "paint_all", builtin: %w[rust] }),
                   :builtin)).to include("rust")
  end
end
