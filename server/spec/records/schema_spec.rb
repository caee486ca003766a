# frozen_string_literal: true

require_relative "../support/records_helper"

# What the schema itself refuses, past every validation.
RSpec.describe "the schema" do
  let(:records) { Records }
  let(:piece) { Operations::Flips::Pieces.create("name" => "Bench") }

  it "keeps the pragmas that the data rests on" do
    # On a connection of its own, as every one is opened; the specs' own does without waiting for the disk.
    pragmas = %w[foreign_keys journal_mode synchronous]
    values = Thread.new do
      records::Base.connection_pool.with_connection do |own|
        pragmas.map do |name|
          own.select_value("PRAGMA #{name}")
        end
      end
    end.value
    expect(values).to eq([1, "wal", 2])
  end

  it "refuses negative money, orphans, unknown kinds and a second sale" do
    expect { piece.update_columns(purchase_minor: -1) }.to raise_error(ActiveRecord::StatementInvalid, /CHECK/)
    expect do
      records::Event.create!(piece: piece, kind: "stolen")
    end.to raise_error(ActiveRecord::StatementInvalid, /CHECK/)
    expect do
      records::CostShare.insert!({ cost_id: 999, piece_id: piece.id, weight: "1", amount_minor: 1 })
    end.to raise_error(ActiveRecord::InvalidForeignKey)
    records::Event.create!(piece: piece, kind: "sold")
    expect { records::Event.create!(piece: piece, kind: "sold") }.to raise_error(ActiveRecord::RecordNotUnique)
  end

  it "refuses hours out of order, a container of nothing, two moves of one step, and humidity beyond its scale" do
    me = records::Person.first
    invalid = raise_error(ActiveRecord::StatementInvalid, /CHECK/)
    expect { records::WorkingHours.create!(person: me, weekday: 2, from_minute: 600, to_minute: 540) }.to invalid
    expect do
      records::WorkingHours.create!(person: me, weekday: 2, day: Date.new(2026, 6, 30), from_minute: 1,
                                    to_minute: 2)
    end.to invalid
    expect { records::WorkingHours.create!(person: me, weekday: 7, from_minute: 1, to_minute: 2) }.to invalid
    expect { records::Container.create!(product: "glue", size_thousandths: 0) }.to invalid
    expect { records::Container.create!(product: "glue", size_thousandths: 1, paid_minor: -1) }.to invalid
    expect { records::ClimateReading.create!(air: 20, humidity: 101, source: "sensor", taken_at: Time.now) }.to invalid
    records::SessionMove.create!(piece: piece, step: "wash", day: Date.new(2026, 7, 1))
    expect { records::SessionMove.create!(piece: piece, step: "wash", day: Date.new(2026, 7, 2)) }.to raise_error(ActiveRecord::RecordNotUnique)
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
