# frozen_string_literal: true

require_relative "../support/api_helper"

# What the pages that look back say in words and in which order. It is 30 June 2026.
RSpec.describe "looking back", :api do
  def sold(name, on, price: "100", **rest)
    id = piece(name: name, bought_on: "2025-01-10", purchase: "40", **rest)
    event(id, "sold", on, price: price)
    id
  end

  def labels(by, **query)
    call(:get, "/api/books/compare?#{URI.encode_www_form(by: by, **query)}")["rows"].map { |row| row["label"] }
  end

  it "orders years and months from the latest, months of the year from January, the rest by size" do
    { "A" => "2025-11-03", "B" => "2026-02-03", "C" => "2026-05-03", "D" => "2026-05-20" }.each do |name, on|
      sold(name, on, kind: name == "A" ? "desk" : "chair")
    end
    expect(labels("year")).to eq(%w[2026 2025])
    expect(labels("month")).to eq(["May 2026", "Feb 2026", "Nov 2025"])
    expect(labels("season")).to eq(%w[February May November])
    expect(labels("kind")).to eq(%w[chair desk])
    expect(labels("month", year: "2025")).to eq(["Nov 2025"])
  end

  it "keeps what has no date together, and finds it behind its group" do
    id = piece(name: "Undated", bought_on: "2025-01-10")
    event(id, "sold", "", price: "50")
    expect(labels("month")).to eq(["not set"])
    expect(labels("year", year: "not known")).to eq(["not set"])
    expect(call(:get, "/api/pieces?view=archive&by=month&trait=")["rows"].map { |row| row["id"] }).to eq([id])
    expect(call(:get, "/api/pieces?view=archive&by=month&trait=2026-05")["total"]).to eq(0)
  end

  it "refuses what cannot be asked, by the contract" do
    %w[compare?by=colour compare?view=net compare?hours=some spread?year=26].each do |path|
      call(:get, "/api/books/#{path}")
      expect([path, status]).to eq([path, 400])
    end
    call(:get, "/api/what-if/cheaper?less=0")
    expect(status).to eq(400)
    nothing = %w[season month].map { |by| call(:get, "/api/what-if/without?by=#{by}&trait=summer") }
    expect(nothing.map { |answer| answer.values_at("label", "flips", "profit") }).to all(eq(["summer", 0, nil]))
    expect(call(:get, "/api/what-if/without?trait=desk")["label"]).to eq("desk")
  end

  it "compares finishes of the chosen look only" do
    id = sold("Painted", "2026-05-03", kind: "chair", width: "400", depth: "400", height: "800",
                                       surface_material: "solid")
    look = call(:post, "/api/pieces/#{id}/looks", { name: "Painted" })["id"]
    zone = call(:get, "/api/pieces/#{id}/plan")["zones"].first["key"]
    call(:put, "/api/looks/#{look}/zones", { zones: [zone], finish: "paint" })
    other = call(:post, "/api/pieces/#{id}/looks", { name: "Waxed" })["id"]
    call(:put, "/api/looks/#{other}/zones", { zones: [zone], finish: "wax" })
    expect(labels("finish")).to eq(["Paint"])
    expect(call(:get, "/api/pieces?view=archive&by=finish&trait=paint")["total"]).to eq(1)
  end

  # 12 techniques are enough for anybody; commas part them, and the same twice is once.
  it "reads techniques as they are typed" do
    id = sold("Desk", "2026-05-03")
    version = -> { call(:get, "/api/pieces/#{id}")["lock_version"] }
    call(:patch, "/api/pieces/#{id}", { lock_version: version.call, techniques: " waxed,, Waxed , two colours" })
    expect(call(:get, "/api/pieces/#{id}")["fields"]["techniques"]).to eq("two colours, waxed")
    many = (1..13).map { |number| "t#{number}" }.join(",")
    expect(refusal(call(:patch, "/api/pieces/#{id}", { lock_version: version.call, techniques: many }),
                   :techniques)).to include("That's more than 12 techniques")
    call(:patch, "/api/pieces/#{id}", { lock_version: version.call, name: "Desk again" })
    expect(call(:get, "/api/pieces/#{id}")["fields"]["techniques"]).to eq("two colours, waxed")
    call(:patch, "/api/pieces/#{id}", { lock_version: version.call, techniques: "" })
    expect(labels("technique")).to eq(["none recorded"])
  end

  # Ready on 20 June; the paint cures 30 days: 20 July.
  it "tells a buyer until when the finish cures, and not after" do
    id = piece(name: "Chair", kind: "chair", width: "400", depth: "400", height: "800", surface_material: "solid")
    look = call(:post, "/api/pieces/#{id}/looks", { name: "Painted" })["id"]
    zone = call(:get, "/api/pieces/#{id}/plan")["zones"].first["key"]
    call(:put, "/api/looks/#{look}/zones", { zones: [zone], finish: "paint", product: "paint_all" })
    ready = event(id, "ready", "2026-06-20")
    expect(call(:get,
                "/api/pieces/#{id}/listing")["notes"]).to eq(["go easy on it until 20 Jul 2026: its finish cures 30 days"])
    call(:patch, "/api/events/#{ready['id']}", { on: "2026-05-20" })
    expect(call(:get, "/api/pieces/#{id}/listing")["notes"]).to eq([])
    full = call(:get, "/api/pieces/#{id}/listing")["texts"].last["text"]
    expect(full).to include("Finish and care", "wipe with a damp cloth")
  end

  it "leaves out what was removed, and brings it back with an undo" do
    id = sold("Desk", "2026-05-03", kind: "desk")
    entry = call(:post, "/api/workshop-entries", { kind: "tool", what: "Sander", amount: "85", on: "2026-02-01" })
    removals = [call(:delete, "/api/pieces/#{id}"), call(:delete, "/api/workshop-entries/#{entry['id']}")]
    expect(labels("kind")).to eq([])
    expect(call(:get, "/api/years/2026")["entries"]).to eq([])
    removals.each { |removal| call(:post, "/api/deletions/#{removal['id']}/undo") }
    expect(labels("kind")).to eq(["desk"])
    expect(call(:get, "/api/years/2026")["left"]["text"]).to eq("−€25.00") # 60 − 85
  end

  it "says what is undefined of a year without flips, and counts what was spent all the same" do
    call(:post, "/api/workshop-entries", { kind: "overhead", what: "Rent", amount: "120", on: "2026-01-05" })
    year = call(:get, "/api/years/2026")
    expect(year["left"]["text"]).to eq("−€120.00")
    expect(year["goals"].map { |goal| goal["so_far"] }).to eq([nil, nil, "0"])
    expect(year["goals"].map { |goal| goal["text"] }).to all(eq("no goal set"))
    expect(call(:get, "/api/books/spread")).to include("points" => [], "best" => [], "worst" => [], "n" => 0)
    expect(call(:get, "/api/books/passing")).to include("oldest" => [], "found" => [], "waits" => [], "seasons" => [])
  end
end
