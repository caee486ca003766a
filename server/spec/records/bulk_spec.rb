# frozen_string_literal: true

require_relative "../support/records_helper"

# Thousands of rows by one statement, with all that the database holds to.
RSpec.describe Records::Bulk do
  records = Records

  it "writes what was given as it is read back, stamped, and returns the ids in order" do
    ids = described_class.insert(records::Piece, %i[name ticket bought_on purchase_minor shape_checked],
                                 [["Desk", 1, Date.new(2026, 5, 1), 12_34, false], ["Stool é", 2, nil, nil, true]])
    rows = records::Piece.where(id: ids).index_by(&:id).values_at(*ids)
    expect(rows.map { |row| [row.name, row.bought_on, row.purchase_minor, row.shape_checked] })
      .to eq([["Desk", Date.new(2026, 5, 1), 12_34, false], ["Stool é", nil, nil, true]])
    expect(rows.map(&:created_at)).to all(eq(Time.iso8601("2026-06-30T12:00:00Z")))
  end

  it "leaves nothing behind where one row breaks a constraint" do
    writing = lambda do
      records::Base.transaction do
        described_class.insert(records::Piece, %i[name ticket purchase_minor], [["Desk", 1, 5], ["Chair", 2, -5]])
      end
    end
    expect(&writing).to raise_error(SQLite3::ConstraintException)
    expect(records::Piece.count).to eq(0)
    expect(described_class.insert(records::Piece, %i[name ticket], [])).to eq([])
  end

  it "goes on from ids that were given before, removed ones too" do
    first = described_class.insert(records::Piece, %i[name ticket], [["Desk", 1]])
    records::Piece.delete_all
    second = described_class.insert(records::Piece, %i[name ticket], [["Chair", 1]])
    expect(records::Piece.pluck(:id)).to eq(second)
    expect(second.first).to be >= first.first
  end
end
