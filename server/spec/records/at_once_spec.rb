# frozen_string_literal: true

require_relative "../support/demo_records"

# Rows of several tables by one question, held against Active Record's own loading over the demo.
RSpec.describe Kohlrabi::Records::AtOnce, :own_data do
  include_context "with the records of the demo"

  tree = [{ events: %i[listing sale refund] }, { cost_shares: { cost: :receipts } }, { work_shares: { work_entry: :person } }, :photos,
          :planned_shape, { looks: :look_zones }, { findings: :own_finding }, { lot_member: :lot }, :summary, :prospect, :step_marks, :technique_tags]

  # Everything that hangs below a record, as values.
  def told(record, tree)
    pairs = Array(tree).flat_map { |one| one.is_a?(Hash) ? one.to_a : [[one, []]] }
    [record.attributes, *pairs.map { |name, below| Array(record.public_send(name)).map { |one| told(one, below.is_a?(Hash) ? [below] : below) } }]
  end

  def questions(&block)
    number = 0
    count = ->(*, event) { number += 1 unless event[:name] == "SCHEMA" }
    ActiveSupport::Notifications.subscribed(count, "sql.active_record", &block)
    number
  end

  it "gives what Active Record's preloading gives, by one question" do
    ids = Kohlrabi::Records::Piece.order(:id).pluck(:id)
    usual = Kohlrabi::Records::Piece.order(:id).preload(tree).to_a.map { |piece| told(piece, tree) }
    pieces = Kohlrabi::Records::Piece.order(:id).to_a
    told = nil
    expect(questions { described_class.preload(pieces, tree) }).to eq(1)
    expect(questions { told = pieces.map { |piece| told(piece, tree) } }).to eq(0)
    expect([pieces.map(&:id), told]).to eq([ids, usual])
  end

  it "goes on below what is filled already, and gives each row its owner" do
    piece = Kohlrabi::Records::Piece.joins(:looks).preload(:looks).first
    looks = piece.looks.to_a
    described_class.preload([piece], looks: :look_zones)
    expect(piece.looks.to_a).to eq(looks).and all(satisfy { |look| look.association(:look_zones).loaded? })
    expect(piece.looks.first.look_zones.first.look).to equal(piece.looks.first)
  end

  it "reads relations with their order and limit, values as they were written" do
    relations = { days: Kohlrabi::Records::Event.live.order(happened_on: :desc, id: :asc).limit(5), people: Kohlrabi::Records::Person.order(:id),
                  none: Kohlrabi::Records::Piece.where(id: 0) }
    found = nil
    expect(questions { found = described_class.rows(relations) }).to eq(1)
    expect(found).to eq(relations.transform_values(&:to_a))
    expect(found[:days].map(&:attributes)).to eq(relations[:days].map(&:attributes))
  end

  it "plucks sums beside whole rows" do
    shares = Kohlrabi::Records::CostShare
    found = described_class.rows(spent: [shares.group(:piece_id), :piece_id, "SUM(amount_minor)"], dear: shares.where(amount_minor: 9000..))
    expect(found[:spent].to_h).to eq(shares.group(:piece_id).sum(:amount_minor))
    expect(found[:dear]).to match_array(shares.where(amount_minor: 9000..).to_a)
  end
end
