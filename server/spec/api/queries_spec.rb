# frozen_string_literal: true

require_relative "../support/api_helper"
require_relative "../support/demo_records"

# How often one answer asks the database, over the demo, whose lists have dozens of rows: what was looked up once is not looked up again, and
# no list asks row by row.
RSpec.describe "queries of an answer", :own_data do
  most = 20
  # What an address needs beyond its path.
  queries = { "/api/mixes/{id}/amounts" => "amount=100", "/api/read/effort" => "text=1h", "/api/find" => "query=ch", "/api/search" => "query=ch",
              "/api/books/compare" => "by=kind",
              "/api/what-if/without" => "by=kind&trait=desk", "/api/what-if/cheaper" => "percent=10", "/api/pieces/{id}/practice" => "days=20&seed=1",
              "/api/pieces/{id}/substitutes" => "product=paint_all", "/api/tools/{tool}/template.svg" => "given=%7B%7D",
              "/api/tools/{tool}/template.pdf" => "given=%7B%7D" }

  include_context "with the records of the demo"

  before do
    at("2026-06-30T12:00:00Z")
    Kohlrabi::Operations::Support::VersionedCache.forget # what is worked out only once counts each time here
    records = Kohlrabi::Records
    stages = records::Piece.live.joins(:summary).order(:id).pluck("flip_summaries.stage", :id).group_by(&:first).values
    pieces = stages.flat_map { |rows| rows.map(&:last).first(2) }
    @ids = { "pieces" => pieces, "people" => [records::Person.first.id], "year" => [2026], "tool" => ["pulls"] }
    models = { "mixes" => records::Mix, "containers" => records::Container, "prospects" => records::Prospect,
               "lots" => records::Lot, "sets" => records::PieceSet }
    models.each do |name, model|
      @ids[name] = [model.live.first.id]
    end
  end

  # Addresses for a path of the contract: of pieces, some of each stage.
  def addresses(path)
    name = path[/\{(year|tool)\}/, 1] || path[%r{\A/api/([\w-]+)/\{id\}}, 1]
    name ? @ids.fetch(name).map { |id| path.sub(/\{\w+\}/, id.to_s) } : [path]
  end

  # How many questions the answer took; transactions and what the cache knew aside.
  def asked(address)
    number = 0
    count = lambda do |*, event|
      number += 1 unless event[:cached] || event[:name] == "SCHEMA" || event[:sql].match?(/\A(BEGIN|COMMIT|ROLLBACK|SAVEPOINT|RELEASE|PRAGMA)/)
    end
    answer = ActiveSupport::Notifications.subscribed(count, "sql.active_record") do
      Rack::MockRequest.new(app).get(address, "HTTP_HOST" => "127.0.0.1")
    end
    @answered[answer.status] += 1
    number
  end

  Kohlrabi::Api::Contract.schema.open_api.raw_schema["paths"].each do |path, operations|
    next unless operations["get"]

    it "are few for #{path}" do
      @answered = Hash.new(0)
      numbers = addresses(path).map { |address| asked([address, queries[path]].compact.join("?")) }
      expect(numbers).to all(be <= most)
      expect(@answered.keys - [200, 400, 422]).to eq([])
    end
  end
  it "are of the piece alone where one is changed, however many are in hand" do
    allow(Kohlrabi::Core::Market::Standing).to receive(:new).and_call_original
    answer = Rack::MockRequest.new(app).post("/api/pieces", input: JSON.generate(name: "Ash stool"), "CONTENT_TYPE" => "application/json",
                                                            "HTTP_HOST" => "127.0.0.1")
    expect(answer.status).to eq(201)
    expect(Kohlrabi::Core::Market::Standing).to have_received(:new).at_most(3).times # its page asks more than once, its neighbours never
  end
end
