# frozen_string_literal: true

require_relative "../support/records_helper"
require "sqlite3"

# Answers kept in memory hold until anybody has written anything.
RSpec.describe Operations::Support::VersionedCache do
  def ask = described_class.once(:number) { @asked = @asked.to_i + 1 }

  it "works an answer out once, and anew after a change of its own, an undone removal, or another process" do
    piece = Operations::Flips::Pieces.create("name" => "Bench")
    first = ask
    expect(ask).to eq(first)
    piece.update_columns(notes: "written without a callback")
    expect(ask).to eq(first + 1)
    file = Records::Base.connection_db_config.database
    SQLite3::Database.new(file) { |other| other.execute("UPDATE pieces SET notes = 'by another'") }
    expect(ask).to eq(first + 2)
    removal = Operations::Flips::Pieces.remove(piece.id)
    ask
    Operations::Support::Removal.undo(removal.id)
    expect(ask).to eq(first + 4)
  end

  it "keeps nothing within a transaction, whose changes may be taken back" do
    first = ask
    Records::Base.transaction do
      expect([ask, ask]).to eq([first + 1, first + 2])
      raise ActiveRecord::Rollback
    end
    expect(described_class.once(:number) { :anew }).to eq(first)
  end

  it "keeps the latest only, while time passes and nobody writes" do
    described_class.once(:first) { 1 }
    (1..described_class::MAX_ANSWERS).each { |minute| described_class.once([:later, minute]) { minute } }
    expect(described_class.once([:later, described_class::MAX_ANSWERS]) { :anew }).to eq(described_class::MAX_ANSWERS)
    expect(described_class.once(:first) { :anew }).to eq(:anew)
  end

  it "keeps nothing of a request during which somebody wrote: what it had read before is older" do
    piece = Operations::Flips::Pieces.create("name" => "Bench")
    name = ->(record) { described_class.once([:name, record.id]) { record.name } }
    Operations::Support::Context.open do
      read_before = Records::Piece.find(piece.id)
      Thread.new { Records::Piece.where(id: piece.id).update_all(name: "Settle") }.join
      expect(name.call(read_before)).to eq("Bench")
    end
    Operations::Support::Context.open { expect(name.call(Records::Piece.find(piece.id))).to eq("Settle") }
  end

  it "keeps answers to different questions apart" do
    expect([described_class.once(:one) { 1 }, described_class.once(:two) { 2 }, described_class.once(:one) do
      3
    end]).to eq([1, 2, 1])
  end
end
