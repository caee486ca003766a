# frozen_string_literal: true

require_relative "../support/records_helper"

# What the records of looks and plans hold to.
RSpec.describe "records of looks and plans" do
  let(:records) { Records }
  let(:operations) { Operations }
  let(:piece) { operations::Flips::Pieces.create("name" => "Chest", "kind" => "chest of drawers") }

  it "keep one look chosen, and one mark a step and zone, in the schema itself" do
    2.times { |place| records::Look.create!(piece: piece, name: "Look #{place}") }
    records::Look.first.update!(chosen: true)
    expect { records::Look.last.update!(chosen: true) }.to raise_error(ActiveRecord::RecordNotUnique)
    mark = { piece: piece, step: "wash", zone: "top", label: "Wash", work_kind: "cleaning", seconds: 60,
             done_at: Time.now }
    records::StepMark.create!(mark)
    expect { records::StepMark.create!(mark) }.to raise_error(ActiveRecord::RecordNotUnique)
  end

  it "refuse a finding of two kinds or of none, and measures and prices that cannot be" do
    own = operations::Planning::Findings.add_kind("label" => "Crayon", "walk" => "surface", "says" => "off", "work_kind" => "cleaning",
                                                  "time" => "5")
    expect { records::Finding.create!(piece: piece) }.to raise_error(ActiveRecord::StatementInvalid, /CHECK/)
    expect do
      records::Finding.create!(piece: piece, kind: "gouge",
                               own_finding: own)
    end.to raise_error(ActiveRecord::StatementInvalid, /CHECK/)
    expect do
      records::Finding.create!(piece: piece, kind: "gouge",
                               measure: 0)
    end.to raise_error(ActiveRecord::StatementInvalid, /CHECK/)
    expect do
      records::Look.create!(piece: piece, name: "x",
                            hardware_minor: -1)
    end.to raise_error(ActiveRecord::StatementInvalid, /CHECK/)
    expect do
      records::Product.create!(label: "x", generic: "glue",
                               pack_amount: 0)
    end.to raise_error(ActiveRecord::StatementInvalid, /CHECK/)
  end

  it "bring back exactly what one removal hid: a look with its zones, marks of one step" do
    look = operations::Planning::Looks.create(piece.id, "name" => "Green")
    zones = operations::Planning::Drawing.zones(piece).select(&:shown?).map(&:key)
    operations::Planning::Looks.paint(look.id, "zones" => zones, "finish" => "paint", "colour" => "#2f6b3f")
    operations::Planning::Steps.finish(piece.id, { "step" => "wash" })
    seconds = piece.reload.seconds_to_come
    reopened = operations::Planning::Steps.reopen(piece.id, "step" => "wash")
    expect(piece.reload.seconds_to_come).to be > seconds
    operations::Support::Removal.undo(reopened.id)
    expect(piece.reload.seconds_to_come).to eq(seconds)

    gone = operations::Planning::Looks.remove(look.id)
    expect(operations::Planning::Plans.of(piece.reload)).to be_nil
    operations::Support::Removal.undo(gone.id)
    expect(operations::Planning::Plans.of(piece.reload).step("wash").state).to eq("done")
    expect(piece.looks.first.look_zones.map(&:zone)).to match_array(zones)
  end

  it "hold the figures of a damage against those of the plan: taking it back restores what the plan says" do
    operations::Planning::Looks.create(piece.id, "name" => "As it is")
    planned = piece.reload.seconds_to_come
    damage = operations::Flips::Damages.create(piece.id, "what" => "leg broke", "place" => "way",
                                                         "hours_to_come" => "9 h")
    expect(piece.reload.seconds_to_come).to eq(9 * 3600)
    operations::Flips::Damages.remove(damage.id)
    expect(piece.reload.seconds_to_come).to eq(planned)
  end
end
