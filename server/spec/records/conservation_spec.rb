# frozen_string_literal: true

require_relative "../support/records_helper"

# Money and hours are neither made nor lost, whatever was bought in lots, carried on trips, split and sold in sets.
RSpec.describe "money and hours over all pieces" do
  def keys = %i[materials hardware other trips sundries]

  [3, 77, 404].each do |seed|
    it "add up to what was paid and worked after random edits (seed #{seed})" do
      edits = RandomEdits.new(seed)
      Records::Base.connection.execute("PRAGMA synchronous = OFF")
      160.times { edits.step }
      expect(Records::SplitPart.count + Records::LotMember.count).to be > 5
      expect(borne(&:money_in)).to eq(spent)
      expect(worked).to eq(recorded)
      expect(set_receipts).to eq(set_sales)
      containers.each { |tin| expect([tin.left, tin.worth.to_i + tin.charged]).to match([be >= 0, tin.paid.to_i]) }
      expect(drawn).to eq(charged)
      expect(batches.map { |batch| [batch.paid_minor, batch.size_thousandths] })
        .to eq(batches.map(&:ingredients).map { |all| [all.sum(&:amount_minor), all.sum(&:amount_thousandths)] })
      expect(Records::StashItem.live.map { |item| Operations::Shelf::StashUses.left(item) }).to all(be >= 0)
    ensure
      Records::Base.connection.execute("PRAGMA synchronous = FULL")
    end
  end

  def containers = Records::Container.live.preload(:draws).map { |row| Operations::Shelf::Containers.core(row) }

  # Batches are nothing but what went into them.
  def batches = Records::Container.live.where.not(mix_version_id: nil).where.not(paid_minor: nil).preload(:ingredients)

  # What draws charged, and the costs that they made.
  def drawn = Records::Draw.live.where.not(cost_id: nil).sum(:amount_minor)
  def charged = Records::Cost.live.where(id: Records::Draw.live.select(:cost_id)).sum(:amount_minor)

  # Pieces that still stand for themselves: those that were split have passed everything on.
  def leaves
    pieces = Records::Piece.live.to_a
    Operations::Flips::FlipRecords.load(pieces).reject { |flip| flip.chain.stage == "split" }
  end

  def borne
    leaves.each_with_object(Hash.new(0)) { |flip, sums| keys.each { |key| sums[key] += yield(flip).public_send(key) } }
  end

  # What was recorded, over live pieces; a removed piece keeps what it bore, out of the sums.
  def spent
    shares = Records::CostShare.joins(:cost, :piece).where(costs: { deletion_id: nil }, pieces: { deletion_id: nil })
    by_category = shares.group("costs.category").sum(:amount_minor)
    keys.to_h do |key|
      [key, if key == :sundries
              0
            else
              by_category.fetch(key == :trips ? "trip" : key.to_s, 0)
            end]
    end
  end

  def worked = leaves.sum { |flip| flip.work.by_kind.values.sum }

  def recorded
    Records::WorkShare.joins(:work_entry, :piece).where(work_entries: { deletion_id: nil },
                                                        pieces: { deletion_id: nil }).sum(:seconds)
  end

  # Sales of sets: the whole, and what its pieces got of it.
  def set_sales = Records::PieceSetEvent.live.where(kind: "sold").sum(:price_minor)

  def set_receipts
    Records::Sale.joins(:event).where(events: { deletion_id: nil }).where.not(events: { piece_set_event_id: nil }).sum(:price_minor)
  end
end
