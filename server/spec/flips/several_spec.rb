# frozen_string_literal: true

require_relative "../support/api_helper"

# Several pieces at once, narrowed lists, and finding anything. It is Tuesday 30 June 2026.
RSpec.describe "several at once", :api do
  def stage(id) = call(:get, "/api/pieces/#{id}")["stage"]
  def named(path) = call(:get, path)["rows"].map { |row| row["name"] }

  let!(:pieces) { %w[Ash Elm Oak].map { |wood| piece(name: "#{wood} stool", kind: "stool", bought_on: "2026-06-01", purchase: "5") } }

  it "makes several ready, lists each at its price, and does none where one cannot be" do
    rows = pieces.map { |id| { piece_id: id } }
    ids = call(:post, "/api/events/several", { kind: "ready", on: "2026-06-20", rows: rows })["ids"]
    expect(ids.size).to eq(3)
    expect(pieces.map { |id| stage(id) }).to eq(%w[ready ready ready])
    priced = pieces.zip(%w[30 31 3x]).map { |id, asking| { piece_id: id, asking: asking } }
    refused = call(:post, "/api/events/several", { kind: "listed", on: "2026-06-21", rows: priced })
    expect(last_response.status).to eq(422)
    expect(refused["errors"]).to contain_exactly(include("field" => "rows/2/asking", "message" => start_with("Oak stool: “3x” is not a number")))
    expect(pieces.map { |id| stage(id) }).to eq(%w[ready ready ready]) # all or none
    call(:post, "/api/events/several", { kind: "listed", on: "2026-06-21", rows: priced.first(2) })
    expect(named("/api/pieces?stage=listed&sort=name&descending=false")).to eq(["Ash stool", "Elm stool"])
    expect(call(:get, "/api/pieces")["choices"]).to include("stages" => %w[ready listed], "kinds" => ["stool"])
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
    expect(call(:get, "/api/search?query=oil")["hits"]).to include(include("sort" => "material", "line" => "on the shelf", "to" => "/shelf"))
    expect(call(:get, "/api/search?query=pulls%20jig")["hits"]).to include(include("sort" => "tool", "to" => "/tools/pulls"))
    expect(call(:get, "/api/search?query=zzzz")["hits"]).to eq([])
  end
end
