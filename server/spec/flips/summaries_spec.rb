# frozen_string_literal: true

require_relative "../support/records_helper"

RSpec.describe Operations::House::Doctor do
  [11, 42, 2026].each do |seed|
    it "finds every stored figure as computed after random edits (seed #{seed})" do
      edits = RandomEdits.new(seed)
      Records::Base.connection.execute("PRAGMA synchronous = OFF")
      150.times { edits.step }
      expect(Records::Piece.count).to be > 15
      expect(described_class.examine).to eq([])
    ensure
      Records::Base.connection.execute("PRAGMA synchronous = FULL")
    end
  end

  it "finds a figure that was tampered with, shares that do not add up, and mends the figures" do
    piece = Operations::Flips::Pieces.create("name" => "Bench", "purchase" => "10")
    Operations::Flips::Costs.create("what" => "Oil", "category" => "materials", "amount" => "5",
                                    "pieces" => [{ "piece_id" => piece.id }])
    piece.summary.update_columns(cash_in_minor: 1)
    expect(described_class.examine).to eq(["Piece #{piece.id}: stored cash_in_minor differ."])
    described_class.mend
    expect(described_class.examine).to eq([])
    Records::CostShare.update_all(amount_minor: 499)
    expect(described_class.examine).to include(/Shares of cost \d+ don't add up/)
  end
end
