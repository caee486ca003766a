# frozen_string_literal: true

require_relative "../support/planned_pieces"

# A pair, or a table with its chairs, worked in one go: what is fixed counts once, and each piece keeps its own ticks,
# hours and costs.
RSpec.describe Operations::Planning::Together, :api do
  include_context "with planned pieces"

  let(:twin) { planned("Twin") }

  def remaining(of) = call(:get, "/api/pieces/#{of}/plan")["plan"]["remaining"]["seconds"]

  def steps(of)
    call(:get, "/api/pieces/#{of}/plan")["plan"]["steps"].to_h { |step| [step["key"], step["time"]["seconds"]] }
  end

  def set = @set ||= call(:post, "/api/sets", { name: "Pair", piece_ids: [id, twin] })["id"]
  def plan = call(:get, "/api/sets/#{set}/plan")
  def piece_record(of) = Records::Piece.find(of)

  it "takes a pair less time than two alone, and its hours and materials add up over the pieces" do
    alone = [id, twin].map { |one| remaining(one) }
    washed = steps(id)["wash"]
    materials = [id, twin].map { |one| piece_record(one).cost_to_come_minor }
    set
    together = [id, twin].map { |one| remaining(one) }
    expect(plan["together"]["seconds"]).to eq(together.sum)
    expect(plan["alone"]["seconds"]).to eq(alone.sum)
    expect(alone.sum - together.sum).to be > 20 * 60
    expect(steps(id)["wash"]).to be < washed
    expect(steps(id)["record"]).to eq(6 * 60) # each piece's own picture
    expect([id, twin].map { |one| piece_record(one).seconds_to_come }).to eq(together)
    expect([id, twin].map { |one| piece_record(one).cost_to_come_minor }).to eq(materials)
  end

  it "lists each step once, ticks it piece by piece, and goes on where one of them has other work" do
    set
    wash = -> { plan["lines"].find { |line| line["key"] == "wash" } }
    expect(wash.call["pieces"].map { |one| one["state"] }).to eq(%w[open open])
    expect(wash.call["time"]["seconds"]).to eq(steps(id)["wash"] + steps(twin)["wash"])
    call(:post, "/api/pieces/#{twin}/steps/done", { step: "wash" })
    expect(wash.call["pieces"].map { |one| one.values_at("id", "state") }).to eq([[id, "open"], [twin, "done"]])
    call(:post, "/api/pieces/#{id}/findings", { kind: "wobble" })
    expect(plan["lines"].find { |line| line["key"] == "reglue" }["pieces"].map { |one| one["id"] }).to eq([id])
    order = plan["lines"].map { |line| line["key"] }
    expect(order.index("wash")).to be < order.index("reglue")
  end

  it "gives the twin shape, findings and look, and says what differs; what is known of the twin stands" do
    other = piece(name: "Other", kind: "chest of drawers", width: "900", height: "840")
    call(:post, "/api/pieces/#{id}/findings", { kind: "wobble" })
    call(:post, "/api/pieces/#{other}/findings", { kind: "grease" })
    call(:post, "/api/sets", { name: "Two", piece_ids: [id, other] })
    made = call(:post, "/api/looks/#{call(:get, "/api/pieces/#{id}/plan")['looks'].first['id']}/alike")
    expect(made["told"]).to eq(["Other: height is 840 mm, 850 mm on Chest. It keeps its own.",
                                "1 finding copied too: check Other for problems of its own."])
    page = call(:get, "/api/pieces/#{other}/plan")
    expect(page["findings"].map { |one| one["kind"] }).to contain_exactly("grease", "wobble")
    expect(page["zones"].count { |zone| zone["group"] == "fronts" && zone["role"] == "front" }).to eq(2)
    expect([call(:get, "/api/pieces/#{other}")["fields"].values_at("height", "depth"),
            page["plan"]["steps"].size > 10]).to eq([%w[840 450], true])
  end

  it "ends with the set: a piece that is ready, or a set that is broken, leaves the other to itself" do
    before = remaining(twin)
    set
    shared = remaining(twin)
    expect(shared).to be < before
    gone = call(:delete, "/api/sets/#{set}")
    expect([remaining(twin), piece_record(twin).seconds_to_come]).to eq([before, before])
    call(:post, "/api/deletions/#{gone['id']}/undo")
    expect([remaining(twin), piece_record(twin).seconds_to_come]).to eq([shared, shared])
  end
end
