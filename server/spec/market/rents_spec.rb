# frozen_string_literal: true

require_relative "../support/api_helper"
require "open3"

# The rent of a rented place: Books, every page and the journal read one figure, whatever is changed and however time
# passes.
RSpec.describe "rents of places", :api do
  operations = Operations

  before { at("2026-06-30T12:00:00Z") }

  def stand(name, from, to = nil, channel: "Booth", price: "100")
    id = piece(name: name, bought_on: "2026-01-02", purchase: "10")
    event(id, "listed", from, asking: "120", channel: channel)
    event(id, "sold", to, price: price, channel: channel) if to
    id
  end

  def profit(id) = figure(id, "cash_profit")["minor"]
  def books = Records::FlipSummary.where(live: true, stage: "sold").sum(:cash_profit_minor)

  # What the doctor finds, what hledger says, and whether each page says what Books have.
  def sound
    expect(Operations::House::Doctor.examine).to eq([])
    sold = Records::FlipSummary.where(live: true, stage: "sold").pluck(:piece_id, :cash_profit_minor)
    sold.each { |id, minor| expect([id, profit(id)]).to eq([id, minor]) }
    expect(journal_profit).to eq(books)
  end

  # By hledger, a program of its own; minor units.
  def journal_profit
    text = Operations::Books::Exports.journal
    file = Tempfile.new(["rents", ".journal"]).tap { |one| one.write(text) && one.close }
    out, status = Open3.capture2e("hledger", "-f", file.path, "check", "--strict")
    raise out unless status.success?

    accounts = Core::Books::FlipLedger.profit_accounts.map { |account| "^#{account}$" }
    out, = Open3.capture2("hledger", "-f", file.path, "bal", "-N", "--layout=bare", "-O", "csv", *accounts)
    -CSV.parse(out, headers: true).sum { |row| (Rational(row["balance"]) * 100).to_i }
  end

  it "follows each kind of change of the place and of what stands beside" do
    booth = call(:post, "/api/channels", { name: "Booth", rent: "60" })["id"]
    sold = stand("Chest", "2026-06-01", "2026-06-16") # 15 days
    beside = stand("Stool", "2026-06-01") # 30 days so far
    expect(profit(sold)).to eq(9000 - 2000)
    sound
    changes = {
      "a name" => [-> { call(:patch, "/api/channels/#{booth}", { name: "Mill booth" }) }, 7000],
      "a neighbour removed" => [-> { @gone = call(:delete, "/api/pieces/#{beside}")["id"] }, 3000],
      "and brought back" => [-> { call(:post, "/api/deletions/#{@gone}/undo") }, 7000],
      "a neighbour's day" => [lambda {
        call(:patch, "/api/events/#{event_of(beside, 'listed')}", { on: "2026-06-16" })
      }, 6000],
      "a neighbour moved elsewhere" => [lambda {
        call(:patch, "/api/events/#{event_of(beside, 'listed')}", { channel: "Porch" })
      }, 3000],
      "and back again" => [lambda {
        call(:patch, "/api/events/#{event_of(beside, 'listed')}", { channel: "mill BOOTH" })
      }, 6000],
      "the rent from now on" => [-> { call(:patch, "/api/channels/#{booth}", { rent: "90" }) }, 4500],
      "the rent from a later month" => [lambda {
        call(:patch, "/api/channels/#{booth}", { rent: "120", rent_from: "2026-07-01" })
      }, 4500],
      "the place given up" => [-> { @removed = call(:delete, "/api/channels/#{booth}")["id"] }, 4500],
      "the place there again" => [-> { call(:post, "/api/deletions/#{@removed}/undo") }, 4500]
    }
    changes.each do |what, (change, profit)|
      change.call
      expect([what, status, profit(sold)]).to eq([what, 200, profit])
      sound
    end
    both = %w[One Other].map { |name| stand(name, "2026-06-16", channel: "Mill booth") }
    set = call(:post, "/api/sets", { name: "Two", piece_ids: both })["id"]
    call(:post, "/api/sets/#{set}/events", { kind: "sold", on: "2026-06-26", price: "200" })
    expect(profit(sold)).to eq(9000 - 2700) # 90.00 over 15, 15, 10 and 10 days
    sound
  end

  def event_of(id, kind) = call(:get, "/api/pieces/#{id}")["events"].find { |one| one["kind"] == kind }["id"]

  it "runs with the days of the month, and is settled when it ends" do
    call(:post, "/api/channels", { name: "Booth", rent: "60" })
    sold = stand("Chest", "2026-06-01", "2026-06-11") # 10 days
    stand("Stool", "2026-06-21") # 10 days on 30 June
    expect(profit(sold)).to eq(9000 - 3000)
    at("2026-07-20T12:00:00Z")
    expect(call(:get, "/api/books")["figures"].to_s + books.to_s).to include("6000")
    expect(profit(sold)).to eq(6000)
    sound
    at("2026-06-25T12:00:00Z")
    Records::Workshop.first.update_columns(rents_run_on: nil)
    Operations::Support::Context.open { Operations::Flips::BoothRents.run }
    expect([profit(sold), books]).to eq([9000 - 4000, 5000]) # 10 days of 15: two thirds of it
    at("2026-06-26T12:00:00Z")
    call(:get, "/api/timers") # whatever is asked first on another day
    expect([profit(sold), books]).to eq([9000 - 3750, 5250])
  end

  it "fills the fee of the place into a sale that says none, of a piece and of a set" do
    call(:post, "/api/channels", { name: "Booth", fee: "10", fixed_fee: "2", rent: "30" })
    fee = ->(id) { call(:get, "/api/pieces/#{id}")["events"].last["sale"]["fee"]&.fetch("minor") }
    expect(fee.call(stand("Chest", "2026-06-01", "2026-06-16"))).to eq(1200)
    plain = stand("Stool", "2026-06-01")
    event(plain, "sold", "2026-06-20", price: "50", fee: "") # listed there: no other place is named
    said = stand("Desk", "2026-06-01")
    event(said, "sold", "2026-06-20", price: "50", fee: "0")
    elsewhere = stand("Shelf", "2026-06-01")
    event(elsewhere, "sold", "2026-06-20", price: "50", channel: "Porch")
    expect([plain, said, elsewhere].map(&fee)).to eq([700, 0, nil])
    expect(call(:get,
                "/api/channels/fee?piece_id=#{plain}&price=85.50")).to include("fee" => include("minor" => 1055),
                                                                               "channel" => "Booth")
    expect(call(:get, "/api/channels/fee?channel=Porch&price=85.50")["fee"]).to be_nil
    set = call(:post, "/api/sets",
               { name: "Two", piece_ids: [stand("One", "2026-06-16"), stand("Other", "2026-06-16")] })["id"]
    call(:post, "/api/sets/#{set}/events", { kind: "sold", on: "2026-06-26", price: "200", channel: "booth" })
    expect(Records::Sale.last(2).sum(&:fee_minor)).to eq(2200)
  end

  # Whatever is done to places and what stood there, in any order, with days passing: the doctor finds nothing, and
  # hledger says what Books say.
  it "stays sound over a random history" do
    random = Random.new(31)
    at("2026-02-10T12:00:00Z")
    places = %w[Booth Mill].map do |name|
      call(:post, "/api/channels", { name: name, rent: random.rand(20..90).to_s, fee: "8" })["id"]
    end
    pieces = []
    40.times do |step|
      today = Date.new(2026, 2, 10) + (step * 4)
      at("#{today}T12:00:00Z")
      day = -> { (today - random.rand(0..20)).iso8601 }
      case random.rand(8)
      when 0..2 then pieces << stand("Piece #{step}", day.call, nil,
                                     channel: %w[booth Mill Porch].sample(random: random))
      when 3, 4 then pieces.sample(random: random)&.then do |id|
        event(id, "sold", today.iso8601, price: random.rand(30..200).to_s)
      end
      when 5
        place = places.sample(random: random)
        call(:patch, "/api/channels/#{place}",
             [{ rent: random.rand(0..120).to_s }, { name: "Place #{step}" }, { rent: "55", rent_from: day.call }].sample(random: random))
      when 6
        gone = call(:delete, "/api/channels/#{places.sample(random: random)}")["id"]
        call(:post, "/api/deletions/#{gone}/undo") if gone && random.rand(3).positive?
      when 7
        gone = pieces.any? && call(:delete, "/api/pieces/#{pieces.sample(random: random)}")["id"]
        call(:post, "/api/deletions/#{gone}/undo") if gone && random.rand(2).zero?
      end
      call(:get, "/api/books") # somebody looks
      expect([step, operations::House::Doctor.examine]).to eq([step, []])
      expect([step, journal_profit]).to eq([step, books]) if (step % 8).zero?
    end
    sound
  end
end
