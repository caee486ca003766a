# frozen_string_literal: true

require_relative "../support/api_helper"

# Kinds by what people call them, and the shape that follows, from the records.
RSpec.describe "kinds and shapes", :api do
  def shape(**given) = call(:post, "/api/shape", given)
  def plan(id) = call(:get, "/api/pieces/#{id}/plan")
  def look(id, **given) = call(:put, "/api/pieces/#{id}/shape", given)

  it "take a dresser for a chest of drawers: drawing, drawers, tip-over, verdict and history" do
    dresser = plan(piece(name: "Oak one", kind: "oak dresser"))
    expect(dresser["zones"].map { |zone| zone["key"] }).to include("front-1-2", "front-3-1")
    expect(dresser["shape"]).to include("known" => true, "assumed" => true, "kind" => "chest of drawers",
                                        "says" => "Assumed as usual for an oak dresser: 4 drawers. Not checked yet.")
    5.times do |time|
      event(piece(kind: time.odd? ? "dresser" : "Chest of drawers"), "sold", "2026-06-01", price: "300")
    end
    asked = ->(kind) { call(:post, "/api/prospects/answer", { kind: kind, condition: "worn" })["estimates"]["resale"] }
    expect(asked.call("lowboy").except("source")).to eq(asked.call("chest of drawers").except("source"))
    expect(asked.call("lowboy")["n"]).to eq(5)
    label = call(:get, "/api/books/compare?by=kind")["rows"].map { |row| [row["label"], row["ended"]] }
    expect(label).to eq([["Chest of drawers", 5]])
  end

  it "ask for the form of a word that nobody knows, once" do
    expect(shape(kind: "gizmo")).to include("known" => false,
                                            "says" => "Kohlrabi doesn't know what a “gizmo” looks like. Choose its shape.")
    first = piece(kind: "Gizmo", kind_form: "chair")
    expect(plan(first)["zones"].map { |zone| zone["key"] }).to include("seat")
    expect(plan(piece(kind: "gizmos"))["shape"]["known"]).to be(false)
    expect(plan(piece(kind: " gizmo ", name: "Second"))["shape"]["known"]).to be(true)
    expect(call(:get, "/api/workshop").dig("lists", "kinds")).to include("gizmo", "highboy")
    call(:post, "/api/prospects", { kind: "churn", kind_form: "trunk", condition: "worn" })
    expect(shape(kind: "churn")).to include("known" => true)
    expect(refusal(call(:post, "/api/pieces", { name: "x", kind: "whatsit", kind_form: "blob" }),
                   :kind_form)).to include("isn't one of the choices")
    expect(shape(kind: "whatsit")["known"]).to be(false)
  end

  it "draw nothing that was emptied once somebody looked, and plan on that" do
    id = piece(kind: "washstand", width: "800", depth: "450", height: "780")
    filled = plan(id)["shape"]["filled"]
    expect(filled).to include("drawer_rows" => "1", "doors" => "2", "base" => "legs", "width" => "800",
                              "upper_height" => "")
    looked = look(id, **filled.transform_keys(&:to_sym), doors: "", drawer_rows: "2")
    expect(looked["shape"]).to include("assumed" => false, "says" => nil)
    expect(looked["zones"].map { |zone| zone["key"] }.grep(/door|front/)).to eq(%w[front-1-1 front-1-2])
    expect(refusal(look(id, drawer_rows: "9,x"), :drawer_rows)).to include("doesn't say how many drawers there are")
    expect(refusal(look(id, doors: "99"), :doors)).to include("doors can't be drawn")
    expect(plan(id)["shape"]["filled"]).to include("drawer_rows" => "2") # what was refused changed nothing
  end

  it "ask about a measure far outside what its kind has, and take it when it is right" do
    odd = call(:post, "/api/pieces", { name: "Chest", kind: "dresser", width: "54 mm" })
    expect(odd["errors"].first).to include("field" => "width", "code" => "measure_unusual",
                                           "message" => "A dresser with a width of 54 mm is unusual; 900 mm is common. " \
                                                        "Check the number and its unit, or confirm that it's correct.")
    id = piece(kind: "dresser", width: "54 mm", sure: "yes")
    expect(call(:patch, "/api/pieces/#{id}", { lock_version: 0, notes: "a doll's" })["fields"]["notes"]).to eq("a doll's") # asked once
    expect(refusal(look(id, width: "54 mm", height: "9 m"), :height)).to include("A dresser with a height of 9000 mm is unusual; 850 mm is common")
    expect(piece(kind: "gizmo", width: "54 mm")).to be_positive # of what nobody knows nothing is usual
  end

  it "take a mirror off as a planned change of shape" do
    id = piece(kind: "dresser with mirror", width: "1100", depth: "480", height: "1600")
    call(:put, "/api/pieces/#{id}/planned-shape", { without_upper: "yes" })
    expect(plan(id)["acts"].map { |act| act["label"] }).to eq(["Take off the mirror"])
    expect(plan(id)["zones"].map { |zone| zone["key"] }).not_to include("mirror-frame")
    expect(plan(id)["drawing"]["height"]).to eq(800)
  end
end
