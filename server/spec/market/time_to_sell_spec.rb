# frozen_string_literal: true

require_relative "../support/records_helper"

# What own listings say, read off the flips: spells, what is got of what is asked, what a place earns. It is 30 June
# 2026.
RSpec.describe "own listings" do
  operations = Operations

  def listed(kind, on, asking: "100")
    piece = Operations::Flips::Pieces.create("name" => "#{kind} of #{on}", "kind" => kind, "bought_on" => "2026-01-01",
                                             "purchase" => "10")
    Operations::Flips::Events.create(piece.id, "kind" => "listed", "on" => on, "asking" => asking)
    piece
  end

  def event(piece, kind, on, **rest)
    Operations::Flips::Events.create(piece.id, { "kind" => kind, "on" => on, **rest.transform_keys(&:to_s) })
  end

  def spells(kind)
    Operations::Market::TimeToSell.spells.fetch(kind, []).map { |spell| [spell.days, spell.sold] }.sort_by(&:first)
  end

  it "are sold, or censored: what still stands to today, what was kept or scrapped to that day" do
    event(listed("chair", "2026-06-01"), "sold", "2026-06-11", price: "90")
    listed("chair", "2026-06-10")
    event(listed("chair", "2026-06-01"), "kept", "2026-06-06")
    event(listed("desk", "2026-06-01"), "scrapped", "2026-06-03")
    operations::Flips::Pieces.create("name" => "Never listed", "kind" => "chair")
    expect(spells("chair")).to eq([[5, false], [10, true], [20, false]])
    expect(spells("desk")).to eq([[2, false]])
  end

  it "forget what was taken back or removed" do
    piece = listed("chair", "2026-06-01")
    sold = event(piece, "sold", "2026-06-11", price: "90")
    gone = operations::Flips::Events.remove(sold.id)
    expect(spells("chair")).to eq([[29, false]])
    operations::Support::Removal.undo(gone.id)
    expect(spells("chair")).to eq([[10, true]])
    operations::Flips::Pieces.remove(piece.id)
    expect(spells("chair")).to eq([])
  end

  it "count a set once, whatever it held" do
    pieces = Array.new(3) { operations::Flips::Pieces.create("name" => "Stool", "kind" => "stool", "bought_on" => "2026-01-01") }
    set = operations::Flips::Sets.create("name" => "Three", "piece_ids" => pieces.map(&:id))
    operations::Flips::Sets.happen(set.id, "kind" => "listed", "on" => "2026-06-01", "asking" => "90")
    operations::Flips::Sets.happen(set.id, "kind" => "sold", "on" => "2026-06-08", "price" => "80")
    expect(spells("stool")).to eq([[7, true]])
  end

  it "say what is got of what is asked, from five sales on" do
    [90, 80, 100, 70, 95].each { |price| event(listed("chair", "2026-06-01"), "sold", "2026-06-11", price: price.to_s) }
    expect(Core::Market::Comparables.ratio(operations::Market::TimeToSell.sale_to_ask_ratios).first).to eq(9/10r)
    expect(operations::Market::TimeToSell.sale_to_ask_ratios.size).to eq(5)
  end

  it "say what a place earns a day, or nothing where five sales are not there" do
    4.times { event(listed("chair", "2026-06-01"), "sold", "2026-06-11", price: "90") }
    expect(operations::Market::TimeToSell.profit_per_space_day).to be_nil
    event(listed("chair", "2026-06-01"), "sold", "2026-06-11", price: "90")
    # 1 January to 11 June are 161 days; profit 80.00 each: 8000 ÷ 161 = 49.69.
    expect(operations::Market::TimeToSell.profit_per_space_day).to eq(50)
  end

  it "do not count a loss against an offer: a place that earns nothing is worth nothing, not less" do
    5.times { event(listed("chair", "2026-06-01"), "sold", "2026-06-11", price: "1") }
    expect(operations::Market::TimeToSell.profit_per_space_day).to eq(0)
  end

  # Without a kind nothing tells what it is worth, and steps go by the house rules alone.
  it "plan steps anew from a new price, and leave those that were done" do
    operations::House::WorkshopSettings.update("floor_pay" => "8", "lock_version" => operations::Support::Workshop.current.lock_version)
    piece = operations::Flips::Pieces.create("name" => "Chair", "purchase" => "50", "bought_on" => "2026-06-01")
    operations::Flips::Work.create("kind" => "sanding", "effort" => "60", "worked_on" => "2026-06-02",
                                   "pieces" => [{ "piece_id" => piece.id }])
    operations::Market::Prices.decide(piece.id, "asking" => "100", "list" => true)
    steps = -> { Records::PriceStep.where(piece: piece).order(:id).map { |step| [step.asking_minor, step.state] } }
    # Down by tenths to the floor of 58.00.
    expect(steps.call.map(&:first)).to eq([9_000, 8_100, 7_290, 6_561, 5_904, 5_800])
    operations::Market::PriceSteps.answer(Records::PriceStep.first.id, "state" => "done")
    operations::Market::Prices.decide(piece.id, "asking" => "80", "list" => true)
    expect(steps.call).to eq([[9_000, "done"], [7_200, "planned"], [6_480, "planned"], [5_832, "planned"],
                              [5_800, "planned"]])
    expect(operations::Flips::FlipRecords.of(piece.reload).asking).to eq(8_000)
  end

  it "put price steps and pick-ups into the calendar feed, late ones on today" do
    piece = listed("chair", "2026-06-01")
    Records::PriceStep.create!(piece: piece, due_on: "2026-06-15", asking_minor: 90_00)
    Records::PriceStep.create!(piece: piece, due_on: "2027-06-15", asking_minor: 80_00)
    held = listed("chair", "2026-06-02")
    Records::PriceStep.create!(piece: held, due_on: "2026-06-15", asking_minor: 70_00)
    operations::Market::Holds.create(held.id, "who" => "a café", "pick_up_on" => "2026-07-02", "pick_up" => "after six")
    text = operations::Bench::Feed.text.gsub("\r\n ", "")
    expect(text).to include("Price drop: chair of 2026-06-01 to €90", "Pickup: chair of 2026-06-02",
                            "a café\\, after six")
    expect(text[/UID:step-.*?END:VEVENT/m]).to include("DTSTART;VALUE=DATE:20260630")
    expect(text.scan("Price drop").size).to eq(1)
    [piece, held].each { |one| event(one, "sold", "2026-06-30", price: "90") }
    expect(operations::Bench::Feed.text).not_to include("Price drop", "Pickup")
  end

  it "say whether the time of the year moves sales, a set as one, and nothing where history is short" do
    5.times { |number| event(listed("chair", "2026-01-0#{number + 1}"), "sold", "2026-03-1#{number}", price: "90") }
    expect(operations::Market::TimeToSell.seasons).to eq([])
    # Two years: what is listed in winter stands to spring, what is listed then is sold within days.
    2.times do |year|
      12.times do |month|
        from = Date.new(2024 + year, month + 1, 3)
        2.times do
          piece = Operations::Flips::Pieces.create("name" => "Chair", "kind" => "chair", "bought_on" => "2023-12-01",
                                                   "purchase" => "10")
          event(piece, "listed", from.iso8601, asking: "100")
          event(piece, "sold", (from + (month.between?(3, 8) ? 6 : 80)).iso8601, price: "90")
        end
      end
    end
    expect(operations::Market::TimeToSell.seasons.first.text)
      .to match(/\AThe time of the year moves your sales: (May|June|July) is about the best month/)
  end

  it "weigh an offer without keeping it, within nothing and what is asked" do
    8.times { event(listed("chair", "2026-06-01"), "sold", "2026-06-11", price: "90") }
    piece = listed("chair", "2026-06-30")
    worth = operations::Market::ListedPieces.weigh(piece.reload, 1).at
    expect(worth).to be_between(4_000, 10_000)
    expect(operations::Market::ListedPieces.weigh(piece, 99_00)).to have_attributes(verdict: :take)
    low = operations::Market::ListedPieces.weigh(piece, (worth * 0.8).round)
    expect(low).to have_attributes(verdict: :counter, counter: be_between(worth, 10_000))
    expect(operations::Market::ListedPieces.weigh(piece, (worth * 0.55).round)).to have_attributes(verdict: :decline)
    expect(Records::Offer.count).to eq(0)
  end

  it "want what is open on Today: offers that nobody has answered, steps that are due" do
    piece = listed("chair", "2026-06-01")
    expect(operations::Market::ListedPieces.wants).to eq([])
    offer = operations::Market::Offers.create(piece.id, "amount" => "70", "who" => "a caller")
    # Two that were missed are one.
    Records::PriceStep.create!(piece: piece, due_on: Date.new(2026, 6, 15), asking_minor: 9_500)
    Records::PriceStep.create!(piece: piece, due_on: Date.new(2026, 6, 29), asking_minor: 9_000)
    Records::PriceStep.create!(piece: piece, due_on: Date.new(2026, 7, 20), asking_minor: 8_000)
    # One thing a piece: the offer first, the step once that is answered, neither while it is held.
    wanted = -> { operations::Market::ListedPieces.wants.map(&:last) }
    expect(wanted.call).to eq(["Answer the offer of €70 from a caller"])
    hold = operations::Market::Holds.create(piece.id, "who" => "a café")
    expect(wanted.call).to eq([])
    operations::Market::Holds.release(hold.id)
    operations::Market::Offers.answer(offer.id, "answer" => "declined")
    expect(wanted.call).to eq(["Drop the price to €90 (due 29 Jun)"])
    operations::Market::Offers.answer(offer.id, "answer" => "open")
    operations::Market::PriceSteps.answer(Records::PriceStep.find_by(asking_minor: 9_000).id, "state" => "done")
    expect(Records::PriceStep.where(asking_minor: 9_500).pluck(:state)).to eq(["skipped"])
    operations::Market::Offers.answer(offer.id, "answer" => "declined")
    event(piece, "sold", "2026-06-30", price: "95")
    expect(operations::Market::ListedPieces.wants).to eq([])
  end
end
