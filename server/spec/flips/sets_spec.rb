# frozen_string_literal: true

require_relative "../support/records_helper"

RSpec.describe Operations::Flips::Sets do
  let(:operations) { Operations }

  def piece(price, **rest)
    operations::Flips::Pieces.create({ "name" => "Chair", "purchase" => price,
                                       "bought_on" => "2026-05-01" }.merge(rest.transform_keys(&:to_s))).id
  end

  def listed(id, asking)
    operations::Flips::Events.create(id, "kind" => "listed", "on" => "2026-05-10", "asking" => asking)
  end

  def set(*ids) = described_class.create("name" => "Set", "piece_ids" => ids)

  def happen(set, kind, **rest)
    described_class.happen(set.id, { "kind" => kind, "on" => "2026-06-01" }.merge(rest.transform_keys(&:to_s)))
  end

  def events(id)
    Records::Event.live.where(piece_id: id).order(:position).map { |event| [event.kind, (event.listing || event.sale)&.then { |row| row.try(:asking_minor) || row.try(:price_minor) }] }
  end

  it "shares by the prices asked alone before, where each had one" do
    ids = [piece("10", expected_resale: "1"), piece("10", expected_resale: "9")]
    listed(ids[0], "80")
    listed(ids[1], "40")
    made = set(*ids)
    expect(described_class.weights(made)).to eq([:asking, [8000, 4000]])
    happen(made, "sold", price: "99.99")
    # 2 : 1 of 99.99.
    expect(ids.map { |id| events(id).last }).to eq([["sold", 6666], ["sold", 3333]])
  end

  it "shares by what is expected where one was never asked for alone" do
    ids = [piece("10", expected_resale: "75"), piece("90", expected_resale: "25")]
    listed(ids[0], "80")
    expect(described_class.weights(set(*ids))).to eq([:resale, [7500, 2500]])
  end

  it "lists those that are not on the market yet, and changes the price of those that are" do
    on_market = piece("10")
    waiting = piece("30")
    listed(on_market, "20")
    made = set(on_market, waiting)
    happen(made, "listed", asking: "100")
    expect([events(on_market),
            events(waiting)]).to eq([[["listed", 2000], ["price_changed", 2500]], [["listed", 7500]]])
    described_class.break_up(made.id)
    expect([events(on_market), events(waiting)]).to eq([[["listed", 2000]], []])
    diary = Records::DiaryEntry.where(piece_id: waiting).pluck(:text)
    expect(diary).to eq(["The set “Set” was split up, so this piece is on its own again."])
  end

  it "gives nothing of price, fee or tip away in rounding, however many share it" do
    ids = Array.new(7) { |i| piece(((i * 3) + 1).to_s) }
    made = set(*ids)
    happen(made, "sold", price: "100.01", fee: "7.77", tip: "0.05", delivery: "3")
    sales = Records::Sale.all
    expect([sales.sum(:price_minor), sales.sum(:fee_minor), sales.sum(:tip_minor),
            sales.sum(:delivery_minor)]).to eq([10_001, 777, 5, 300])
    expect(operations::House::Doctor.examine).to eq([])
  end

  it "lets a part by hand be nothing, and goes back to its own shares when none is given" do
    ids = [piece("10"), piece("30")]
    made = set(*ids)
    event = happen(made, "sold", price: "80",
                                 hand: [{ "piece_id" => ids[0], "amount" => "80" }, { "piece_id" => ids[1], "amount" => "" }])
    expect(ids.map { |id| events(id).last.last }).to eq([8000, 0])
    _, changes = described_class.correct(event.id, "hand" => [])
    expect(ids.map { |id| events(id).last.last }).to eq([2000, 6000])
    expect(changes).to eq(["K-001 Chair: profit €70.00 → €10.00.", "K-002 Chair: profit −€30.00 → €30.00."])
  end

  it "refuses what does not fit the chain of one of its pieces, and writes nothing" do
    ids = [piece("10", bought_on: "2026-06-20"), piece("10")]
    made = set(*ids)
    expect do
      happen(made, "listed",
             asking: "50")
    end.to raise_error(operations::Support::Refused, /Listed on 1 Jun 2026 is before bought on 20 Jun 2026/)
    expect([Records::PieceSetEvent.count, Records::Event.count]).to eq([0, 0])
  end

  it "frees its pieces once it is broken, and not while it stands" do
    ids = [piece("10"), piece("10")]
    made = set(*ids)
    expect { operations::Flips::Pieces.remove(ids[0]) }.to raise_error(operations::Support::Refused, /in the set “Set”/)
    expect do
      operations::Flips::Splits.create(ids[0],
                                       "parts" => [{ "name" => "a" }, { "name" => "b" }])
    end.to raise_error(operations::Support::Refused, /in the set/)
    described_class.break_up(made.id)
    expect(set(*ids)).to be_persisted
  end
end
