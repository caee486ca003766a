# frozen_string_literal: true

require "spec_helper"

# ASTM F2057 (from memory): clothing storage from 27 in, 686 mm, high. Other cases: common practice, no source.
RSpec.describe Core::Planning::TipOver do
  def tips?(kind, height, depth, **rest)
    described_class.any?(Core::Planning::Shape::PieceShape.new(kind: kind, width: 900.0, height: height&.to_f, depth: depth&.to_f,
                                                               **rest))
  end

  it "goes by form and measures, whatever a piece is called" do
    expect(tips?("dresser", 1270, 450, drawer_rows: [1, 1, 1, 1, 1])).to be(true)
    expect(tips?("chest of drawers", 686, 686)).to be(true)
    expect(tips?("chest of drawers", 685, 685)).to be(false)
    expect(tips?("bookcase", 601, 400)).to be(true)   # 1.5025 times as high as deep
    expect(tips?("bookcase", 601, 401)).to be(false)  # 1.4988 times
    expect(tips?("bookcase", 600, 200)).to be(false)
    expect(tips?("table", 750, 300)).to be(false)
    expect(tips?("dresser", 650, 450, drawer_rows: [1], upper_height: 200.0)).to be(true) # an upper part on a lower one
  end

  it "takes what was not measured to be as usual of its kind" do
    expect(tips?("chest of drawers", nil, nil)).to be(true)
    expect(described_class.kind?("Wardrobe")).to be(true)
    expect(described_class.kind?("something tall")).to be(true)
    expect(%w[chair mirror stool].map { |kind| described_class.kind?(kind) }).to all(be(false))
    expect(described_class.kind?("bedside table")).to be(false)
  end
end
