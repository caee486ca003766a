# frozen_string_literal: true

require_relative "../support/api_helper"

# The lists that looking over, looks and plans choose from, and what else hangs on them.
RSpec.describe "the catalogue, and what hangs on a plan", :api do
  let(:catalogue) { call(:get, "/api/catalogue") }

  def plan(of) = call(:get, "/api/pieces/#{of}/plan")

  it "walks round a piece in the order a practitioner looks, each finding with what it means and why" do
    expect(catalogue["walk"].map { |stop| stop["label"] })
      .to eq(["Structure", "Moving parts", "Surface", "Smell and dirt", "Inside", "Hardware and holes",
              "Missing parts", "Label"])
    findings = catalogue["walk"].flat_map { |stop| stop["findings"] }
    expect(findings.size).to be >= 40
    expect(findings).to all(include("label" => be_a(String), "says" => match(/\w/), "why" => match(/\w/)))
    expect(findings.find { |one| one["kind"] == "gouge" }["measure"]).to eq("label" => "depth", "unit" => "mm")
    expect(findings.find { |one| one["kind"] == "painted" }["measure"]).to eq("label" => "layers", "unit" => "count")
  end

  it "asks for lengths in the workshop's unit" do
    version = call(:get, "/api/workshop").fetch("lock_version")
    call(:patch, "/api/workshop", { lock_version: version, length_unit: "in" })
    id = piece(name: "Chest", kind: "chest of drawers", width: "36", depth: "18", height: "34", drawer_rows: "1,1",
               row_heights: "6, 8 1/2")
    page = plan(id)
    expect(page["drawing"]).to include("width_text" => "36 in", "height_text" => "34 in")
    expect(page["zones"].find { |zone| zone["key"] == "top" }["area"]).to eq("4.50 ft²") # 36 × 18 in = 648 in²
    call(:post, "/api/pieces/#{id}/findings", { kind: "gouge", zone: "top", measure: "1/8" })
    expect(plan(id)["findings"].first).to include("measure" => "1/8 in", "measure_typed" => "1/8")
    expect(call(:get, "/api/pieces/#{id}")["fields"]["row_heights"]).to eq("6, 8 1/2")
  end

  it "says what a container of one's own product holds with its unit, and nothing where the usual sizes stand" do
    own = lambda do |**label|
      call(:post, "/api/products", { label: "Moss #{label}"[0, 40], generic: "paint_all", **label })
      call(:get, "/api/catalogue")["own_products"].find { |one| one["label"] == "Moss #{label}"[0, 40] }["holds"]
    end
    expect([own.call(pack_amount: "750"), own.call(pack_amount: "2500"), own.call]).to eq(["750 ml", "2.50 L", nil])
  end

  it "offers finishes, products, ways of working with their reasons, and the answers about lead" do
    expect(catalogue["finishes"].map do |one|
      one["key"]
    end).to include("paint", "stain", "wash", "bleach", "clear", "tinted", "oil", "wax", "paper", "stencil",
                    "metallic", "distressed", "leave", "undecided")
    expect(catalogue["products"].find do |one|
      one["key"] == "stripper"
    end["cautions"].first).to include("burns skin and eyes")
    expect(catalogue["practices"].map do |practice|
      practice["question"]
    end).to include("primer", "grip", "washing", "edges", "strip", "applying", "drawers")
    expect(catalogue["practices"].flat_map { |practice| practice["choices"] }).to all(include("why" => match(/\w/)))
    expect(catalogue["leads"].map { |one| one["key"] }).to eq(%w[clear present unsure])
  end

  it "keeps a photo with its finding, and among the piece's own" do
    id = piece(name: "Chest", kind: "chest of drawers")
    found = call(:post, "/api/pieces/#{id}/findings", { kind: "burn" }).fetch("id")
    png = Vips::Image.black(40, 30, bands: 3).write_to_buffer(".png")
    call(:post, "/api/photos?kind=damage&finding_id=#{found}&name=burn.png", png,
         "CONTENT_TYPE" => "application/octet-stream")
    expect(status).to eq(201)
    expect(plan(id)["findings"].first["photos"].size).to eq(1)
    expect(call(:get, "/api/pieces/#{id}")["photos"].map { |photo| photo["kind"] }).to eq(["damage"])
  end

  it "draws a piece in lists as it shall be, and fits what it shall be through doors" do
    id = piece(name: "Cabinet", kind: "cabinet", width: "800", depth: "400", height: "1200", leg: "200", base: "legs")
    call(:post, "/api/openings", { name: "Hatch", kind: "door", width: "390", height: "1050" })
    through = -> { call(:get, "/api/pieces/#{id}")["fit"].to_s }
    before = through.call
    call(:put, "/api/pieces/#{id}/planned-shape", { base: "none", depth: "380" })
    expect(through.call).not_to eq(before)
    made = call(:post, "/api/pieces/#{id}/looks", { name: "Green" }).fetch("id")
    call(:put, "/api/looks/#{made}/zones", { zones: ["door-1"], finish: "paint", colour: "#2f6b3f" })
    row = call(:get, "/api/pieces")["rows"].find { |one| one["id"] == id }
    expect(row["drawing"]["planned"]).to eq([{ "zone" => "door-1", "finish" => "paint", "colour" => "#2f6b3f",
                                               "pattern" => nil }])
    expect(row["drawing"]["height_text"]).to eq("1000 mm")
  end

  it "says when a plan waits for a part, and who must do what is not for this workshop" do
    id = piece(name: "Chest", kind: "chest of drawers", surface_material: "solid")
    made = call(:post, "/api/pieces/#{id}/looks", { name: "Oiled" }).fetch("id")
    zones = plan(id)["zones"].select { |zone| zone["shown"] }.map { |zone| zone["key"] }
    call(:put, "/api/looks/#{made}/zones", { zones: zones, finish: "oil" })
    later = (Operations::Support::Workshop.today + 20)
    call(:post, "/api/pieces/#{id}/findings", { kind: "missing_foot", expected_on: later.iso8601 })
    feet = plan(id)["plan"]["steps"].find { |step| step["key"] == "fit_feet" }
    # Expected on Monday 20 July; the first evening on which somebody works (assumed: Tuesday, Thursday) is the day
    # after.
    expect([feet["not_before"]["iso"], feet["on"]["iso"]]).to eq([later.iso8601, "2026-07-21"])
    call(:post, "/api/pieces/#{id}/lead", { answer: "present" })
    page = plan(id)
    expect(page["plan"]["ready"]).to include("on" => nil,
                                             "why" => include("“Have a certified lead-safe firm remove the old finish” is up to someone else"))
    expect(page["plan"]["steps"].select do |step|
      step["outside"]
    end.map { |step| step["label"] }.join).to include("certified lead-safe firm")
    expect(page["looks"].first["ready"]["on"]).to be_nil
  end
end
