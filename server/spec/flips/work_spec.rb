# frozen_string_literal: true

require_relative "../support/api_helper"

RSpec.describe "costs, hours and timers", :api do
  def hours(effort, on: "2026-06-01", **rest)
    call(:post, "/api/work", { kind: "sanding", effort: effort, worked_on: on, pieces: [{ piece_id: @piece }], **rest })
  end

  before { @piece = piece }

  it "echoes a time before it counts" do
    expect(call(:get, "/api/read/effort?text=1h20")["text"]).to eq("1 h 20")
    expect(call(:get, "/api/read/effort?text=80")["seconds"]).to eq(4800)
    call(:get, "/api/read/effort?text=soon")
    expect(status).to eq(422)
  end

  it "refuses more than 24 hours by one person on one date, however it comes about" do
    hours("20h")
    late = hours("4:01")
    expect([status,
            refusal(late,
                    :effort)]).to eq([422,
                                      "That would be 24 h 01 for Me on 1 Jun 2026, but a day has 24 hours. Check the time and the date."])
    other = call(:post, "/api/people", { name: "Second" })["id"]
    hours("4:01", person_id: other)
    expect(status).to eq(201)
    entry = hours("4h", on: "2026-06-02")
    call(:patch, "/api/work/#{entry['id']}", { worked_on: "2026-06-01", effort: "4h01" })
    expect(status).to eq(422)
    expect(figure(@piece, "hours")["text"]).to eq("28 h 01")
  end

  it "shares a cost by weights, keeps the sum, and shares anew when it is corrected" do
    two = piece(name: "Two", purchase: "0")
    three = piece(name: "Three", purchase: "0")
    shared = [{ piece_id: @piece }, { piece_id: two }, { piece_id: three }]
    cost = call(:post, "/api/costs", { what: "Hire", category: "other", amount: "100", pieces: shared })
    expect(cost["shares"].map { |share| share["amount"]["text"] }).to eq(%w[€33.34 €33.33 €33.33])
    weighted = shared.zip(%w[3 2 1]).map { |share, weight| share.merge(weight: weight) }
    changed = call(:patch, "/api/costs/#{cost['id']}", { pieces: weighted })
    expect(changed["shares"].map { |share| share["amount"]["text"] }).to eq(%w[€50.00 €33.33 €16.67])
    call(:patch, "/api/costs/#{cost['id']}", { amount: "10" })
    expect(figure(two, "cash_in")["text"]).to eq("€3.33")
  end

  it "keeps both figures in the diary where shares change, or a flip has ended" do
    two = piece(name: "Two", purchase: "0")
    cost = call(:post, "/api/costs", { what: "Hire", category: "other", amount: "10", pieces: [{ piece_id: @piece }] })
    diary = ->(id) { call(:get, "/api/pieces/#{id}")["diary"].map { |entry| entry["text"] } }
    call(:patch, "/api/costs/#{cost['id']}", { amount: "12" })
    expect(diary.call(@piece)).to eq([]) # an ordinary correction
    call(:patch, "/api/costs/#{cost['id']}", { pieces: [{ piece_id: @piece }, { piece_id: two }] })
    expect([diary.call(@piece), diary.call(two)])
      .to eq([["The cost “Hire” was edited: spent so far €42.00 → €36.00."],
              ["The cost “Hire” was edited: spent so far €0.00 → €6.00."]])
    event(two, "sold", "2026-06-20", price: "20")
    call(:patch, "/api/costs/#{cost['id']}", { amount: "8" })
    expect(diary.call(two).last).to eq("The cost “Hire” was edited: spent so far €6.00 → €4.00, profit €14.00 → €16.00.")
  end

  it "refuses shares that cannot be" do
    expect(refusal(hours("1h", pieces: []), :pieces)).to include("Choose at least one piece")
    expect(refusal(hours("1h", pieces: [{ piece_id: @piece }, { piece_id: @piece }]), :pieces)).to include("twice")
    expect(refusal(hours("1h", pieces: [{ piece_id: @piece, weight: "-1" }]), :pieces)).to include("negative")
    hours("1h", pieces: [{ piece_id: 999 }])
    expect(status).to eq(404)
  end

  it "keeps a timer through a restart and shares its whole minutes over the pieces" do
    two = piece(name: "Two")
    three = piece(name: "Three")
    at("2026-06-30T09:00:00Z")
    timer = call(:post, "/api/timers", { kind: "painting", piece_ids: [@piece, two, three] })
    @app = nil # a new application, as after a restart
    at("2026-06-30T09:50:10Z")
    expect(call(:get,
                "/api/today")["timers"].first).to include("label" => "Painting", "long" => false,
                                                          "elapsed" => include("seconds" => 3010))
    expect(call(:get, "/api/timers")).to eq(call(:get, "/api/today").slice("timers"))
    entry = call(:post, "/api/timers/#{timer['id']}/stop", {})
    expect(entry["shares"].map { |share| share["effort"]["text"] }).to eq(["17 min", "17 min", "16 min"])
    expect(call(:get, "/api/today")["timers"]).to eq([])
    expect(call(:get, "/api/timers")["timers"]).to eq([])
    expect(call(:get, "/api/today")["worked"]["text"]).to eq("50 min")
  end

  it "lets one timer run for a person, and brings a discarded one back" do
    timer = call(:post, "/api/timers", { kind: "painting", piece_ids: [@piece] })
    expect(call(:post, "/api/timers",
                { kind: "sanding", piece_ids: [@piece] })["detail"]).to include("Me's timer is already running for painting")
    removal = call(:delete, "/api/timers/#{timer['id']}")
    expect(call(:get, "/api/today")["timers"]).to eq([])
    call(:post, "/api/deletions/#{removal['id']}/undo")
    expect(call(:get, "/api/today")["timers"].map { |one| one["id"] }).to eq([timer["id"]])
  end

  it "asks how long it really was when a timer ran for more than a day" do
    at("2026-06-28T09:00:00Z")
    timer = call(:post, "/api/timers", { kind: "painting", piece_ids: [@piece] })
    at("2026-06-30T09:00:00Z")
    expect(refusal(call(:post, "/api/timers/#{timer['id']}/stop", {}),
                   :effort)).to include("The timer has been running for 48 h. Enter how long the work really took")
    entry = call(:post, "/api/timers/#{timer['id']}/stop", { effort: "1:30" })
    expect([entry["effort"]["text"], entry["worked_on"]["iso"]]).to eq(["1 h 30", "2026-06-28"])
  end

  it "counts a timer on the local day of the workshop" do
    call(:patch, "/api/workshop", { lock_version: 0, time_zone: "Pacific/Auckland" })
    at("2026-06-29T13:00:00Z") # 01:00 on the 30th there
    timer = call(:post, "/api/timers", { kind: "painting", piece_ids: [@piece] })
    at("2026-06-29T14:00:00Z")
    expect(call(:post, "/api/timers/#{timer['id']}/stop", {})["worked_on"]["iso"]).to eq("2026-06-30")
  end

  it "removes a cost and hours and brings them back" do
    entry = hours("2h")
    removal = call(:delete, "/api/work/#{entry['id']}")
    expect(figure(@piece, "hours")["text"]).to be_nil
    hours("23h")
    call(:post, "/api/deletions/#{removal['id']}/undo")
    expect([status, figure(@piece, "hours")["text"]]).to eq([422, "23 h"])
  end
end
