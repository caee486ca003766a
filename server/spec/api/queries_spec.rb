# frozen_string_literal: true

require_relative "../support/api_helper"
require_relative "../support/demo_records"

# What one answer asks the database, over the demo, whose lists have dozens of rows.
RSpec.describe "queries of an answer", :own_data do
  most = 4 # times that one statement is asked, with other values
  # What an address needs beyond its path.
  queries = { "/api/mixes/{id}/amounts" => "amount=100", "/api/read/effort" => "text=1h", "/api/find" => "query=ch", "/api/search" => "query=ch",
              "/api/books/compare" => "by=kind",
              "/api/what-if/without" => "by=kind&trait=desk", "/api/what-if/cheaper" => "percent=10", "/api/pieces/{id}/practice" => "days=20&seed=1",
              "/api/pieces/{id}/substitutes" => "product=paint_all", "/api/tools/{tool}/template.svg" => "given=%7B%7D",
              "/api/tools/{tool}/template.pdf" => "given=%7B%7D" }

  include_context "with the records of the demo"

  before do
    at("2026-06-30T12:00:00Z")
    Operations::Support::VersionedCache.forget # what is worked out only once counts each time here
    records = Records
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

  # The statement that the answer asked most often, but for its values, and how often; what the query cache knew aside.
  def most_repeated(address)
    asked = Hash.new(0)
    count = lambda { |*, event|
      asked[event[:sql].gsub(/\d+(, \d+)*/, "?")] += 1 unless event[:cached] || event[:name] == "SCHEMA"
    }
    answer = ActiveSupport::Notifications.subscribed(count, "sql.active_record") { Rack::MockRequest.new(app).get(address, "HTTP_HOST" => "127.0.0.1") }
    expect(answer.status).to be_in([200, 400, 422])
    asked.max_by(&:last)
  end

  it "do not grow with the rows: none is asked row by row" do
    paths = Api::Contract.schema.open_api.raw_schema["paths"].select { |_, operations| operations["get"] }.keys
    found = paths.flat_map { |path| addresses(path).map { |address| [address, queries[path]].compact.join("?") } }
    repeated = found.to_h { |address| [address, most_repeated(address)] }.compact
    expect(repeated.select { |_, (_, times)| times > most }).to eq({})
  end

  it "are of the piece alone where one is changed, however many are in hand" do
    allow(Core::Market::Standing).to receive(:new).and_call_original
    answer = Rack::MockRequest.new(app).post("/api/pieces", input: JSON.generate(name: "Ash stool"), "CONTENT_TYPE" => "application/json",
                                                            "HTTP_HOST" => "127.0.0.1")
    expect(answer.status).to eq(201)
    expect(Core::Market::Standing).to have_received(:new).at_most(3).times # its page asks more than once, its neighbours never
  end
end
