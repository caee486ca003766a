# frozen_string_literal: true

require_relative "../support/api_helper"

# Several pieces at once, narrowed lists, and finding anything. It is Tuesday 30 June 2026.
RSpec.describe "several at once", :api do
  def stage(id) = call(:get, "/api/pieces/#{id}")["stage"]
  def named(path) = call(:get, path)["rows"].map { |row| row["name"] }

  let!(:pieces) do
    %w[Ash Elm Oak].map do |wood|
      piece(name: "#{wood} stool", kind: "stool", bought_on: "2026-06-01", purchase: "5")
    end
  end

  it "makes several ready, lists each at its price, and does none where one cannot be" do
    rows = pieces.map { |id| { piece_id: id } }
    ids = call(:post, "/api/events/several", { kind: "ready", on: "2026-06-20", rows: rows })["ids"]
    expect(ids.size).to eq(3)
    expect(pieces.map { |id| stage(id) }).to eq(%w[ready ready ready])
    priced = pieces.zip(%w[30 31 3x]).map { |id, asking| { piece_id: id, asking: asking } }
    refused = call(:post, "/api/events/several", { kind: "listed", on: "2026-06-21", rows: priced })
    expect(last_response.status).to eq(422)
    expect(refused["errors"]).to contain_exactly(include("field" => "rows/2/asking",
                                                         "message" => start_with("Oak stool: “3x” isn't an amount")))
    expect(pieces.map { |id| stage(id) }).to eq(%w[ready ready ready]) # all or none
    call(:post, "/api/events/several", { kind: "listed", on: "2026-06-21", rows: priced.first(2) })
    expect(named("/api/pieces?stage=listed&sort=name&descending=false")).to eq(["Ash stool", "Elm stool"])
    expect(call(:get, "/api/pieces")["choices"]).to include("stages" => %w[ready listed], "kinds" => ["stool"])
  end

  it "takes nothing but ready, listed and a price, the same piece once, a hundred at the most" do
    one = [{ piece_id: pieces.first }]
    call(:post, "/api/events/several", { kind: "sold", on: "2026-06-20", rows: one })
    expect(last_response.status).to eq(400) # the description of the interface knows no such kind
    refused = call(:post, "/api/events/several", { kind: "ready", on: "2026-06-20", rows: one * 101 })
    expect(refused["errors"].first["message"]).to include("100")
    call(:post, "/api/events/several", { kind: "ready", on: "2026-06-20", rows: one * 2 })
    expect(last_response.status).to eq(422)
    expect(pieces.map { |id| stage(id) }).to eq(%w[bought bought bought])
  end

  it "refuses none at all, and a piece that is not there" do
    refused = call(:post, "/api/events/several", { kind: "ready", on: "2026-06-20", rows: [] })
    expect(refused["errors"].first["message"]).to include("Choose at least one")
    call(:post, "/api/events/several", { kind: "ready", on: "2026-06-20", rows: [{ piece_id: 999 }] })
    expect(last_response.status).to eq(404)
  end

  it "finds pieces, steps, findings, materials, tools and notes by their words, each with its page" do
    chest = piece(name: "Larch chest", kind: "chest of drawers", drawer_rows: "1,1", width: "900", depth: "450", height: "800",
                  bought_on: "2026-06-01")
    call(:post, "/api/pieces/#{chest}/findings", { kind: "varnish" })
    call(:post, "/api/pieces/#{chest}/looks", { name: "Oiled", starter: "bare_oiled" })
    call(:post, "/api/containers", { product: "oil", size: "500 ml", paid: "15" })
    sorts = ->(query) { call(:get, "/api/search?query=#{query}")["hits"].map { |hit| hit["sort"] }.uniq }
    expect(sorts.call("larch")).to include("piece")
    expect(sorts.call("oil")).to include("step", "material")
    expect(sorts.call("finish")).to include("finding")
    expect(call(:get,
                "/api/search?query=oil")["hits"]).to include(include("sort" => "material", "line" => "on the shelf",
                                                                     "to" => "/shelf"))
    expect(call(:get,
                "/api/search?query=pulls%20jig")["hits"]).to include(include("sort" => "tool", "to" => "/tools/pulls"))
    expect(call(:get, "/api/search?query=zzzz")["hits"]).to eq([])
  end

  it "takes what is typed to find by the letter: signs, quotes, any case, a very long word" do
    name = "50% elm_top 'Dora'"
    piece(name: name, kind: "stool", bought_on: "2026-06-01")
    found = lambda do |query|
      call(:get,
           "/api/search?#{Rack::Utils.build_query('query' => query)}")["hits"].filter_map do |hit|
        hit["label"] if hit["sort"] == "piece"
      end
    end
    ["50%", "elm_top", "'dora'", "DORA elm", "top 50"].each { |query| expect(found.call(query)).to eq([name]), query }
    expect(found.call("%")).to eq([name]) # a sign as any other, not "anything"
    expect(found.call("elm")).to contain_exactly("Elm stool", name)
    ["ash dora", "\\", "x" * 60, " "].each { |query| expect(found.call(query)).to eq([]), query[0, 9] }
    expect(last_response.status).to be < 500
  end

  it "finds such signs in what was noted of a piece and in what was only seen, too" do
    first = Records::Piece.find(pieces.first)
    Operations::Flips::Changes.write(first, "plan", "wax at 5%, one_coat")
    noted = ->(query) { call(:get, "/api/search?#{Rack::Utils.build_query('query' => query)}")["hits"].map { |hit| hit["sort"] } }
    expect(noted.call("5% wax")).to eq(["note"])
    expect(noted.call("one-coat")).to eq([]) # _ stands for itself
    call(:post, "/api/prospects", { name: "Desk, 30% off", kind: "desk", condition: "worn" })
    seen = ->(query) { call(:get, "/api/prospects?#{Rack::Utils.build_query('query' => query)}")["total"] }
    expect([seen.call("30%"), seen.call("3%"), seen.call("desk_")]).to eq([1, 0, 0])
  end

  it "narrows by stage, kind and year together, and answers nothing where none is left" do
    chest = piece(name: "Larch chest", kind: "chest of drawers", bought_on: "2025-12-31")
    event(chest, "sold", "2026-01-04", price: "80")
    narrowed = ->(**by) { named("/api/pieces?#{Rack::Utils.build_query(view: 'all', **by)}&sort=name&descending=false") }
    expect(narrowed.call(stage: "sold")).to eq(["Larch chest"])
    expect(narrowed.call(by: "kind", trait: "stool")).to eq(["Ash stool", "Elm stool", "Oak stool"])
    expect(narrowed.call(by: "kind", trait: "stool", stage: "sold")).to eq([])
    expect(narrowed.call(year: "2020")).to eq([])
  end
end
