# frozen_string_literal: true

require_relative "../support/api_helper"

# The contract as a document, and the tables that it speaks of.
RSpec.describe "the contract" do
  let(:document) { YAML.safe_load_file(Api::Contract::FILE, aliases: true) }
  let(:operations) { document["paths"].values.flat_map(&:values) }
  let(:schemas) { document["components"]["schemas"] }

  it "names every operation once, says what it does, and how it can fail" do
    ids = operations.map { |operation| operation["operationId"] }
    expect(ids.uniq).to eq(ids)
    expect(operations).to all(include("summary", "tags"))
    expect(operations.map { |operation| operation["responses"].keys }).to all(include("default"))
  end

  it "closes every object: what is not written down is not sent and not taken" do
    open = schemas.select { |_, schema| schema["type"] == "object" && schema["additionalProperties"] != false }
    expect(open.keys).to eq([])
  end

  it "requires only what it describes" do
    schemas.each do |name, schema|
      expect(Array(schema["required"]) - schema.fetch("properties", {}).keys).to eq([]), name
    end
  end

  it "lets every POST be repeated safely" do
    posts = document["paths"].reject { |path, _| path.end_with?("/check") }.values.filter_map { |path| path["post"] }
    headers = posts.map { |post| post.fetch("parameters", []).map { |parameter| parameter["$ref"] } }
    expect(headers).to all(include("#/components/parameters/IdempotencyKey"))
  end

  it "speaks of the same events, kinds of parts and lanes as the core" do
    kinds = schemas["EventInput"]["properties"]["kind"]["enum"]
    expect(kinds.map(&:to_sym)).to match_array(Core::Flips::Event::RANKS.keys - %i[bought split])
    marks = schemas["PriceTape"]["properties"]["marks"]["items"]["properties"]["key"]["enum"]
    expect(marks.map(&:to_sym)).to eq(Core::Market::PriceTape::MARKS.keys)
    lanes = schemas["DaysStrip"]["properties"]["parts"]["items"]["properties"]["lane"]["enum"]
    expect(lanes.map(&:to_sym)).to include(*Core::Flips::Turnaround::LANES.values)
  end

  it "offers the kinds of work that flippers keep hours by, each counted one way" do
    kinds = call(:get, "/api/workshop")["lists"]["work_kinds"]
    expect(kinds.map { |kind| kind["label"].downcase }).to eq(
      ["cleaning", "repair", "woodwork", "stripping", "sanding", "priming", "painting", "staining", "clear coat", "hardware",
       "upholstery", "photographing", "fetching", "selling", "delivering", "filming", "other"]
    )
    expect(kinds.map { |kind| kind["count"] }.tally).to eq("bench" => 12, "around" => 4, "apart" => 1)
  end

  it "remembers sources and channels that were used, the most used first" do
    piece(source: "kerb")
    2.times { event(piece(source: "quay auction"), "sold", "2026-05-09", price: "1", channel: "window card") }
    lists = call(:get, "/api/workshop")["lists"]
    expect(lists.values_at("sources", "channels")).to eq([["quay auction", "kerb"], ["window card"]])
  end

  it "takes writers at once, one after the other, and loses none" do
    app # built before the threads ask for it
    answers = Array.new(4) do |writer|
      Thread.new do
        session = Rack::Test::Session.new(app)
        Array.new(5) do |i|
          session.post("/api/pieces", JSON.generate(name: "Piece #{writer}-#{i}"),
                       { "HTTP_HOST" => "127.0.0.1", "CONTENT_TYPE" => "application/json" }).status
        end
      end
    end
    expect(answers.flat_map(&:value)).to all(eq(201))
    pieces = Records::Piece.order(:ticket)
    expect([pieces.count, pieces.pluck(:ticket)]).to eq([20, (1..20).to_a])
  end
end
