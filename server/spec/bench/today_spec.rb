# frozen_string_literal: true

require_relative "../support/api_helper"

RSpec.describe "Today and Books over time", :api do
  def today = call(:get, "/api/today")
  def stage(name) = today["stages"].find { |group| group["stage"] == name }

  def sell(on, price:, **fields)
    id = piece(**fields)
    event(id, "sold", on, price: price)
    id
  end

  it "is empty at first, and says which day it is" do
    answer = today
    expect(answer["date"]).to eq("iso" => "2026-06-30", "text" => "Tue 30 Jun")
    expect(answer.values_at("timers", "entries")).to eq([[], []])
    expect(answer["worked"]["seconds"]).to eq(0)
    expect(answer["stages"].map { |group| group["total"] }).to eq([0, 0, 0, 0])
  end

  it "puts what is on the bench first, then what is ready, waiting, and on the market" do
    waiting = piece(name: "Waiting")
    bench = piece(name: "Bench")
    event(bench, "first_work", "2026-06-01")
    listed = piece(name: "Listed")
    event(listed, "listed", "2026-06-01", asking: "50")
    ready = piece(name: "Ready")
    event(ready, "ready", "2026-06-01")
    expect(today["stages"].map do |group|
      group["rows"].map do |row|
        row["id"]
      end
    end).to eq([[bench], [ready], [waiting], [listed]])
  end

  it "shows the pieces touched last, a dozen at most, and counts them all" do
    ids = Array.new(14) { |i| piece(name: "Piece #{i}") }
    expect(stage("bought").slice("total")).to eq("total" => 14)
    expect(stage("bought")["rows"].size).to eq(12)
    at("2026-06-30T13:00:00Z")
    call(:post, "/api/costs", { what: "Oil", category: "materials", amount: "1", pieces: [{ piece_id: ids.first }] })
    expect(stage("bought")["rows"].first["id"]).to eq(ids.first)
  end

  it "lists what was worked today, by the workshop's clock, not yesterday's" do
    id = piece
    call(:post, "/api/work",
         { kind: "sanding", effort: "30", worked_on: "2026-06-30", note: "by hand", pieces: [{ piece_id: id }] })
    call(:post, "/api/work", { kind: "sanding", effort: "45", worked_on: "2026-06-29", pieces: [{ piece_id: id }] })
    expect([today["worked"]["text"], today["entries"].map { |entry| entry["note"] }]).to eq(["30 min", ["by hand"]])
    call(:patch, "/api/workshop", { lock_version: 0, time_zone: "Pacific/Auckland" })
    at("2026-06-30T13:00:00Z") # the first of July there
    expect([today["date"]["iso"], today["worked"]["seconds"]]).to eq(["2026-07-01", 0])
  end

  # Clocks in Dublin went forward at 01:00 UTC on 29 March 2026 (tz database): three hours by the wall are two of work.
  it "counts a timer in true hours over the change of the clocks" do
    call(:patch, "/api/workshop", { lock_version: 0, time_zone: "Europe/Dublin" })
    id = piece(bought_on: "2026-03-01", made_about: "1995")
    at("2026-03-29T00:00:00Z")
    timer = call(:post, "/api/timers", { kind: "sanding", piece_ids: [id] })
    expect(timer["started_text"]).to eq("00:00")
    at("2026-03-29T02:00:00Z")
    entry = call(:post, "/api/timers/#{timer['id']}/stop", {})
    expect([entry["effort"]["text"], entry["started_at"],
            entry["worked_on"]["iso"]]).to eq(["2 h", "00:00", "2026-03-29"])
  end

  it "notices a timer that may have been forgotten" do
    timer = call(:post, "/api/timers", { kind: "sanding", piece_ids: [piece(made_about: "1995")] })
    at("2026-06-30T17:00:01Z")
    expect(today["timers"].first).to include("id" => timer["id"], "long" => true)
  end

  it "selects Books by the year in which a flip ended, and offers those years" do
    sell("2025-03-01", price: "50", bought_on: "2025-01-01", purchase: "10")
    sell("2026-03-01", price: "70", bought_on: "2025-12-01", purchase: "20")
    books = ->(query = "") { call(:get, "/api/books#{query}") }
    expect(books.call["years"]).to eq(%w[2026 2025])
    profits = ["", "?year=2025", "?year=2026"].map { |query| books.call(query)["figures"].first["text"] }
    expect(profits).to eq(%w[€90.00 €40.00 €50.00])
    expect(books.call("?year=2025")["months"].map { |month| month["label"] }).to eq(["Mar 2025"])
    expect(call(:get, "/api/pieces?view=archive&year=2025")["total"]).to eq(1)
    call(:get, "/api/books?year=twenty")
    expect(status).to eq(400)
  end

  it "keeps empty months between, so that a quiet winter shows" do
    sell("2026-01-15", price: "50", bought_on: "2026-01-01", purchase: "10")
    sell("2026-04-15", price: "50", bought_on: "2026-01-01", purchase: "10")
    months = call(:get, "/api/books")["months"]
    expect(months.map { |month| [month["label"], month["ended"], month["major_profit"]] })
      .to eq([["Jan 2026", 1, 40.0], ["Feb 2026", 0, nil], ["Mar 2026", 0, nil], ["Apr 2026", 1, 40.0]])
  end

  it "works in a currency without a minor unit" do
    call(:patch, "/api/workshop", { lock_version: 0, currency: "JPY" })
    id = sell("2026-06-01", price: "9000", purchase: "4000")
    expect(figure(id, "cash_profit")).to include("text" => "¥5,000", "minor" => 5000)
    expect(refusal(event(piece, "sold", "2026-06-01", price: "10.5"), :price)).to include("has too many decimals: JPY has no decimals")
    expect(call(:get, "/api/books")["months"].first["major_profit"]).to eq(5000.0)
  end
end
