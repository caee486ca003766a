# frozen_string_literal: true

require "spec_helper"

# What must hold of any history, over random ones.
RSpec.describe "learning, over random histories" do
  books = Core::Books
  random = Random.new(2026)

  describe books::SideBySide do
    let(:histories) { Array.new(60) { Array.new(random.rand(1..12)) { [random.rand(1..6), random.rand(0..20)] } } }

    def days(pieces, hands) = described_class.new(pieces, hands: hands).rows.map(&:days)

    # A piece worked on one day only has no days in between to wait.
    def span((worked, idle)) = worked > 1 ? worked + idle : worked

    it "takes one after the other for as long as they took together" do
      histories.each { |pieces| expect(days(pieces, 1).first).to eq(pieces.sum { |piece| span(piece) }) }
    end

    it "is never done before the longest piece, nor with fewer days of hands than were worked" do
      histories.product([1, 2]).each do |pieces, hands|
        least = [pieces.map { |piece| span(piece) }.max, (pieces.sum(&:first) / hands.to_f).ceil].max
        expect(days(pieces, hands)).to all(be >= least)
        expect(days(pieces, hands)).to all(be <= pieces.sum { |piece| span(piece) })
      end
    end

    it "leaves no more of the hands' days unused than there are" do
      histories.each { |pieces| expect(described_class.new(pieces).rows.map(&:idle)).to all(be_between(0, 1)) }
    end
  end

  describe books::Cheaper do
    it "loses more the less is asked, and saves no fewer days" do
      40.times do
        sales = Array.new(random.rand(1..20)) do
          [random.rand(1..400_00), [nil, random.rand(0..90)].sample(random: random)]
        end
        answers = [1/20r, 1/10r, 3/10r, 9/10r].map do |less|
          described_class.new(sales, less: less, quicker: 2r, profit_per_space_day: 50).answer
        end
        expect(answers.map(&:lost)).to eq(answers.map(&:lost).sort)
        expect(answers.map(&:days)).to eq(answers.map(&:days).sort)
        expect(answers.last.days).to be <= sales.sum { |_, days| days.to_i }
      end
    end

    it "breaks even just where it says it does" do
      sales = [[200_00, 40], [150_00, 25], [90_00, nil]]
      needed = described_class.new(sales, less: 1/10r, fee_rate: 1/10r, profit_per_space_day: 1_00).answer.needed
      at = described_class.new(sales, less: 1/10r, fee_rate: 1/10r, profit_per_space_day: 1_00, quicker: needed).answer
      expect(needed).to eq(Rational(440_00 * 9 / 10, 65 * 100)) # 440.00 × 10% × 90% ÷ (65 × 10% × 1.00)
      expect(at.net).to eq(0)
    end
  end

  describe books::Without do
    def totals(rows)
      tallies = rows.map { |profit, hours| Core::Books::Tally.of(profit: profit, receipts: 1, cost: 1, bench_seconds: hours * 3600, all_seconds: 0) }
      Core::Books::Totals.new({ "sold" => tallies.sum(Core::Books::Tally.zero) })
    end

    it "loses nothing just where it says that all is made up" do
      40.times do
        dropped, kept = Array.new(2) { Array.new(random.rand(1..9)) { [random.rand(1..200_00), random.rand(1..9)] } }
        answer = described_class.new(totals(dropped), totals(kept)).answer
        made_up = described_class.new(totals(dropped), totals(kept), filled: answer.made_up).answer
        expect(made_up.profit).to eq(answer.with)
      end
    end
  end

  describe books::Pace do
    it "leads to no less than has come, and asks for just what is missing" do
      60.times do
        goal = random.rand(1..5000)
        so_far = random.rand(0..6000)
        day = Date.new(2026, 1, 1) + random.rand(0..364)
        row = described_class.new(:profit, goal, so_far, today: day, year: 2026).row
        expect(row.heading).to be >= so_far if row.heading
        left = (Date.new(2026, 12, 31) - day).to_i
        expect(so_far + (row.needed * left)).to eq(goal) if row.needed
        expect(row.needed).to be_nil if so_far >= goal
      end
    end
  end

  describe books::StockTake do
    def piece(random)
      bought = Date.new(2026, 1, 1) + random.rand(0..200)
      ended = [nil, bought + random.rand(0..200)].sample(random: random)
      payments = Array.new(random.rand(1..3)) do
        [[nil, bought + random.rand(0..60)].sample(random: random), random.rand(0..100_00)]
      end
      described_class::Piece.new(name: "x", bought_on: bought, ended_on: ended, ended: !ended.nil?, payments: payments)
    end

    # Stock at the end is the stock at the start and what was paid, less what had gone into pieces that went.
    it "moves by what comes in and what goes out" do
      40.times do
        pieces = Array.new(random.rand(1..15)) { piece(random) }
        first = Date.new(2026, 3, 31)
        last = Date.new(2026, 9, 30)
        take = described_class.new(pieces)
        flows = pieces.sum do |one|
          paid = ->(from, to) { one.payments.sum { |on, minor| (from..to).cover?(on || one.bought_on) ? minor : 0 } }
          gone = one.ended_on && one.ended_on <= last
          was = one.bought_on <= first && !(one.ended_on && one.ended_on <= first) ? paid.call(Date.new(1), first) : 0
          (gone ? 0 : paid.call(Date.new(1), last)) - was
        end
        expect(take.at(last).total - take.at(first).total).to eq(flows)
      end
    end
  end
end
