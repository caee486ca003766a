# frozen_string_literal: true

require_relative "../support/planned_pieces"

# Mixes: parts, batches from the shelf with what they cost, matching, correcting, and finding one for a touch-up.
RSpec.describe "mixes", :api do
  include_context "with planned pieces"

  def part(product, parts) = product == "water" ? { label: "water", parts: parts } : { product: product, parts: parts }

  def mix(name = "Harbour blue", parts: [part("paint_chalk", "2"), part("paint_wall", "1"), part("water", "1")], **rest)
    call(:post, "/api/mixes",
         { name: name, like: "paint_chalk", swatch: "#35566E", target: "old drawer front", parts: parts, **rest })
  end

  def said(answer) = answer.fetch("errors").map { |error| error["message"] }.join(" ")
  def read(id) = call(:get, "/api/mixes/#{id}")

  def tin(product, size, paid)
    call(:post, "/api/containers", { product: product, size: size, paid: paid }).fetch("ids").first
  end

  def left(product) = call(:get, "/api/shelf?finished=true")["rows"].find { |row| row["product"] == product }["left"]

  def stocked
    tin("paint_chalk", "1 L", "32.00")
    tin("paint_wall", "1 L", "16.00")
  end

  it "keeps a mix by its parts with versions, scaled to an amount and held against the shelf" do
    expect(call(:get, "/api/mixes")).to include("mixes" => [], "presets" => include(include("key" => "chalk_home")))
    made = mix
    expect(made).to include("name" => "Harbour blue", "like" => "chalk-style paint", "swatch" => "#35566e", "version" => 1, "text" => "2 : 1 : 1",
                            "target" => "old drawer front", "left" => "0 ml")
    percents = made["parts"].map { |one| one.values_at("label", "percent") }
    expect(percents).to eq([["chalk-style paint", "50.0%"], ["wall paint", "25.0%"], ["water", "25.0%"]])
    tin("paint_chalk", "100 ml", "8.00")
    amounts = call(:get, "/api/mixes/#{made['id']}/amounts?amount=300+ml")
    expect(amounts["parts"]).to eq([{ "label" => "chalk-style paint", "amount" => "150 ml", "there" => "100 ml", "enough" => false },
                                    { "label" => "wall paint", "amount" => "75 ml", "there" => "0 ml",
                                      "enough" => false },
                                    { "label" => "water", "amount" => "75 ml", "there" => nil, "enough" => true }])
    expect(refusal(call(:get, "/api/mixes/#{made['id']}/amounts?amount=much"), :amount)).to include("isn't an amount")
    newer = call(:post, "/api/mixes/#{made['id']}/versions",
                 { parts: [part("paint_chalk", "2"), part("paint_wall", "2"), part("water", "1")], note: "paler" })
    expect(newer).to include("version" => 2, "text" => "2 : 2 : 1")
    expect(newer["versions"].map { |one| one.values_at("number", "note") }).to eq([[2, "paler"], [1, nil]])
    call(:patch, "/api/mixes/#{made['id']}", { name: "Harbour", swatch: "" })
    expect(call(:get,
                "/api/mixes")["mixes"]).to match([include("name" => "Harbour", "swatch" => nil, "text" => "2 : 2 : 1")])
  end

  it "refuses what is no mix, naming the field, and writes nothing" do
    expect(refusal(mix(parts: [part("paint_wall", "1")]), :parts)).to include("A mix needs at least two parts")
    expect(refusal(mix(parts: [part("paint_wall", "1"), part("water", "none")]), :parts)).to include("isn't a number")
    expect(refusal(mix(parts: [part("pads", "1"), part("water", "1")]), :product)).to include("as a part")
    expect(refusal(mix(parts: [{ parts: "1" }, part("water", "1")]), :parts)).to include("no name")
    expect(refusal(mix(""), :name)).to include("empty")
    expect(refusal(mix(swatch: "blueish 7"), :swatch)).to include("isn't a color")
    expect(call(:get, "/api/mixes")["mixes"]).to eq([])
    inner = mix
    expect(refusal(mix("Second", parts: [part(inner["product"], "1"), part("water", "1")]),
                   :product)).to include("Enter what it's mixed from")
  end

  it "mixes from the shelf at what the parts cost, and puts them back when the batch is taken back" do
    stocked
    made = mix
    batch = call(:post, "/api/mixes/#{made['id']}/batches", { amount: "400 ml", place: "jar, top shelf" }).fetch("id")
    # 200 ml at 32.00 a litre are 6.40, 100 ml at 16.00 are 1.60; water is free.
    expect(read(made["id"])["batches"]).to match([include("version" => 1, "made" => "400 ml", "left" => "400 ml", "place" => "jar, top shelf",
                                                          "worth" => include("text" => "€8.00"), "log" => [], "corrects" => nil)])
    expect([left("paint_chalk"), left("paint_wall")]).to eq(["800 ml", "900 ml"])
    chest = piece
    cost = call(:post, "/api/draws", { product: made["product"], amount: "100 ml", pieces: [{ piece_id: chest }] })
    expect(cost["amount"]["text"]).to eq("€2.00")
    expect(said(call(:delete, "/api/containers/#{batch}"))).to include("You've already used some of it")
    call(:delete, "/api/costs/#{cost['id']}")
    tin = call(:get, "/api/shelf")["rows"].find { |row| row["product"] == "paint_wall" }["containers"].first["id"]
    expect(said(call(:delete, "/api/containers/#{tin}"))).to include("Something was mixed from it")
    expect(refusal(call(:patch, "/api/containers/#{batch}", { size: "500 ml" }), :size)).to include("A batch holds")
    gone = call(:delete, "/api/containers/#{batch}")
    expect([left("paint_chalk"), left("paint_wall")]).to eq(["1.00 L", "1.00 L"])
    call(:post, "/api/deletions/#{gone['id']}/undo")
    expect([left("paint_chalk"), read(made["id"])["left"]]).to eq(["800 ml", "400 ml"])
  end

  it "asks where the shelf has too little, and mixes without it where one says so" do
    made = mix
    tin("paint_chalk", "1 L", "32.00")
    expect(refusal(call(:post, "/api/mixes/#{made['id']}/batches", { amount: "400 ml" }),
                   :amount)).to start_with("wall paint: The shelf says only 0 ml is left")
    expect([left("paint_chalk"), read(made["id"])["batches"]]).to eq(["1.00 L", []])
    call(:post, "/api/mixes/#{made['id']}/batches", { amount: "400 ml", aside: true })
    expect(read(made["id"])["batches"]).to match([include("left" => "400 ml", "worth" => nil)])
    expect(left("paint_chalk")).to eq("1.00 L")
    expect(refusal(call(:post, "/api/mixes/#{made['id']}/batches", { amount: "0" }), :amount)).to include("above 0")
  end

  it "matches a colour addition by addition, in percent of what there was at first, each a version" do
    stocked
    tin("paint_all", "500 ml", "24.00")
    made = mix(parts: [part("paint_chalk", "1"), part("water", "1")])
    batch = call(:post, "/api/mixes/#{made['id']}/batches", { amount: "200 ml" }).fetch("id")
    first = call(:post, "/api/batches/#{batch}/additions",
                 { product: "paint_all", amount: "10 ml", said: "still too light", trip: true }).fetch("id")
    second = call(:post, "/api/batches/#{first}/additions",
                  { product: "paint_all", amount: "4 ml", said: "matches" }).fetch("id")
    page = read(made["id"])
    now = page["batches"].first
    expect(now).to include("id" => second, "version" => 3, "made" => "214 ml", "left" => "214 ml", "trips" => 1)
    # 100 ml at 32.00 a litre 3.20; 14 ml at 48.00 a litre 0.67 (0.48 and 0.19).
    expect(now["worth"]["text"]).to eq("€3.87")
    log = now["log"].map { |line| line.values_at("amount", "percent", "said") }
    expect(log).to eq([["10 ml", "5.0%", "still too light"], ["4 ml", "7.0%", "matches"]])
    expect(page["batches"].map { |one| one["empty"] }).to eq([false, true, true])
    expect(page["parts"].map { |one| one.values_at("label", "percent") })
      .to eq([["chalk-style paint", "46.7%"], ["water", "46.7%"], ["all-in-one satin paint", "6.5%"]])
    # Taken back, the batch before holds all of it again.
    call(:delete, "/api/containers/#{second}")
    expect(read(made["id"])["batches"].first).to include("id" => first, "left" => "210 ml")
    expect(said(call(:post, "/api/batches/#{batch}/additions",
                     { label: "ink", amount: "1 ml" }))).to include("Nothing is left")
  end

  it "corrects a batch to the latest version by the least of each part (200 : 100 : 0 to 2 : 2 : 1 needs 0, 100, 100)" do
    tin("paint_chalk", "1 L", "30.00")
    tin("paint_wall", "1 L", "20.00")
    tin("paint_all", "1 L", "40.00")
    made = mix(parts: [part("paint_chalk", "2"), part("paint_wall", "1")])
    batch = call(:post, "/api/mixes/#{made['id']}/batches", { amount: "300 ml" }).fetch("id")
    call(:post, "/api/mixes/#{made['id']}/versions",
         { parts: [part("paint_chalk", "2"), part("paint_wall", "2"), part("paint_all", "1")] })
    corrects = read(made["id"])["batches"].first["corrects"]
    expect(corrects["adds"].map(&:values)).to eq([["chalk-style paint", "0 ml"], ["wall paint", "100 ml"],
                                                  ["all-in-one satin paint", "100 ml"]])
    expect(corrects["whole"]).to eq("500 ml")
    call(:post, "/api/batches/#{batch}/correction", {})
    now = read(made["id"])["batches"].first
    # 6.00 and 2.00 before; 2.00 and 4.00 added.
    expect(now).to include("version" => 2, "left" => "500 ml", "corrects" => nil, "worth" => include("text" => "€14.00"))
    expect(now["log"].map { |line| line["said"] }).to all(eq("corrected to version 2"))
    expect(said(call(:post, "/api/batches/#{now['id']}/correction", {}))).to include("already is this version")
    call(:post, "/api/mixes/#{made['id']}/versions", { parts: [part("paint_chalk", "2"), part("water", "1")] })
    expect(read(made["id"])["batches"].first["cannot"]).to include("can't take that out again")
  end

  it "is planned, bought as its parts, taken from its batch, and found for a touch-up with version and coat" do
    stocked
    chest = planned("Chest")
    made = mix
    look = call(:get, "/api/pieces/#{chest}/plan")["looks"].first["id"]
    call(:put, "/api/looks/#{look}/zones",
         { zones: ["top"], finish: "paint", colour: "#35566e", product: made["product"] })
    need = call(:get, "/api/pieces/#{chest}/mixes")["mixes"].first
    expect(need).to include("zones" => "Top", "coats" => [], "stands" => [], "mix" => include("name" => "Harbour blue"))
    whole = need["needed"].to_i
    scaled = call(:get, "/api/mixes/#{made['id']}/amounts?piece_id=#{chest}")
    expect(scaled["whole"]).to eq(need["needed"])
    expect(scaled["parts"].sum { |one| one["amount"].to_f }).to be_within(0.2).of(whole)
    materials = call(:get, "/api/pieces/#{chest}/plan")["plan"]["materials"].map { |one| one["label"] }
    expect(materials).to include("wall paint").and include("chalk-style paint")
    expect(materials).not_to include("Harbour blue")
    bought = call(:get, "/api/shopping")["rows"].to_h { |row| row.values_at("label", "needed") }
    expect(bought["wall paint"]).to eq("#{(whole / 4.0).ceil} ml")
    call(:post, "/api/mixes/#{made['id']}/batches", { amount: "500 ml", place: "jar" })
    expect(call(:get, "/api/shopping")["rows"].map { |row| row["label"] }).not_to include("wall paint")

    coat = call(:get, "/api/pieces/#{chest}/plan")["plan"]["steps"].find do |step|
      step["materials"].any? do |one|
        one["product"] == made["product"]
      end
    end
    Operations::Planning::Steps.worked(chest, coat["key"], take: true)
    found = call(:get, "/api/pieces/#{chest}/mixes")["mixes"].first
    expect(found["coats"]).to match([include("version" => 1, "step" => coat["label"])])
    expect(found["stands"]).to match([include("place" => "jar", "version" => 1)])
    expect(read(made["id"])["uses"]).to match([include("zones" => "Top", "piece" => include("id" => chest))])
    expect(said(call(:delete, "/api/mixes/#{made['id']}"))).to include("part of a look")
    other = mix("Other")
    gone = call(:delete, "/api/mixes/#{other['id']}")
    expect(call(:get, "/api/mixes")["mixes"].size).to eq(1)
    call(:post, "/api/deletions/#{gone['id']}/undo")
    expect(call(:get, "/api/mixes")["mixes"].size).to eq(2)
  end

  it "recalls how the sprayer was set for a product, and never thins past its limit" do
    call(:put, "/api/spray-settings",
         { product: "paint_all", nozzle: "1.3 mm", setting: "4", thinning: "10%", cup_seconds: "25" })
    expect(call(:get,
                "/api/spray-settings")["settings"]).to eq([{ "product" => "paint_all", "label" => "all-in-one satin paint", "nozzle" => "1.3 mm",
                                                             "setting" => "4", "thinning" => "10", "cup_seconds" => "25" }])
    expect(refusal(call(:put, "/api/spray-settings", { product: "paint_all", thinning: "11" }),
                   :thinning)).to include("10% at most")
    expect(refusal(call(:put, "/api/spray-settings", { product: "paint_all", cup_seconds: "-1" }),
                   :cup_seconds)).to include("out of range")
    call(:patch, "/api/workshop",
         { lock_version: call(:get, "/api/workshop")["lock_version"], practices: { "applying" => "spray" } })
    chest = planned("Chest")
    sprayed = call(:get, "/api/pieces/#{chest}/plan")["plan"]["steps"].filter_map { |step| step["sprayer"] }
    expect(sprayed.uniq).to eq(["nozzle 1.3 mm, setting 4, thinned 10%, cup 25 s"])
    call(:put, "/api/spray-settings", { product: "paint_all", nozzle: "", setting: "", thinning: "", cup_seconds: "" })
    expect(call(:get, "/api/spray-settings")["settings"]).to eq([])
  end
end
