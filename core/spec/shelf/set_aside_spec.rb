# frozen_string_literal: true

# Worked by hand; common practice, no source.
RSpec.describe Core::Shelf::SetAside do
  shelf = Core::Shelf
  let(:own) do
    [{ key: "own-1", label: "Barn white", like: "paint_all" },
     { key: "mix-1", label: "Cream", like: "paint_all", mix: { "paint_all" => 3/4r, "paint_chalk" => 1/4r } }]
  end
  let(:products) do
    shelf::Products.new(own: own,
                        colours: shelf::Colours.new([shelf::Colour.new(key: "c1",
                                                                       name: "Green", hex: "#2f6b3f", own: true)]))
  end

  def aside(there) = described_class.new(there, products)

  it "gives what is there to one need, and what is left to the next" do
    there = aside("glue" => 100)
    expect(Array.new(3) { there.take(products.fetch("glue"), 70) }).to eq([70, 30, 0])
  end

  it "lets a product of one's own stand in for its like, and neither a mix nor a tin of another or of no said colour" do
    need = products.fetch("paint_all@c1")
    expect(aside("own-1@c1" => 400).take(need, 500)).to eq(400)
    expect(aside("mix-1" => 400, "own-1" => 400, "paint_all" => 400).take(need, 500)).to eq(0)
  end

  it "buys a mix as its parts, as far as no batch of it stands ready" do
    expect(aside("mix-1" => 100).apart("mix-1" => { "Bench" => 300 })).to eq("paint_all" => { "Bench" => 150 },
                                                                             "paint_chalk" => { "Bench" => 50 })
    expect(aside("mix-1" => 300).apart("mix-1" => { "Bench" => 300 })).to eq({})
  end

  it "knows what a batch of the rest and an addition has cost, where both are known" do
    tin = shelf::Container.new(id: 1, volume: 1000, paid: 2000, drawn: 250, charged: 500)
    gift = shelf::Container.new(volume: 1, paid: nil, drawn: 0, charged: 0)
    expect([tin.worth_with(300), tin.worth_with(nil), gift.worth_with(300)]).to eq([1800, nil, nil])
  end
end
