# frozen_string_literal: true

# Fills an empty database with generated flips, in bulk. Invented figures, from a fixed seed.
class Generated
  RECORDS = Records
  BATCH = 2000
  PERSON = 1
  FURNITURE = %w[washstand stool bench desk].freeze
  KINDS = %w[cleaning repair sanding priming painting fetching selling filming].freeze

  # flips, entries, lines: how many. in_hand: how many of the flips are still in hand.
  def initialize(flips:, entries:, lines:, in_hand: 40)
    @flips = flips
    @entries = entries
    @lines = lines
    @in_hand = in_hand
    @random = Random.new(2026)
    @now = Time.now.utc
  end

  def fill
    RECORDS::Base.transaction do
      pieces
      endings
      shared(RECORDS::Cost, RECORDS::CostShare, @lines, :amount_minor) { |date| cost(date) }
      shared(RECORDS::WorkEntry, RECORDS::WorkShare, @entries, :seconds) { |date| work(date) }
    end
    Operations::Flips::Summaries.refresh((1..@flips).to_a)
    RECORDS::Base.connection.execute("ANALYZE")
  end

  private

  def stamp = { created_at: @now, updated_at: @now }
  def bought(id) = Date.new(2020, 1, 1) + (id * 2400 / @flips)

  def insert(model, rows)
    rows.each_slice(BATCH) { |batch| model.insert_all!(batch) }
  end

  def pieces
    insert(RECORDS::Piece, (1..@flips).map do |id|
      { id: id, ticket: id, name: "Flip #{id}", **kind(FURNITURE.sample(random: @random)), source: "kerb",
        bought_on: bought(id), purchase_minor: @random.rand(0..9000), width_mm: 800.0, height_mm: 780.0, **stamp }
    end)
  end

  def endings
    events = (1..(@flips - @in_hand)).flat_map do |id|
      [[id, "ready", 20, 1], [id, "listed", 21, 2], [id, "sold", 21 + @random.rand(60), 3]]
    end
    rows = events.each_with_index.map do |(piece, kind, day, position), place|
      { id: place + 1, piece_id: piece, kind: kind, happened_on: bought(piece) + day, position: position, **stamp }
    end
    insert(RECORDS::Event, rows)
    insert(RECORDS::Sale, rows.select { |row| row[:kind] == "sold" }.map { |row| sale(row[:id]) })
    insert(RECORDS::Listing, rows.select do |row|
      row[:kind] == "listed"
    end.map { |row| { event_id: row[:id], asking_minor: 20_000, **stamp } })
  end

  def sale(event)
    { event_id: event, price_minor: @random.rand(4000..30_000), tip_minor: nil, fee_minor: @random.rand(0..900), delivery_minor: nil,
      channel: "kerb", **stamp }
  end

  # Wholes with one share each, spread evenly over the flips.
  def shared(whole, share, count, amount)
    key = :"#{whole.name.demodulize.underscore}_id"
    (1..count).each_slice(BATCH) do |ids|
      rows = ids.map { |id| { id: id, **yield(bought(piece(id)) + @random.rand(20)), **stamp } }
      whole.insert_all!(rows)
      share.insert_all!(rows.map { |row| { key => row[:id], piece_id: piece(row[:id]), weight: "1", amount => row[amount], **stamp } })
    end
  end

  def piece(id) = ((id - 1) % @flips) + 1

  def cost(date)
    { what: "Paint", category: %w[materials hardware other].sample(random: @random),
      amount_minor: @random.rand(50..3000), spent_on: date }
  end

  def kind(word) = { kind: word, kind_key: Core::Planning::Shape::Kinds.key(word) }

  def work(date)
    { person_id: PERSON, kind: KINDS.sample(random: @random), seconds: @random.rand(5..120) * 60, worked_on: date }
  end
end
