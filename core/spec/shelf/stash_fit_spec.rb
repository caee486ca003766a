# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Shelf::StashFit do
  def item(id, kind, count, **rest)
    described_class::Item.new(id: id, name: "thing #{id}", kind: kind, number: count, **rest)
  end

  def need(kind, count, **rest) = described_class::Need.new(kind: kind, what: kind, number: count, **rest)

  def answers(items, *needs)
    described_class.new(items, needs).answers.map { |answer| [answer.item.id, answer.state, answer.why] }
  end

  it "finds a pull with 96 mm between its holes among others, and says what is wrong with them" do
    items = [item(1, "pull", 6, spacing: 64.0), item(2, "pull", 4, spacing: 96.0), item(3, "pull", 8, spacing: 95.5), item(4, "pull", 8),
             item(5, "leg", 4)]
    expect(answers(items, need("pull", 6, spacing: 96.0)))
      .to eq([[3, "fits", "8 there, 6 needed, 96 mm between holes"], [2, "short", "4 of 6"],
              [1, "no", "64 mm between holes, not 96 mm: fill the holes and drill new " \
                        "ones"], [4, "no", "it has one hole, or its spacing isn't measured"]])
    expect( # without holes any spacing will do
      answers(items, need("pull", 6)).map do |row|
        row[1]
      end
    ).to eq(%w[fits fits fits short])
  end

  it "wants four legs at least 150 mm long, and boards large enough" do
    legs = [item(1, "leg", 4, long: 150.0), item(2, "leg", 4, long: 140.0), item(3, "leg", 3, long: 300.0),
            item(4, "leg", 4)]
    expect(answers(legs, need("leg", 4, long: 150.0)).map do |row|
      row.first(2)
    end).to eq([[1, "fits"], [3, "short"], [2, "no"], [4, "no"]])
    boards = [item(1, "board", 2, long: 900.0, wide: 300.0), item(2, "board", 2, long: 900.0, wide: 280.0)]
    expect(answers(boards, need("board", 2, long: 850.0, wide: 300.0)))
      .to eq([[1, "fits", "2 there, 2 needed, 900 mm long"], [2, "no", "280 mm wide, 300 mm are needed"]])
  end

  it "has nothing to say of an empty stash or a piece that takes nothing" do
    expect(answers([], need("pull", 2))).to eq([])
    expect(answers([item(1, "pull", 2)])).to eq([])
  end
end
