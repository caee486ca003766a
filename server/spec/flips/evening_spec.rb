# frozen_string_literal: true

require_relative "../support/api_helper"

# What is written down in the evening: the hours of a day at once, and a receipt with its lines.
RSpec.describe "the evening", :api do
  let(:me) { call(:get, "/api/workshop").fetch("people").first.fetch("id") }
  let(:desk) { piece(name: "Desk") }
  let(:chair) { piece(name: "Chair") }

  def day(*rows, **rest) = call(:post, "/api/days", { worked_on: "2026-06-29", rows: rows, **rest })
  def row(id, kind, effort, **rest) = { pieces: [{ piece_id: id }], kind: kind, effort: effort, **rest }
  def hours(id) = call(:get, "/api/pieces/#{id}")["work"].map { |work| [work["kind"], work["effort"]["text"]] }

  def money_in(id)
    call(:get, "/api/pieces/#{id}")["costs"].map { |cost| [cost["what"], cost["category"], cost["amount"]["text"]] }
  end

  it "records several pieces and kinds of work at once; a bare number is hours, or minutes where that was chosen" do
    day(row(desk, "sanding", "2"), row(chair, "painting", "45 min"), row(desk, "painting", "1,5"))
    expect([hours(desk), hours(chair)]).to eq([[["sanding", "2 h"], ["painting", "1 h 30"]], [["painting", "45 min"]]])
    day(row(chair, "repair", "20"), unit: "min")
    expect(hours(chair).last).to eq(["repair", "20 min"])
  end

  it "counts an hour of two people as two, and takes back all that was recorded together, and undoes that" do
    other = call(:post, "/api/people", { name: "Ada" })["id"]
    made = day(row(desk, "sanding", "1", people: [me, other]))
    expect(made["ids"].size).to eq(2)
    expect(call(:get, "/api/pieces/#{desk}")["figures"].find { |one| one["key"] == "hours" }["text"]).to eq("2 h")
    removed = call(:post, "/api/days/removals", made)
    expect(hours(desk)).to eq([])
    call(:post, "/api/deletions/#{removed['id']}/undo")
    expect(hours(desk).size).to eq(2)
  end

  it "writes nothing where one row cannot be, and names it" do
    answer = day(row(desk, "sanding", "2"), row(chair, "painting", "lots"))
    expect(refusal(answer, "rows/1/effort")).to include("isn't an amount of time")
    expect(refusal(day(row(desk, "sanding", "2"), row(chair, "juggling", "1")),
                   "rows/1/kind")).to include("isn't a kind of work")
    expect(refusal(day(row(desk, "sanding", "20 h"), row(desk, "painting", "6")),
                   "rows/1/effort")).to include("a day has 24 h")
    expect(refusal(day, :rows)).to include("You haven't entered time")
    expect(hours(desk)).to eq([])
  end

  it "offers what was worked on last first, with its kind of work" do
    [desk, chair].each { |id| id }
    day(row(chair, "painting", "1"))
    expect(call(:get,
                "/api/days/offers")["rows"].first).to eq("piece" => { "id" => chair, "name" => "Chair" },
                                                         "kind" => "painting")
  end

  def receipt(*lines, **rest)
    call(:post, "/api/receipts", { shop: "Corner hardware", spent_on: "2026-06-29", lines: lines, **rest })
  end

  it "shares a receipt over pieces and the shelf, its tax by amounts, so that all adds up to what was paid" do
    made = receipt({ what: "Drawer pulls", amount: "12,00", pieces: [{ piece_id: desk }] },
                   { what: "Sandpaper", amount: "6.00", pieces: [{ piece_id: desk }, { piece_id: chair }] },
                   { product: "paint_all", size: "1 L", amount: "22" }, tax: "3.01", total: "43.01")
    expect(made).to include("shop" => "Corner hardware", "total" => include("text" => "€43.01"))
    # 3.01 over 12, 6 and 22 of 40: 0.903, 0.4515, 1.6555; the largest remainders take what is left.
    expect(money_in(desk)).to eq([["Drawer pulls", "hardware", "€12.90"], %w[Sandpaper materials €6.45]])
    expect(call(:get, "/api/shelf")["worth"]["text"]).to eq("€23.66")
    removed = call(:delete, "/api/receipts/#{made['id']}")
    expect([money_in(desk), call(:get, "/api/shelf")["rows"]]).to eq([[], []])
    call(:post, "/api/deletions/#{removed['id']}/undo")
    expect(money_in(chair)).to eq([%w[Sandpaper materials €6.45]])
    expect(call(:get, "/api/days/offers")["shops"]).to eq(["Corner hardware"])
  end

  it "says by how much a receipt does not add up, names the line that cannot be, and writes nothing" do
    line = { what: "Pulls", amount: "10", pieces: [{ piece_id: desk }] }
    expect(refusal(receipt(line, total: "12.50"),
                   :total)).to eq("The lines and tax add up to €10.00, but the receipt's total is €12.50. Check the amounts: €2.50 is missing.")
    expect(refusal(receipt(line, { what: "Glue", amount: "-1", pieces: [{ piece_id: desk }] }),
                   "lines/1/amount")).to include("negative")
    expect(refusal(receipt(line, { product: "paint_all", size: "1 qrt", amount: "5" }),
                   "lines/1/size")).to include("Did you mean")
    expect(refusal(receipt(line, { what: "Glue", amount: "5" }), "lines/1/pieces")).to include("No piece is selected")
    expect(refusal(receipt, :lines)).to include("no lines")
    expect(money_in(desk)).to eq([])
  end

  it "guesses what a cost is for from its words" do
    guessed = ["Drawer pulls", "cup pull, brass", "1 qt primer", "Sandpaper P120", "hinge oil", "parking",
               "Casters"].to_h do |what|
      [what, call(:get, "/api/read/category?what=#{Rack::Utils.escape(what)}")["category"]]
    end
    expect(guessed.values).to eq(%w[hardware hardware materials materials materials other hardware])
  end

  it "exchanges a tin that was not begun for another, in one act, and none that was" do
    id = call(:post, "/api/containers", { product: "paint_all", size: "1 L", paid: "20" })["ids"].first
    made = call(:patch, "/api/containers/#{id}", { product: "paint_enamel", size: "750 ml", paid: "25" })
    expect(made["fields"]).to include("product" => "paint_enamel", "size" => "750 ml", "paid" => "25.00")
    call(:post, "/api/draws", { product: "paint_enamel", amount: "100 ml", pieces: [{ piece_id: desk }] })
    expect(refusal(call(:patch, "/api/containers/#{id}", { product: "paint_all" }),
                   :product)).to include("You've already used some of it at this price")
    expect(call(:post, "/api/containers/#{id}/level", { share: "45%" })["percent"]).to eq(45)
  end
end
