# frozen_string_literal: true

require_relative "../support/api_helper"

# House rules of selling: what they may be, and what follows from them.
RSpec.describe "house rules of selling", :api do
  def house(**rules)
    call(:patch, "/api/workshop", { lock_version: call(:get, "/api/workshop")["lock_version"], **rules })
  end

  def suggested(id) = call(:get, "/api/pieces/#{id}/pricing").dig("suggested", "text")

  it "begin with a tenth of room, fives and tens, a step of a tenth each fortnight, and decline under 60%" do
    expect(call(:get,
                "/api/workshop")).to include("haggle" => "10", "price_ending" => "5", "step" => "10", "step_days" => 14,
                                             "decline" => "60")
  end

  it "refuse what cannot be, naming the field, and keep what stood" do
    expect(refusal(house(haggle: "100"), :haggle)).to include("isn't a possible percentage")
    expect(refusal(house(haggle: ""), :haggle)).to include("empty")
    expect(refusal(house(price_ending: "7"), :price_ending)).to include("isn't one of the choices")
    expect(refusal(house(step_days: "-1"), :step_days)).to include("0 to 365")
    expect(refusal(house(decline: "much"), :decline)).to include("isn't a number")
    expect(call(:get, "/api/workshop")["haggle"]).to eq("10")
  end

  it "move the suggested price with room and ending" do
    house(floor_pay: "8", target_pay: "15")
    id = piece(purchase: "90")
    call(:post, "/api/work", { kind: "sanding", effort: "60", worked_on: "2026-06-01", pieces: [{ piece_id: id }] })
    # 90 + 15 = 105: ÷ 0.9 = 116.67, up to 120; nines 119; any amount; without room 105.
    expect(suggested(id)).to eq("€120")
    house(price_ending: "9")
    expect(suggested(id)).to eq("€119")
    house(price_ending: "none")
    expect(suggested(id)).to eq("€116.67")
    house(haggle: "0")
    expect(suggested(id)).to eq("€105")
  end

  it "suggest nothing where what was paid is not known, and plan no steps where none are wanted" do
    expect(suggested(piece(purchase: ""))).to be_nil
    house(step_days: "0")
    at = call(:get, "/api/pieces/#{piece(purchase: '50')}/pricing?price=100")["at"]
    expect(at["steps"]).to eq([])
  end
end
