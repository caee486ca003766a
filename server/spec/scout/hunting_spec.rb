# frozen_string_literal: true

require_relative "../support/records_helper"
require_relative "../support/older_database"

RSpec.describe "records of hunting and buying" do
  let(:operations) { Operations }
  let(:records) { Records }

  def piece(name = "Piece", **rest)
    operations::Flips::Pieces.create({ "name" => name, "bought_on" => "2026-05-01",
                                       "purchase" => "12" }.merge(rest.transform_keys(&:to_s))).id
  end

  def sold(id, price, listed: "2026-06-01", on: "2026-06-11")
    operations::Flips::Events.create(id, "kind" => "listed", "on" => listed, "asking" => price)
    operations::Flips::Events.create(id, "kind" => "sold", "on" => on, "price" => price)
  end

  def cash_in(id) = records::FlipSummary.find_by(piece_id: id).cash_in_minor

  describe "a split of a split" do
    before do
      @whole = piece("Wall unit", purchase: "100")
      first = operations::Flips::Splits.create(@whole, "on" => "2026-05-02",
                                                       "parts" => [{ "name" => "Top", "weight" => "1" }, { "name" => "Base", "weight" => "3" }])
      @top, @base = first.split_parts.map(&:piece_id)
      second = operations::Flips::Splits.create(@base, "on" => "2026-05-03",
                                                       "parts" => [{ "name" => "Left" }, { "name" => "Middle" }, { "name" => "Right" }])
      @parts = second.split_parts.map(&:piece_id)
    end

    it "passes a cost of the first whole on to the last parts, however late" do
      expect([cash_in(@top), *@parts.map { |id| cash_in(id) }]).to eq([2500, 2500, 2500, 2500])
      operations::Flips::Costs.create("what" => "Late", "category" => "other", "amount" => "1.01",
                                      "pieces" => [{ "piece_id" => @whole }])
      # 1.01 by 1 : 3 is 0.25 and 0.76; 0.76 over three is 0.26, 0.25, 0.25.
      expect([cash_in(@top), *@parts.map { |id| cash_in(id) }]).to eq([2525, 2526, 2525, 2525])
      expect(operations::House::Doctor.examine).to eq([])
    end

    it "moves the date of purchase of all with that of the whole" do
      record = records::Piece.find(@whole)
      operations::Flips::Pieces.update(@whole, "lock_version" => record.lock_version, "bought_on" => "2026-04-20")
      expect(records::Piece.where(id: [@top, *@parts]).pluck(:bought_on).uniq).to eq([Date.new(2026, 4, 20)])
    end

    it "counts nothing twice: in hand, in Books and in the report" do
      operations::Flips::Events.create(@top, "kind" => "scrapped", "on" => "2026-05-10")
      expect(operations::Flips::Lists.in_hand).to include(count: 3, tied_up: 7500)
      expect(operations::Books::Totals.answer.totals.losses.amount).to eq(2500)
      totals = operations::Books::Report.build["totals"]
      expect(totals.values_at("flips", "cash_in", "losses")).to eq([4, "100.00", "25.00"])
      expect(operations::Flips::Lists.page(view: "archive").rows.map do |row|
        row.summary.stage
      end).to contain_exactly("split", "split", "scrapped")
    end
  end

  describe "what own history says" do
    it "counts sold ones of a kind the more the more there are, beside the usual table" do
      asked = -> { operations::Scout::Prospects.answer("kind" => "stool", "condition" => "worn").resale }
      expect(asked.call.source).to include("usual for a stool, less because it's a single")
      4.times { sold(piece(kind: "Stool"), "20") }
      four = asked.call
      expect(four).to have_attributes(n: 4, source: /\ABased on your own pieces of this kind \(\d\d%\)/)
      sold(piece(kind: "stool"), "40")
      # Each went within ten days at all that was asked: such pieces are worth no less.
      expect(four.likely).to be > 2_000
      expect(asked.call).to have_attributes(n: 5, likely: be_between(four.likely, 4_000))
    end

    it "learns what singles lose from its own pairs" do
      5.times { sold(piece(kind: "chair"), "30", on: "2026-06-21") }
      3.times do
        ids = [piece(kind: "chair"), piece(kind: "chair")]
        set = operations::Flips::Sets.create("name" => "Pair", "piece_ids" => ids)
        operations::Flips::Sets.happen(set.id, "kind" => "listed", "on" => "2026-06-01", "asking" => "100")
        operations::Flips::Sets.happen(set.id, "kind" => "sold", "on" => "2026-06-11", "price" => "100")
      end
      pairs = operations::Scout::Histories.new.pairs("chair", pair: true)
      # 30.00 alone against 50.00 each together; 20 days against 10.
      expect([pairs.price_factor, pairs.days_factor,
              pairs.source]).to eq([3/5r, 2, "from 5 of your own sold singly and 6 sold together"])
    end

    it "takes its own days on the market for the room there will be" do
      operations::House::WorkshopSettings.update("lock_version" => 0, "places" => "1", "weekly_hours" => "7")
      5.times { sold(piece, "30") }
      waiting = piece("Waiting")
      operations::Flips::Events.create(waiting, "kind" => "listed", "on" => "2026-06-25", "asking" => "50")
      expect(operations::Scout::Rooms.answer.text).to include("At your usual selling speed, a space opens up around 5 Jul")
    end

    it "counts those that went to somebody else, by week of watching" do
      5.times do |i|
        id = operations::Scout::Prospects.create("kind" => "trunk", "condition" => "worn", "tag" => "30",
                                                 "spotted_on" => "2026-06-0#{i + 1}").prospect.id
        operations::Scout::Prospects.close(id, "state" => "gone", "on" => "2026-06-15")
      end
      # Watched 14, 13, 12, 11 and 10 days: 60 days, 8.57 weeks.
      gone = operations::Scout::Prospects.answer("kind" => "trunk", "condition" => "worn").gone
      expect([gone.weekly.round(3),
              gone.source]).to eq([(5 / (60 / 7.0)).round(3), "5 of your own trunks gone in 9 weeks watched"])
    end
  end

  it "finds a lot whose parts do not add up" do
    lot = operations::Flips::Lots.create("name" => "Lot", "price" => "10",
                                         "members" => [{ "name" => "One" }, { "name" => "Two" }])
    expect(operations::House::Doctor.examine).to eq([])
    lot.members.first.update_columns(price_minor: 499)
    expect(operations::House::Doctor.examine).to include("Parts of lot #{lot.id} don't add up.")
  end

  it "leaves nothing behind when a lot is refused half way" do
    members = [{ "name" => "One" }, { "name" => "Two", "expected_resale" => "ten" }]
    expect do
      operations::Flips::Lots.create("name" => "Lot", "price" => "10",
                                     "members" => members)
    end.to raise_error(operations::Support::Refused, /“ten” isn.t an amount/)
    expect([records::Lot.count, records::Piece.count, records::LotMember.count]).to eq([0, 0, 0])
  end

  it "does not let a trip that makes a day too long stand" do
    id = piece
    operations::Flips::Work.create("kind" => "sanding", "effort" => "23h", "worked_on" => "2026-06-01",
                                   "pieces" => [{ "piece_id" => id }])
    given = { "what" => "Far away", "happened_on" => "2026-06-01", "effort" => "2h",
              "pieces" => [{ "piece_id" => id }] }
    expect { operations::Flips::Trips.create(given) }.to raise_error(operations::Support::Refused, /a day has 24 h/)
    expect([records::Trip.count, records::Cost.count]).to eq([0, 0])
  end

  it "keeps a trip's rate: a later change of the house rule does not rewrite it" do
    operations::House::WorkshopSettings.update("lock_version" => 0, "mileage_rate" => "0.50")
    id = piece
    trip = operations::Flips::Trips.create("what" => "Then", "distance" => "10", "pieces" => [{ "piece_id" => id }])
    operations::House::WorkshopSettings.update("lock_version" => 1, "mileage_rate" => "9")
    operations::Flips::Trips.update(trip.id, "tolls" => "1")
    expect(cash_in(id)).to eq(1200 + 500 + 100)
  end

  it "names tags to look at in the order in which they come due" do
    spot = lambda { |name, **rest|
      operations::Scout::Prospects.create({ "name" => name, "kind" => "stool", "condition" => "worn",
                                            "tag" => "9" }.merge(rest.transform_keys(&:to_s)))
    }
    spot.call("Later", remind_on: "2026-07-03")
    spot.call("Overdue", remind_on: "2026-06-20")
    spot.call("Far", remind_on: "2026-09-01")
    spot.call("Never")
    expect(operations::Scout::TagWatch.due.map { |scouting, on, why| [scouting.prospect.title, on.iso8601, why] })
      .to eq([["Overdue", "2026-06-20", "as you asked"], ["Later", "2026-07-03", "as you asked"]])
  end

  it "answers quickly over a thousand spotted pieces, page by page" do
    now = Clock.now
    rows = Array.new(1000) do |i|
      { name: "Spotted #{i}", kind: %w[stool chair desk].at(i % 3), condition: "worn", count: 1, spotted_on: "2026-06-01", tag_minor: 1000 + i,
        state: "open",
        checks: nil, created_at: now, updated_at: now }
    end
    records::Prospect.insert_all!(rows)
    started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    found, total = operations::Scout::Prospects.page(page: 3)
    expect([found.size, total]).to eq([40, 1000])
    expect(found.map { |scouting| scouting.verdict.key }.uniq).to eq(["unknown"]) # no target pay is set
    expect(operations::Scout::Prospects.page(query: "spotted 77").last).to eq(19) # 77, 177 … 977, and 770 to 779
    expect(Process.clock_gettime(Process::CLOCK_MONOTONIC) - started).to be < 2
  end

  describe "a workshop of the first version" do
    include_context "with an older database"

    it "is brought to the present shape with all it holds", :own_data do
      older(20_261_124_000_001)
      insert = ->(sql) { ActiveRecord::Base.connection.execute(sql) }
      stamp = "'2026-01-01', '2026-01-01'"
      insert.call("INSERT INTO pieces (id, ticket, name, purchase_minor, created_at, updated_at) VALUES (1, 1, 'Old chest', 4200, #{stamp})")
      insert.call("INSERT INTO events (id, piece_id, kind, position, created_at, updated_at) VALUES (1, 1, 'listed', 1, #{stamp})")
      insert.call("INSERT INTO listings (event_id, asking_minor, created_at, updated_at) VALUES (1, 9900, #{stamp})")
      insert.call("INSERT INTO costs (id, what, category, amount_minor, created_at, updated_at) VALUES (1, 'Oil', 'materials', 350, #{stamp})")
      insert.call("INSERT INTO cost_shares (cost_id, piece_id, weight, amount_minor, created_at, updated_at) VALUES (1, 1, '1', 350, #{stamp})")
      brought_up
      operations::House::Doctor.mend
      expect(records::Piece.find(1)).to have_attributes(name: "Old chest", purchase_minor: 4200, maker: nil)
      expect([records::Event.find(1).listing.asking_minor,
              records::FlipSummary.first.cash_in_minor]).to eq([9900, 4550])
      expect(ActiveRecord::Base.connection.select_rows("PRAGMA foreign_key_check")).to eq([])
      expect do
        insert.call("INSERT INTO events (piece_id, kind, position, created_at, updated_at) VALUES (1, 'listed', 2, #{stamp})")
      end
        .to raise_error(ActiveRecord::RecordNotUnique)
    end
  end
end
