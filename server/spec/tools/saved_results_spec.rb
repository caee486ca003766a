# frozen_string_literal: true

require_relative "../support/records_helper"

# What tools start from, and what is kept of them.
RSpec.describe "bench tools at the desk" do
  operations = Operations
  records = Records

  let(:piece) do
    measures = { "width" => "900", "depth" => "450", "height" => "850", "drawer_rows" => "1,2" }
    operations::Flips::Pieces.create("name" => "Oak chest", "kind" => "chest of drawers", "body_material" => "solid",
                                     **measures)
  end

  it "starts from fronts, doors, leg, painted area and wood of a piece" do
    start = operations::Tools::SavedResults.start(piece)
    expect([start.width, start.depth, start.height, start.material,
            start.fronts.size]).to eq([900.0, 450.0, 850.0, "Oak chest solid", 3])
    wide, high = start.fronts.first
    expect([wide.between?(700, 900), high.between?(50, 450)]).to eq([true, true])
    expect(operations::Tools::SavedResults.begun(Core::Tools::Weight,
                                                 piece)).to include(material: "oak", drawers: "3", wide: "900")
    cupboard = operations::Flips::Pieces.create("name" => "Cupboard", "kind" => "cabinet", "width" => "800", "depth" => "400", "height" => "1200",
                                                "doors" => "2")
    expect(operations::Tools::SavedResults.start(cupboard).doors.size).to eq(2)
    shelf = operations::Flips::Pieces.create("name" => "Shelf", "kind" => "bookcase", "body_material" => "laminate")
    expect(operations::Tools::SavedResults.begun(Core::Tools::Weight, shelf)[:material]).to eq("chipboard")
    expect(operations::Tools::SavedResults.begun(Core::Tools::Hinges, cupboard)[:high].to_f).to be > 800
  end

  it "paints what the look paints: less where zones are left as they are" do
    all = operations::Tools::SavedResults.start(piece).painted
    look = operations::Planning::Looks.create(piece.id, "name" => "Top only")
    operations::Planning::Looks.paint(look.id, "zones" => ["top"], "finish" => "paint", "colour" => "#ffffff")
    top = operations::Tools::SavedResults.start(piece.reload).painted
    expect(top).to be_between(300_000, 500_000) # 0.9 × 0.45 m
    expect(top).to be < all
  end

  it "knows nothing of an unmeasured piece, and begins with what is usual" do
    bare = operations::Flips::Pieces.create("name" => "Stool")
    tool = Core::Tools::SplitTop
    expect(operations::Tools::SavedResults.begun(tool, bare)).to eq(operations::Tools::SavedResults.begun(tool, nil))
  end

  it "keeps what was typed with its unit: a change of the house's unit does not change what was kept" do
    row = operations::Tools::SavedResults.save(piece.id, "tool" => "split_top",
                                                         "values" => { "wide" => "900", "deep" => "450" })
    before = operations::Tools::SavedResults.again(row).lines.find { |line| line.label == "Saw line" }.text
    records::Workshop.update_all(length_unit: "in")
    expect(operations::Tools::SavedResults.again(row.reload).lines.find do |line|
      line.label == "Saw line"
    end.text).to eq(before)
  end

  it "keeps nothing of what cannot be, nor on a piece that is not there" do
    expect do
      operations::Tools::SavedResults.save(piece.id, "tool" => "split_top",
                                                     "values" => { "wide" => "none" })
    end.to raise_error(operations::Support::Refused)
    expect do
      operations::Tools::SavedResults.save(piece.id, "tool" => "none", "values" => {})
    end.to raise_error(operations::Support::Refused)
    expect do
      operations::Tools::SavedResults.save(999, "tool" => "split_top", "values" => {})
    end.to raise_error(operations::Support::NotFound)
    expect(records::ToolResult.count).to eq(0)
  end

  it "asks for materials of pieces in hand only, summed over results, until they are done" do
    first = operations::Tools::SavedResults.save(piece.id, "tool" => "brackets", "values" => { "drawers" => "1" })
    operations::Tools::SavedResults.save(piece.id, "tool" => "brackets", "values" => { "drawers" => "2" })
    # 16 and 32 screws, each with 10%: 18 and 36.
    expect(operations::Tools::SavedResults.needs).to eq("screws" => { "Oak chest" => 54 })
    operations::Tools::SavedResults.finish(first.id, "done" => true)
    expect(operations::Tools::SavedResults.needs).to eq("screws" => { "Oak chest" => 36 })
    operations::Flips::Events.create(piece.id, "kind" => "kept", "on" => operations::Support::Workshop.today.iso8601)
    expect(operations::Tools::SavedResults.needs).to eq({})
  end

  it "puts offcuts away once, and takes them back with the tick" do
    row = operations::Tools::SavedResults.save(piece.id, "tool" => "sticks", "values" => { "parts" => "3 × 600 leg" })
    2.times { operations::Tools::SavedResults.finish(row.id, "done" => true, "offcuts" => true) }
    expect(records::StashItem.live.pluck(:name, :length_mm, :origin)).to eq([["Offcut of a stick", 591.0, "Oak chest"]])
    gone = operations::Tools::SavedResults.remove(row.id)
    expect(records::StashItem.live.count).to eq(0)
    operations::Support::Removal.undo(gone.id)
    expect([records::StashItem.live.count, records::ToolResult.live.count]).to eq([1, 1])
  end

  it "says that a result cannot be reckoned any more where its product is gone" do
    product = operations::Shelf::Products.create("label" => "Odd paint", "generic" => "paint_all")
    row = operations::Tools::SavedResults.save(piece.id, "tool" => "quantity",
                                                         "values" => { "product" => operations::Shelf::Products.key(product), "area" => "1" })
    expect(operations::Tools::SavedResults.again(row).headline).to include("Odd paint")
    product.update_columns(deletion_id: records::Deletion.create!(what: "gone").id)
    expect(operations::Tools::SavedResults.again(row)).to be_nil
  end
end
