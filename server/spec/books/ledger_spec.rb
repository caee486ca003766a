# frozen_string_literal: true

require_relative "../support/records_helper"

# The books kept twice: after any run of edits the double entry agrees with Books, and what goes out as a spreadsheet
# comes in again.
RSpec.describe Operations::Books::Ledger do
  ledger = Core::Books::FlipLedger

  def edit(seed, steps = 120)
    edits = RandomEdits.new(seed)
    Records::Base.connection.execute("PRAGMA synchronous = OFF")
    steps.times { edits.step }
  ensure
    Records::Base.connection.execute("PRAGMA synchronous = FULL")
  end

  def balances
    described_class.entries.flat_map(&:postings).each_with_object(Hash.new(0)) do |(account, minor), all|
      all[account] += minor
    end
  end

  # What Books has tied up in pieces whose money in is known.
  def tied_up
    known = Records::FlipSummary.where(live: true,
                                       stage: Operations::Flips::Lists::IN_HAND).where.not(cash_in_minor: nil).joins(:piece)
    known.pluck("pieces.ticket", :cash_in_minor).to_h do |ticket, minor|
      [format("assets:inventory:K-%03d", ticket), minor]
    end
  end

  [3, 29, 404].each do |seed|
    it "balances, and has the profit and the inventory of Books (seed #{seed})" do
      edit(seed)
      expect(described_class.entries.map(&:balance).uniq - [0]).to eq([])
      found = balances
      expect(-found.slice(*ledger.profit_accounts).values.sum).to eq(Operations::Books::Totals.answer.totals.profit.amount.to_i)
      expect(found.slice(*tied_up.keys)).to eq(tied_up.reject { |_, minor| minor.zero? })
    end

    it "loses nothing on the way out and in again (seed #{seed})" do
      edit(seed)
      text = Operations::Books::Exports.flips
      figures = lambda do
        Records::FlipSummary.joins(:piece).where(live: true).where.not(stage: "split").order("pieces.ticket")
                            .pluck(:cash_in_minor, :receipts_minor, :cash_profit_minor, :bench_seconds)
      end
      before = figures.call
      FreshWorkshop.clear
      sheet = Operations::Books::Spreadsheet.new(text, again: true)
      expect(sheet.outcomes.flat_map(&:problems)).to eq([])
      sheet.take!
      expect(figures.call).to eq(before)
      expect(Operations::House::Doctor.examine).to eq([])
    end
  end

  it "has what is left on the shelf, and pays draws from it" do
    operations = Operations
    operations::Shelf::Containers.create({ "product" => "paint_all", "size" => "500", "paid" => "20",
                                           "bought_on" => "2026-05-01" })
    piece = operations::Flips::Pieces.create("name" => "Desk", "bought_on" => "2026-05-02", "purchase" => "10")
    operations::Shelf::Draws.create({ "product" => "paint_all", "amount" => "125", "pieces" => [{ "piece_id" => piece.id }],
                                      "drawn_on" => "2026-05-03" })
    # A quarter of 20.00 went onto the desk.
    expect(balances).to include("assets:shelf" => 15_00, "assets:inventory:K-001" => 15_00, "assets:cash" => -30_00)
  end

  it "keeps tools and filming apart from the profit of flips" do
    { "tool" => "expenses:tools", "filming" => "income:filming" }.each_key do |kind|
      Operations::Books::WorkshopMoney.create("kind" => kind, "what" => kind, "amount" => "30", "on" => "2026-05-01")
    end
    expect(balances).to include("expenses:tools" => 30_00, "income:filming" => -30_00, "assets:cash" => 0)
    expect(balances.slice(*ledger.profit_accounts)).to be_empty
  end
end

# The shape of the database before this one, with a history in it, brought to the present shape.
RSpec.describe "the migration that keeps what flips are compared by" do
  it "fills the figures just as the core computes them, down and up again" do
    edits = RandomEdits.new(8)
    160.times { edits.step }
    Operations::Flips::Events.create(Operations::Flips::Pieces.create("name" => "Desk").id, "kind" => "sold",
                                                                                            "on" => "2026-05-01", "price" => "9",
                                                                                            "channel" => "Booth")
    context = ActiveRecord::MigrationContext.new(Records::Database::MIGRATIONS)
    before = context.get_all_versions.max
    context.down(20_261_125_000_007)
    context.up(before)
    Records::FlipSummary.reset_column_information
    filled = %w[stash_minor channel kinds_worked]
    ids = Records::Piece.ids
    expect(Records::FlipSummary.where(piece_id: ids).to_h { |row| [row.piece_id, row.attributes.slice(*filled)] })
      .to eq(Operations::Flips::Summaries.compute(ids).transform_values { |figures| figures.slice(*filled) })
    Operations::Flips::Summaries.complete # as a start does, for what a later version keeps
    expect(Operations::House::Doctor.examine).to eq([])
    expect(Records::FlipSummary.where(channel: "Booth").count).to eq(1)
  end
end
