# frozen_string_literal: true

require_relative "../support/planned_pieces"

# One request, one transaction, one undo.
RSpec.describe "undoing what one request did", :api do
  include_context "with planned pieces"

  tables = %w[pieces events listings sales refunds costs cost_shares cost_links work_entries work_shares step_marks looks look_zones findings
              questions containers draws timers timer_pieces sale_returns session_moves diary_entries experiences price_steps price_decisions]

  # Every live row of the workshop, as far as somebody wrote it.
  define_method(:all_rows) do
    base = Records::Base.connection
    tables.to_h do |table|
      rows = base.select_all("SELECT * FROM #{table}").to_a.reject { |row| row["deletion_id"] }
      [table, rows.map { |row| row.except("updated_at", "lock_version") }.sort_by { |row| row["id"] }]
    end.transform_values { |rows| rows.reject { |row| orphan?(row) } }
  end

  # A share or a sale of something that is hidden now.
  def orphan?(row)
    { "cost_id" => "costs", "work_entry_id" => "work_entries", "event_id" => "events" }.any? do |column, table|
      row[column] && Records::Base.connection.select_value("SELECT deletion_id FROM #{table} WHERE id = #{row[column].to_i}")
    end
  end

  def act = last_response.headers["act"]
  def undo(id = act) = call(:post, "/api/acts/#{id}/undo")

  def stages
    Records::FlipSummary.where(live: true).order(:piece_id).map { |row| row.attributes.except("id", "created_at", "updated_at") }
  end

  # Does what the block asks for and undoes it with one request: all is as it was.
  def undone
    before = [all_rows, stages]
    yield
    expect([status, all_rows]).to match([be_between(200, 201), satisfy("have changed") { |now| now != before.first }])
    undo
    expect(status).to eq(200)
    expect(all_rows).to eq(before.first)
    expect(stages).to eq(before.last)
  end

  before do
    id
    call(:post, "/api/containers", { product: "degreaser", size: "1 l", paid: "9" })
  end

  it "brings back a sold piece that came back, with the cost of it, by one" do
    event(id, "listed", "2026-06-01", asking: "180")
    event(id, "sold", "2026-06-20", price: "160", fee: "16")
    undone do
      expect(call(:post, "/api/pieces/#{id}/return",
                  { lost: "5", fee_back: "4", why: "too wide" })["cost_id"]).to be_positive
    end
    expect(call(:get, "/api/pieces/#{id}")["stage"]).to eq("sold")
  end

  it "takes back a timer that was stopped as done, with what was used and ticked; it runs again" do
    done("record")
    timer = start("vacuum")
    wait_for(20)
    undone { call(:post, "/api/timers/#{timer['id']}/stop", { done: true, take: true }) }
    expect(call(:get, "/api/timers")["timers"].map { |one| one["id"] }).to eq([timer["id"]])
    undone { call(:post, "/api/timers/#{timer['id']}/stop", { badly: { lost: "10 min", note: "bag burst" } }) }
  end

  it "takes back hours with their ticks, a cost with its links, ready with its steps, a paint, a move and a receipt" do
    shares = [{ piece_id: id }]
    undone do
      call(:post, "/api/work",
           { kind: "cleaning", effort: "1 h", pieces: shares, done_steps: [{ piece_id: id, step: "vacuum" }] })
    end
    item = call(:get, "/api/still-to-buy?pieces=#{id}&what=paint")["rows"].sole["items"].find do |one|
      one["likely"]
    end["item"]
    undone do
      call(:post, "/api/costs", { what: "paint", amount: "24", pieces: shares, covers: [{ piece_id: id, item: item }] })
    end
    undone { event(id, "ready", "2026-06-30") }
    look = call(:get, "/api/pieces/#{id}/plan")["looks"].first["id"]
    undone { call(:put, "/api/looks/#{look}/zones", { zones: %w[top edge], finish: "stain", colour: "#4a3020" }) }
    undone { call(:put, "/api/schedule/moves", { steps: [{ piece_id: id, step: "record" }], day: "2026-07-04" }) }
    undone do
      call(:post, "/api/receipts",
           { shop: "Shed", lines: [{ what: "paint", amount: "10", pieces: shares }, { product: "glue", size: "250 ml", amount: "6" }] })
    end
    undone { call(:post, "/api/pieces/#{id}/steps/done-up-to", { step: "wash" }) }
    undone { call(:post, "/api/pieces/#{id}/findings", { kind: "gouge", zone: "top", measure: "2" }) }
  end

  it "takes back a purchase: what was spotted is open again" do
    spotted = call(:post, "/api/prospects", { kind: "trunk", tag: "20", condition: "worn" })["id"]
    undone { call(:post, "/api/prospects/#{spotted}/buy", { price: "18" }) }
    expect(Records::Prospect.find(spotted).state).to eq("open")
  end

  it "ticks a step that was opened again" do
    done("record")
    call(:post, "/api/pieces/#{id}/steps/open", { step: "record" })
    done("record")
    expect([status, step("record")["state"]]).to match([be_between(200, 201), "done"])
  end

  it "undoes an undo, and what a removal took away" do
    cost = call(:post, "/api/costs", { what: "knobs", amount: "9", category: "other", pieces: [{ piece_id: id }] })
    undone { call(:delete, "/api/costs/#{cost['id']}") }
    undone { call(:post, "/api/costs", { what: "wax", amount: "3", category: "other", pieces: [{ piece_id: id }] }) }
    undo # of the undo
    expect([status, call(:get, "/api/pieces/#{id}")["costs"].map { |one| one["what"] }]).to eq([200, %w[knobs wax]])
  end

  it "is refused where what it would take from the shelf was used for something else since" do
    draw = lambda { |amount|
      call(:post, "/api/draws", { product: "degreaser", amount: amount, pieces: [{ piece_id: id }] })
    }
    call(:delete, "/api/costs/#{draw.call('700 ml')['id']}")
    given_back = act
    draw.call("600 ml")
    before = all_rows
    expect(undo(given_back)["errors"].first).to include("code" => "shelf_taken_since")
    expect(all_rows).to eq(before)
  end

  it "is refused as a whole where something was changed since, and a second time" do
    cost = call(:post, "/api/costs", { what: "knobs", amount: "9", category: "other", pieces: [{ piece_id: id }] })
    first = act
    call(:patch, "/api/costs/#{cost['id']}", { amount: "11" })
    rows = all_rows
    expect([undo(first)["errors"].first["code"], status, all_rows]).to eq(["changed_since", 422, rows])
    call(:post, "/api/work", { kind: "sanding", effort: "1 h", pieces: [{ piece_id: id }], done_steps: [] })
    second = act
    undo(second)
    expect([undo(second)["errors"].first["code"],
            undo(99_999)["errors"].first["code"]]).to eq(%w[undone_already act_forgotten])
  end

  it "repeats the way back with an answer that is repeated" do
    body = { what: "knobs", amount: "9", category: "other", pieces: [{ piece_id: id }] }
    call(:post, "/api/costs", body, "HTTP_IDEMPOTENCY_KEY" => "a-key-of-its-own")
    first = act
    call(:post, "/api/costs", body, "HTTP_IDEMPOTENCY_KEY" => "a-key-of-its-own")
    expect([first, act]).to match([match(/\A\d+\z/), first])
  end

  it "takes nothing from a chosen look that is chosen again, nor from a face that is the face already" do
    plan = call(:get, "/api/pieces/#{id}/plan")
    look = plan["looks"].first
    2.times { call(:post, "/api/looks/#{look['id']}/choose", {}) }
    expect(call(:get, "/api/pieces/#{id}/plan").values_at("looks", "plan").map do |part|
      part.is_a?(Array) ? part.size : part["steps"].size
    end)
      .to eq([1, plan["plan"]["steps"].size])
    expect(Records::Look.where(chosen: true).pluck(:id)).to eq([look["id"]])
  end

  it "puts back what was removed as it stood, not as the request wrote it" do
    setting = { product: "paint_all", nozzle: "1.3 mm", setting: "4", thinning: "10", cup_seconds: "25" }
    call(:put, "/api/spray-settings", setting)
    kept = Records::SpraySetting.sole.attributes.except("updated_at")
    call(:put, "/api/spray-settings", { product: "paint_all", nozzle: "", setting: "", thinning: "", cup_seconds: "" })
    expect([status, Records::SpraySetting.count]).to eq([200, 0])
    undo
    expect(Records::SpraySetting.sole.attributes.except("updated_at")).to eq(kept)
  end
end
