# frozen_string_literal: true

require_relative "../support/api_helper"

RSpec.describe "dated events", :api do
  it "takes a flip from purchase to profit" do
    id = piece(purchase: "42")
    call(:post, "/api/costs", { what: "Paint", category: "materials", amount: "96.20", pieces: [{ piece_id: id }] })
    call(:post, "/api/work", { kind: "painting", effort: "10 h", worked_on: "2026-05-03", pieces: [{ piece_id: id }] })
    event(id, "ready", "2026-05-10")
    event(id, "listed", "2026-05-11", asking: "400")
    event(id, "price_changed", "2026-05-20", asking: "390")
    event(id, "sold", "2026-05-31", price: "380", fee: "34.40", channel: "window card")
    expect(figure(id, "cash_profit")["sentence"]).to eq("cash profit €207.40 = €380.00 − €42.00 − €96.20 − €34.40")
    expect([figure(id, "hourly_pay")["text"], figure(id, "turnaround")["text"]]).to eq(["€20.74", "30 days"])
    page = call(:get, "/api/pieces/#{id}")
    expect(page["stage"]).to eq("sold")
    expect(page["tape"]["marks"].map { |mark| mark["key"] }).to include("asking", "sold")
    expect(page["events"].find do |one|
      one["kind"] == "first_work"
    end).to include("recorded" => false, "on" => include("iso" => "2026-05-03"))
  end

  it "refuses a sale before the purchase, naming both dates, and writes nothing" do
    id = piece(bought_on: "2026-05-10")
    answer = event(id, "sold", "2026-05-09", price: "50")
    expect(status).to eq(422)
    expect(refusal(answer,
                   :on)).to eq("Sold on 9 May 2026 is before bought on 10 May 2026. Change one of the dates.")
    expect(call(:get, "/api/pieces/#{id}")["stage"]).to eq("bought")
  end

  it "checks the whole chain again when the day of purchase is corrected" do
    id = piece(bought_on: "2026-05-01")
    event(id, "sold", "2026-05-09", price: "50")
    answer = call(:patch, "/api/pieces/#{id}", { lock_version: 0, bought_on: "2026-05-10" })
    expect(answer["detail"]).to include("Sold on 9 May 2026 is before bought on 10 May 2026")
    expect(call(:get, "/api/pieces/#{id}")["fields"]["bought_on"]).to eq("2026-05-01")
  end

  it "corrects an event, keeping what was not sent" do
    id = piece
    sold = event(id, "sold", "2026-05-09", price: "50", tip: "2", channel: "kerb")
    call(:patch, "/api/events/#{sold['id']}", { on: "2026-05-12", price: "55" })
    expect([figure(id, "receipts")["text"], figure(id, "turnaround")["text"]]).to eq(["€57.00", "11 days"])
  end

  it "takes an event back and brings it back; not when something has taken its place" do
    id = piece
    sold = event(id, "sold", "2026-05-09", price: "50")
    removal = call(:delete, "/api/events/#{sold['id']}")
    expect(call(:get, "/api/pieces/#{id}")["stage"]).to eq("bought")
    call(:post, "/api/deletions/#{removal['id']}/undo")
    expect(call(:get, "/api/pieces/#{id}")["stage"]).to eq("sold")
    removal = call(:delete, "/api/events/#{sold['id']}")
    event(id, "sold", "2026-05-10", price: "45")
    call(:post, "/api/deletions/#{removal['id']}/undo")
    expect(status).to eq(422)
    expect(figure(id, "receipts")["text"]).to eq("€45.00")
  end

  it "refuses to take back what a later event rests on" do
    id = piece
    listed = event(id, "listed", "2026-05-03", asking: "90")
    event(id, "price_changed", "2026-05-04", asking: "80")
    expect(call(:delete, "/api/events/#{listed['id']}")["detail"]).to include("doesn't fit: the piece was never listed")
    expect(call(:get, "/api/pieces/#{id}")["stage"]).to eq("listed")
  end

  it "refuses a second ending, an event after today and an amount that is none" do
    id = piece
    event(id, "kept", "2026-05-09")
    expect(event(id, "sold", "2026-05-10", price: "1")["detail"]).to include("both kept on 9 May 2026 and sold on 10 May 2026")
    other = piece
    expect(refusal(event(other, "ready", "2026-07-01"), :on)).to include("Ready on 1 Jul 2026 is after today, 30 Jun 2026")
    expect(refusal(event(other, "sold", "2026-05-10", price: "many"), :price)).to include("isn't an amount")
    expect(refusal(event(other, "price_changed", "2026-05-10", asking: ""), :asking)).to include("empty")
  end

  it "takes a refund off the receipts, and refuses more than was received" do
    id = piece(purchase: "10")
    event(id, "sold", "2026-05-09", price: "50", fee: "5")
    expect(event(id, "refunded", "2026-05-20", amount: "51")["detail"]).to include("The refunds are more than the sale price")
    event(id, "refunded", "2026-05-20", amount: "20", fee_back: "2")
    expect(figure(id, "cash_profit")["text"]).to eq("€17.00")
  end

  it "offers only what may come next" do
    id = piece
    kinds = -> { call(:get, "/api/pieces/#{id}")["possible_events"].map { |one| one["key"] } }
    expect(kinds.call.first(3)).to eq(%w[first_work ready listed])
    event(id, "listed", "2026-05-09", asking: "50")
    expect(kinds.call).to eq(%w[price_changed sold kept given_away scrapped parted_out lost])
    event(id, "scrapped", "2026-05-10")
    expect(kinds.call).to eq([])
  end
end
