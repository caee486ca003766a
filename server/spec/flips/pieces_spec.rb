# frozen_string_literal: true

require_relative "../support/api_helper"

RSpec.describe "pieces", :api do
  it "records a piece with its measures in the workshop's unit and counts tickets up" do
    first = call(:post, "/api/pieces",
                 { name: "Hall bench", width: "23 5/8 in", height: "900", drawer_rows: "2,1", purchase: "0" })
    expect(status).to eq(201)
    expect(first.values_at("ticket", "stage")).to eq(%w[K-001 bought])
    expect(first["fields"].values_at("width", "height", "purchase", "bought_on")).to eq(["600", "900", "0.00", ""])
    expect(call(:post, "/api/pieces", { name: "Second" })["ticket"]).to eq("K-002")
  end

  it "says everything that is wrong at once, by field, and writes nothing" do
    answer = call(:post, "/api/pieces",
                  { name: " ", purchase: "-5", bought_on: "2026-02-31", width: "wide", doors: "99", drawer_rows: "two" })
    expect(status).to eq(422)
    expect(answer["errors"].map do |error|
      error["field"]
    end).to contain_exactly("name", "purchase", "bought_on", "width", "doors", "drawer_rows")
    expect(refusal(answer, :purchase)).to eq("“-5” is negative. Enter 0 or more.")
    expect(refusal(answer, :bought_on)).to include("isn't in the calendar")
    expect(call(:get, "/api/pieces")["total"]).to eq(0)
  end

  it "refuses a purchase after today" do
    expect(refusal(call(:post, "/api/pieces", { name: "A", bought_on: "2026-07-01" }),
                   :bought_on)).to include("is after today, 30 Jun 2026")
  end

  it "tells the second of two tabs, with both versions, and loses nothing" do
    id = piece(name: "Bench", notes: "as bought")
    call(:patch, "/api/pieces/#{id}", { lock_version: 0, notes: "from the first tab" })
    clash = call(:patch, "/api/pieces/#{id}", { lock_version: 0, notes: "from the second tab" })
    expect(status).to eq(409)
    expect(clash["current"]["fields"]["notes"]).to eq("from the first tab")
    expect(clash["yours"]["notes"]).to eq("from the second tab")
    expect(call(:get, "/api/pieces/#{id}")["fields"]["notes"]).to eq("from the first tab")
  end

  it "leaves what was not sent as it was" do
    id = piece(source: "kerb", notes: "old")
    call(:patch, "/api/pieces/#{id}", { lock_version: 0, notes: "" })
    expect(call(:get, "/api/pieces/#{id}")["fields"].values_at("source", "notes")).to eq(["kerb", ""])
  end

  it "lets costs be added while the piece is being edited" do
    id = piece
    call(:post, "/api/costs", { what: "Oil", category: "materials", amount: "3", pieces: [{ piece_id: id }] })
    call(:patch, "/api/pieces/#{id}", { lock_version: 0, notes: "edited" })
    expect(status).to eq(200)
  end

  it "records a repeated POST once, and refuses another body under its key" do
    key = { "HTTP_IDEMPOTENCY_KEY" => "a-key-of-its-own" }
    first = call(:post, "/api/pieces", { name: "Once" }, key)
    again = call(:post, "/api/pieces", { name: "Once" }, key)
    expect([again, call(:get, "/api/pieces")["total"]]).to eq([first, 1])
    call(:post, "/api/pieces", { name: "Other" }, key)
    expect(status).to eq(422)
  end

  it "does not remember the answer to a refused POST" do
    key = { "HTTP_IDEMPOTENCY_KEY" => "a-key-of-its-own" }
    call(:post, "/api/pieces", { name: "" }, key)
    call(:post, "/api/pieces", { name: "Mended" }, key)
    expect(status).to eq(201)
  end

  it "removes a piece and brings back exactly that" do
    id = piece
    cost = call(:post, "/api/costs", { what: "Oil", category: "materials", amount: "3", pieces: [{ piece_id: id }] })
    gone = call(:delete, "/api/costs/#{cost['id']}")
    removal = call(:delete, "/api/pieces/#{id}")
    expect(call(:get, "/api/pieces")["total"]).to eq(0)
    call(:get, "/api/pieces/#{id}")
    expect(status).to eq(404)
    call(:post, "/api/deletions/#{removal['id']}/undo")
    expect(figure(id, "cash_in")["text"]).to eq("€30.00")
    call(:post, "/api/deletions/#{gone['id']}/undo")
    expect(figure(id, "cash_in")["text"]).to eq("€33.00")
    call(:post, "/api/deletions/#{gone['id']}/undo")
    expect(status).to eq(422)
  end

  it "does not remove a piece that carries a share" do
    one = piece
    two = piece(name: "Other")
    call(:post, "/api/costs",
         { what: "Hire", category: "other", amount: "10", pieces: [{ piece_id: one }, { piece_id: two }] })
    expect(call(:delete, "/api/pieces/#{one}")["detail"]).to include("shares a cost with other pieces")
  end

  it "lists, sorts with unknown values last, searches and pages" do
    piece(name: "Dear", purchase: "80", source: "quay auction")
    piece(name: "Unknown", purchase: "")
    piece(name: "Cheap", purchase: "5")
    names = ->(query) { call(:get, "/api/pieces?#{query}")["rows"].map { |row| row["name"] } }
    expect(names.call("sort=cash_in&descending=false")).to eq(%w[Cheap Dear Unknown])
    expect(names.call("sort=cash_in")).to eq(%w[Dear Cheap Unknown])
    expect(names.call("query=quay")).to eq(%w[Dear])
    expect(names.call("per=1&page=2&sort=name&descending=false")).to eq(%w[Dear])
    expect(names.call("query=100%25")).to eq([])
    expect(call(:get, "/api/find?query=k-003").map { |row| row["name"] }).to eq(%w[Cheap])
  end

  it "says what is in hand in one line, and how many prices are not known" do
    piece(purchase: "80")
    piece(purchase: "", bought_on: "2026-04-21")
    expect(call(:get,
                "/api/pieces")["in_hand"]).to include("count" => 2, "price_known" => 1, "oldest_days" => 70,
                                                      "tied_up" => include("text" => "€80.00"))
  end
end
