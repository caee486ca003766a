# frozen_string_literal: true

require_relative "../support/api_helper"

# What lists say of a piece at each stage, from its stored figures alone.
RSpec.describe "rows of the floor and the archive", :api do
  def row(id, view: "all")
    call(:get, "/api/pieces?view=#{view}")["rows"].find { |one| one["id"] == id }
  end

  def strip(id) = row(id)["strip"]["parts"].map { |part| part.values_at("lane", "from", "to") }

  it "follows a piece through its stages" do
    id = piece(bought_on: "2026-06-01")
    expect(strip(id)).to eq([["waiting", 0, 29]])
    event(id, "first_work", "2026-06-05")
    event(id, "ready", "2026-06-10")
    event(id, "listed", "2026-06-12", asking: "90")
    expect(row(id)).to include("stage" => "listed",
                               "price" => include("label" => "asking",
                                                  "money" => include("text" => "€90.00")))
    expect(strip(id)).to eq([["waiting", 0, 4], ["bench", 4, 9], ["waiting", 9, 11], ["market", 11, 29]])
    event(id, "sold", "2026-06-20", price: "80")
    expect(row(id)).to include("stage" => "sold", "price" => nil, "turnaround_days" => 19,
                               "ended_on" => include("iso" => "2026-06-20"))
    expect(strip(id).last).to eq(["market", 11, 19])
  end

  it "shows what a piece must bring: target where it is set and hours are known, else break-even" do
    id = piece(purchase: "30")
    expect(row(id)["price"]).to include("label" => "break-even", "money" => include("text" => "€30.00"))
    call(:patch, "/api/workshop", { lock_version: 0, target_pay: "10" })
    call(:post, "/api/work", { kind: "repair", effort: "90", pieces: [{ piece_id: id }] })
    expect(row(id)["price"]).to include("label" => "target", "money" => include("text" => "€45.00"))
    expect(row(piece(purchase: ""))["price"]).to be_nil
  end

  it "agrees with the piece's own page in every figure" do
    ids = [piece(purchase: "12.34"), piece(purchase: ""), piece(purchase: "0", bought_on: "")]
    ids.each_with_index do |id, place|
      call(:post, "/api/costs", { what: "Oil", category: "materials", amount: "3.21", pieces: ids.map do |one|
        { piece_id: one }
      end })
      call(:post, "/api/work", { kind: "sanding", effort: "50", pieces: [{ piece_id: id }] })
      event(id, %w[sold scrapped kept][place], "2026-06-01", price: "70", fee: "3")
    end
    ids.each do |id|
      shown = row(id)
      { "cash_in" => "cash_in", "receipts" => "receipts", "cash_profit" => "cash_profit", "hourly_pay" => "hourly_pay",
        "hours" => "hours" }.each do |name, key|
        expect(shown[name]&.fetch("text")).to eq(figure(id, key)["text"]), "#{name} of #{id}"
      end
    end
  end

  it "says days are not known rather than 0" do
    id = piece(bought_on: "")
    expect(row(id)["strip"]).to include("days" => nil, "parts" => [], "description" => /Days unknown/)
    event(id, "sold", "", price: "20")
    expect(row(id, view: "archive")).to include("ended_on" => nil, "turnaround_days" => nil)
    expect(call(:get, "/api/books?year=not%20known")["counts"]["sold"]).to eq(1)
    event(piece, "sold", "2026-06-01", price: "20")
    expect(call(:get, "/api/pieces?view=archive&year=not%20known")["rows"].map { |one| one["id"] }).to eq([id])
    expect(call(:get, "/api/books")["months"].last).to include("month" => nil, "label" => "No date")
  end

  it "puts a removed piece nowhere" do
    id = piece
    call(:delete, "/api/pieces/#{id}")
    expect([row(id), call(:get, "/api/find?query=Bench"), call(:get, "/api/today")["stages"].sum do |stage|
      stage["total"]
    end]).to eq([nil, [], 0])
  end

  it "sorts by each column it offers, both ways" do
    3.times do |i|
      event(piece(name: "Piece #{i}", purchase: (i * 10).to_s), "sold", "2026-06-0#{i + 1}",
            price: (100 - (i * 40)).to_s)
    end
    orders = %w[ticket name kind source stage bought_on ended_on cash_in receipts cash_profit hours hourly_pay
                turnaround].to_h do |sort|
      [sort, %w[false true].map do |down|
        call(:get, "/api/pieces?view=archive&sort=#{sort}&descending=#{down}")["rows"].map do |one|
          one["name"][-1]
        end.join
      end]
    end
    expect(orders.values_at("ticket", "ended_on", "cash_in", "turnaround")).to all(eq(%w[012 210]))
    expect(orders.values_at("receipts", "cash_profit")).to all(eq(%w[210 012]))
    expect(orders.values.flatten.map { |order| order.chars.sort.join }.uniq).to eq(["012"])
  end

  it "refuses a column it does not know and a page that is none" do
    call(:get, "/api/pieces?sort=colour")
    expect(status).to eq(400)
    call(:get, "/api/pieces?page=0")
    expect(status).to eq(400)
    expect(call(:get, "/api/pieces?page=99")["rows"]).to eq([])
  end
end
