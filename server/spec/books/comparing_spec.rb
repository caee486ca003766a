# frozen_string_literal: true

require_relative "../support/records_helper"

# Books over random flips: nothing is made or lost by grouping, whatever the trait, the profit and the hours looked at.
# It is 30 June 2026.
RSpec.describe "flips compared from the records" do
  operations = Operations

  def flip(random)
    operations = Operations
    words = { "kind" => ["desk", "Desk", "writing desk", "chair", "Äsop", "äsop", "gizmo", ""], "source" => ["kerb", ""], "maker" => ["", "a joiner"],
              "techniques" => ["", "waxed", "waxed, Oiled"] }
    given = words.transform_values { |values| values.sample(random: random) }
    id = operations::Flips::Pieces.create(given.merge("name" => "Flip", "bought_on" => "2025-#{random.rand(1..12).to_s.rjust(2, '0')}-05",
                                                      "purchase" => ["", "0", "12.34"].sample(random: random))).id
    work(random, id)
    operations::Shelf::StashUses.create(@stash, "piece_id" => id, "count" => "1") if random.rand < 0.3
    ending(random, id)
  end

  def work(random, id)
    random.rand(0..2).times do
      given = { "kind" => %w[sanding painting photographing].sample(random: random), "effort" => "#{random.rand(1..300)} min",
                "pieces" => [{ "piece_id" => id }] }
      Operations::Flips::Work.create(given.merge("worked_on" => "2025-12-#{random.rand(10..28)}"))
    end
  end

  def ending(random, id)
    kind = %w[sold sold sold scrapped kept].sample(random: random)
    sold = { "price" => "#{random.rand(1..200)}.50", "fee" => "1.25",
             "channel" => ["booth", "Booth", ""].sample(random: random) }
    on = ["", "2026-0#{random.rand(1..6)}-15"].sample(random: random)
    Operations::Flips::Events.create(id, { "kind" => kind, "on" => on }.merge(kind == "sold" ? sold : {}))
  end

  before do
    house = operations::Support::Workshop.current
    operations::House::WorkshopSettings.update("lock_version" => house.lock_version, "overhead" => "1.37")
    @stash = operations::Shelf::Stash.create({ "name" => "Pulls", "count" => "500", "value" => "0.99" }).id
    random = Random.new(5)
    60.times { flip(random) }
  end

  def sums(by, filter)
    answer = Operations::Books::Comparisons.answer(by, filter)
    expect(answer.rows.map { |row| row.with.paid + row.rest.paid }).to all(eq(answer.whole.paid)), by
    return if answer.several

    parts = answer.rows.sum(Core::Books::Tally.zero) { |row| row.with.paid }
    expect([by, parts, answer.rows.sum do |row|
      row.with.at_cost.flips
    end]).to eq([by, answer.whole.paid, answer.whole.at_cost.flips])
  end

  it "adds up: each side to the whole, and groups that do not overlap too, by every trait, profit and rule of hours" do
    lenses = %w[cash full].product(%w[bench all]).map { |view, rule| operations::Books::BooksFilter.new(view: view, rule: rule) }
    operations::Flips::Traits::ALL.keys.product(lenses).each { |by, filter| sums(by, filter) }
    expect(operations::Books::Comparisons.answer("kind", lenses.first).rows.size).to be > 4
  end

  it "has the full-cost profit of the statements, to the minor unit" do
    flips = operations::Flips::FlipRecords.load(Records::Piece.live.to_a).select { |flip| %w[sold scrapped].include?(flip.chain.stage) }
    %w[bench all].each do |rule|
      by_core = flips.filter_map { |flip| flip.statement(rule, overhead: 137).full_cost_profit.amount }.sum
      expect(operations::Books::Totals.answer(operations::Books::BooksFilter.new(view: "full",
                                                                                 rule: rule)).totals.profit.amount).to eq(by_core)
    end
  end

  it "finds behind each group just as many flips as it counts" do
    %w[kind technique channel finish].each do |by|
      operations::Books::Comparisons.answer(by, operations::Books::BooksFilter.new).rows.reject do |row|
        row.key == operations::Flips::Traits::NONE
      end.each do |row|
        found = operations::Flips::Lists.page(view: "archive", by: by, trait: row.key).total
        expect([by, row.key, found]).to eq([by, row.key, row.with.paid.flips + row.with.at_cost.flips])
      end
    end
    none = operations::Books::Comparisons.answer("technique", operations::Books::BooksFilter.new).rows.find do |row|
      row.key == operations::Flips::Traits::NONE
    end
    expect(operations::Flips::Lists.page(view: "archive", by: "technique",
                                         trait: "").total).to eq(none.with.paid.flips + none.with.at_cost.flips)
  end
end
