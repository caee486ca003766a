# frozen_string_literal: true

require "spec_helper"

# Whole containers: by hand.
RSpec.describe Core::Planning::Stock do
  products = Core::Shelf::Products.new(currency: Plans::EURO)
  line = ->(key, amount, list = products) { described_class.new({ key => amount }, list).lines.first }

  # all-in-one paint: 500 ml at 24.00, 1 L at 42.00
  { 1 => { 500 => 1 }, 500 => { 500 => 1 }, 501 => { 1000 => 1 }, 1000 => { 1000 => 1 }, 1001 => { 500 => 1, 1000 => 1 },
    1500 => { 500 => 1, 1000 => 1 },
    1501 => { 1000 => 2 }, 2600 => { 1000 => 3 } }.each do |amount, packs|
    it "takes #{packs.map { |size, number| "#{number} × #{size}" }.join(' and ')} for #{amount} ml" do
      bought = line.call("paint_all", amount)
      expect(bought.packs).to eq(packs)
      expect([bought.bought, bought.over]).to eq([packs.sum do |size, number|
        size * number
      end, packs.sum do |size, number|
             size * number
           end - amount])
      expect(bought.price).to eq(packs.sum { |size, number| { 500 => 2400, 1000 => 4200 }.fetch(size) * number })
    end
  end

  it "is never dearer than any other way of buying enough (all ways up to six of each size)" do
    [120, 640, 990, 1430, 2210, 3777].each do |amount|
      ways = (0..6).to_a.product((0..6).to_a).select { |small, large| (small * 500) + (large * 1000) >= amount }
      expect(line.call("paint_all", amount).price).to eq(ways.map { |small, large|
        (small * 2400) + (large * 4200)
      }.min)
    end
  end

  it "counts the part used to the minor unit, and never more than was paid" do
    one = line.call("paint_all", 333)
    expect([one.price, one.used]).to eq([2400, 1598]) # 24.00 × 333 ÷ 500 = 15.984
    all = described_class.new({ "paint_all" => 333, "degreaser" => 750 }, products)
    expect([all.price, all.used]).to eq([2400 + 600, 1598 + 600])
    expect(described_class.new({ "paint_all" => 0 }, products).lines).to be_empty
  end

  it "takes a product of the workshop's own by its own container, and says when it has no price" do
    own = { key: "own-1", like: "paint_all", label: "own satin", packs: [[750, nil]] }
    list = Core::Shelf::Products.new(own: [own], currency: Plans::EURO)
    stock = described_class.new({ "own-1" => 800, "degreaser" => 10 }, list)
    expect(stock.lines.first).to have_attributes(packs: { 750 => 2 }, price: nil, used: nil)
    expect([stock.price, stock.used, stock.unpriced]).to eq([nil, nil, ["own satin"]])
  end

  it "lets another product stand in, and refuses one that is not there" do
    swapped = products.with_swaps("paint_all" => "paint_enamel")
    expect(swapped.fetch("paint_all")[:label]).to eq("acrylic trim enamel")
    expect(products.fetch("paint_all")[:label]).to eq("all-in-one satin paint")
    expect { products.fetch("paint_gold") }.to raise_error(Core::Refusal) { |error| expect(error.field).to eq(:product) }
    expect(products.of_kind("primer").map { |row| row[:key] }).to eq(%w[primer_shellac primer_block primer_bond])
  end
end
