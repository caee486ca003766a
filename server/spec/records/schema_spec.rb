# frozen_string_literal: true

require_relative "records_helper"

# What the schema itself refuses, past every validation.
RSpec.describe "the schema" do
  let(:records) { Kohlrabi::Records }
  let(:piece) { Kohlrabi::Desk::Pieces.create("name" => "Bench") }

  it "keeps the pragmas that the data rests on" do
    values = %w[foreign_keys journal_mode synchronous].map { |name| records::Base.connection.select_value("PRAGMA #{name}") }
    expect(values).to eq([1, "wal", 2])
  end

  it "refuses negative money, orphans, unknown kinds and a second sale" do
    expect { piece.update_columns(purchase_minor: -1) }.to raise_error(ActiveRecord::StatementInvalid, /CHECK/)
    expect { records::Event.create!(piece: piece, kind: "stolen") }.to raise_error(ActiveRecord::StatementInvalid, /CHECK/)
    expect { records::CostShare.insert!({ cost_id: 999, piece_id: piece.id, weight: "1", amount_minor: 1 }) }.to raise_error(ActiveRecord::InvalidForeignKey)
    records::Event.create!(piece: piece, kind: "sold")
    expect { records::Event.create!(piece: piece, kind: "sold") }.to raise_error(ActiveRecord::RecordNotUnique)
  end

  it "begins its transactions immediate, so that two writers cannot both read first" do
    entered = Queue.new
    order = []
    first = Thread.new do
      records::Base.transaction do
        records::Piece.count
        entered << true
        sleep 0.2
        order << :first
      end
    end
    entered.pop
    records::Base.transaction do
      records::Piece.count
      order << :second
    end
    first.join
    expect(order).to eq(%i[first second])
  end
end
