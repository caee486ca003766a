# frozen_string_literal: true

require_relative "../support/api_helper"

# The stash on a piece: what fits, what was used, and the full-cost view.
RSpec.describe "the stash on a piece", :api do
  let(:id) do
    piece(name: "Chest", kind: "chest of drawers", width: "900", depth: "450", height: "850", drawer_rows: "2,1")
  end

  def stash(name, **fields) = call(:post, "/api/stash", { name: name, count: "6", kind: "pull", **fields }).fetch("id")
  def use(item, count) = call(:post, "/api/stash/#{item}/uses", { piece_id: id, count: count })
  def fits = call(:get, "/api/pieces/#{id}/stash")["fits"].to_h { |fit| [fit["name"], fit["state"]] }
  def item(of) = call(:get, "/api/stash")["items"].find { |one| one["id"] == of }

  it "finds what fits by count and measure" do
    call(:post, "/api/pieces/#{id}/findings", { kind: "old_holes", measure: "96" })
    stash("brass bows", spacing: "96")
    stash("small knobs", spacing: "64")
    stash("two bows", spacing: "96", count: "2")
    stash("turned legs", kind: "leg", count: "4", length: "150")
    expect(fits).to include("brass bows" => "fits", "small knobs" => "no", "two bows" => "short")
    expect(call(:get,
                "/api/stash")["items"].first).to include("kind_label" => "Leg",
                                                         "measures" => include("length" => "150"))
    expect(refusal(call(:post, "/api/stash", { name: "x", count: "1", kind: "rocket" }),
                   :kind)).to include("isn't one of the choices")
  end

  it "is used without cash, bears its replacement value in the full-cost view, and is put back" do
    call(:patch, "/api/workshop", { lock_version: call(:get, "/api/workshop")["lock_version"], overhead: "2.40" })
    bows = stash("brass bows", value: "3.20")
    made = use(bows, "3").fetch("id")
    expect(item(bows)).to include("count" => 6, "left" => 3, "worth" => include("text" => "€9.60"))
    expect(refusal(use(bows, "4"), :count)).to include("There are only 3 of brass bows")
    expect(refusal(call(:patch, "/api/stash/#{bows}", { count: "2" }), :count)).to include("on pieces")
    call(:post, "/api/work", { kind: "sanding", effort: "2 h", worked_on: "2026-06-01", pieces: [{ piece_id: id }] })
    event(id, "sold", "2026-06-20", price: "100")
    # 100 − 30 = 70 in cash; less 3 × 3.20 of the stash and 2 h × 2.40 of overhead: 55.60.
    expect([figure(id, "cash_profit")["text"], figure(id, "full_cost_profit")["text"]]).to eq(["€70.00", "€55.60"])
    expect(call(:get, "/api/pieces/#{id}")["diary"].map do |line|
      line["text"]
    end).to include("From the stash: 3 × brass bows.")
    gone = call(:delete, "/api/stash-uses/#{made}")
    expect(gone["what"]).to eq("3 × brass bows back in the stash")
    expect([item(bows)["left"], figure(id, "full_cost_profit")["text"]]).to eq([6, "€65.20"])
    call(:post, "/api/deletions/#{gone['id']}/undo")
    expect(item(bows)["left"]).to eq(3)
  end

  it "leaves the full-cost profit undefined where a value is not known, and out where there is nothing to add" do
    event(id, "sold", "2026-06-20", price: "100")
    expect(figure(id, "full_cost_profit")).to be_nil
    use(stash("odd knobs"), "1")
    expect(figure(id, "full_cost_profit")).to include("text" => nil, "why" => include("the value of something you used from the stash is missing"))
  end
end
