# frozen_string_literal: true

require "spec_helper"

# Figures by hand in the comments beside them.
RSpec.describe "learning from own flips" do
  books = Core::Books

  describe books::Accuracy do
    # 12 ÷ 10, 20 ÷ 10, 5 ÷ 10, 10 ÷ 10, 11 ÷ 10: median 1.1.
    it "says by how much and which way" do
      answer = described_class.of([[10, 12], [10, 20], [10, 5], [10, 10], [10, 11], [nil, 4], [7, nil]])
      expect(answer).to include(n: 5, ratio: 11/10r, over: 3, under: 1, text: "10% more than expected")
    end

    it "is undefined without pairs" do
      expect(described_class.of([[nil, 1]])).to include(n: 0, ratio: nil, text: "nothing to compare yet")
    end
  end

  describe books::Pace do
    def row(key, goal, so_far, on)
      Core::Books::Pace.new(key, goal, so_far, today: Date.iso8601(on), year: 2026, say: lambda { |amount|
        amount.round.to_s
      }).row
    end

    # 1 January to 14 March are 73 days, a fifth of 365: 100 so far lead to 500; 292 days are left for the other 300.
    it "spreads what came evenly over the days" do
      expect(row(:profit, 400, 100,
                 "2026-03-14")).to have_attributes(heading: 500, needed: Rational(300, 292),
                                                   text: "at this pace you'll end the year at about 500, on course")
      expect(row(:profit, 600, 100, "2026-03-14").text).to eq("at this pace you'll end the year at about 500, 100 short of your goal")
    end

    it "says nothing before a month has passed, and calls nothing undefined" do
      expect(row(:pieces, 10, 2,
                 "2026-01-29")).to have_attributes(heading: nil, text: "too early to tell: 29 of 30 days")
      expect(row(:profit, 400, nil,
                 "2026-03-14")).to have_attributes(heading: nil, text: "nothing yet")
      expect(row(:pieces, nil, 3, "2026-03-14").text).to eq("no goal set")
    end

    it "is over when the year is" do
      expect(row(:pieces, 10, 7, "2027-01-05")).to have_attributes(heading: 7, needed: nil, text: "missed by 3")
      expect(row(:pieces, 10, 12, "2026-12-31").text).to eq("reached")
      expect(row(:pieces, 10, 12, "2026-06-30")).to have_attributes(text: "already reached", needed: nil)
    end

    it "compares pay as it is, for it does not add up" do
      expect(row(:hourly, 15, 12, "2026-01-10")).to have_attributes(heading: 12, needed: nil, text: "3 below the goal")
    end
  end

  describe books::Reasons do
    flip = described_class::Flip
    usual = Array.new(5) { flip.new(kind: "desk", receipts: 200, cost: 50, profit: 150, seconds: 36_000) }

    def reasons(flips, pay: 10) = Core::Books::Reasons.new(flips, pay: pay, text: Core::Units::MoneyWriter.new(Core::Units::Currency.find("EUR")))

    # 120 more brought; 20 more cost works against it; 2 h more at 10 an hour are 20.
    it "names what set it apart, the largest first, and only what goes the same way" do
      best = flip.new(kind: "desk", receipts: 320, cost: 70, profit: 250, seconds: 28_800)
      expect(reasons(usual).for(best)).to eq(["brought €1.20 more than the median desk (of 5)",
                                              "took 2 h less than the median desk (of 5)"])
      worst = flip.new(kind: "desk", receipts: 90, cost: 80, profit: 10, seconds: 36_000)
      expect(reasons(usual).for(worst)).to eq(["brought €1.10 less than the median desk (of 5)",
                                               "cost €0.30 more than the median desk (of 5)"])
    end

    it "looks at all kinds where its own are too few, and says nothing where all are" do
      expect(reasons(usual).for(flip.new(kind: "chair", receipts: 300, cost: 50,
                                         profit: 250))).to eq(["brought €1 more than the median flip (of 5)"])
      expect(reasons(usual.first(4)).for(usual.first)).to eq([])
    end
  end

  describe books::Without do
    def totals(profit, hours)
      tally = Core::Books::Tally.of(profit: profit, receipts: 500, cost: 10, bench_seconds: hours * 3600,
                                    all_seconds: hours * 3600)
      Core::Books::Totals.new({ "sold" => tally })
    end

    # Dropped 100 in 20 h (5 an hour), kept 300 in 15 h (20 an hour). Together 400 in 35 h. Half of 20 h at 20 is 200.
    it "drops what they earned and fills what they took" do
      nothing = described_class.new(totals(100, 20), totals(300, 15)).answer
      expect(nothing).to have_attributes(profit: 300, with: 400, pay: 20, pay_with: Rational(400, 35), freed: 72_000,
                                         made_up: 1/4r)
      expect(described_class.new(totals(100, 20), totals(300, 15), filled: 1/2r).answer.profit).to eq(500)
    end

    it "is undefined where nothing is left" do
      none = Core::Books::Totals.new({})
      expect(described_class.new(totals(100, 20), none,
                                 filled: 1r).answer).to have_attributes(profit: nil, pay: nil, made_up: nil, with: 100)
    end
  end

  describe books::Cheaper do
    # 1000 of receipts, 10% less, 10% fees: 90 lost. 50 days, 2% a percent: 10 days saved at 12 a day are 120.
    it "weighs what is lost against the days it saves" do
      answer = described_class.new([[600, 30], [400, 20]], less: 1/10r, fee_rate: 1/10r, quicker: 2r,
                                                           profit_per_space_day: 12).answer
      expect(answer).to have_attributes(lost: 90, days: 10, won: 120, net: 30, needed: Rational(90, 60), n: 2)
    end

    it "never saves more days than there were, and knows no worth without a place's profit" do
      expect(described_class.new([[600, 30]], less: 1/2r, quicker: 5r, profit_per_space_day: 1).answer.days).to eq(30)
      expect(described_class.new([[600, nil]],
                                 less: 1/10r).answer).to have_attributes(won: nil, net: nil, needed: nil, lost: 60)
    end
  end

  describe books::SideBySide do
    # Two pieces of three days' work with two days' waiting in between (one after each but the last): 5 days each, 10
    # in a row; together the second fills the first one's waiting: hands on days 0 to 5, six days.
    it "fills the waiting of one piece with the next" do
      rows = described_class.new([[3, 2], [3, 2]]).rows
      expect(rows.map(&:days)).to eq([10, 6, 6, 6])
      expect(rows.map(&:idle).first(2)).to eq([4/10r, 0])
      expect(rows.first.a_year).to eq(73)
    end

    it "needs more hands to go on, never less than the work or the longest piece" do
      pieces = [[2, 8], [4, 0], [4, 0]]
      expect(described_class.new(pieces).rows.map(&:days)).to eq([18, 10, 10, 10])
      expect(described_class.new([[4, 0], [4, 0]]).rows.map(&:days)).to eq([8, 8, 8, 8])
      expect(described_class.new([[4, 0], [4, 0]], hands: 2).rows.map(&:days)).to eq([8, 4, 4, 4])
      expect(described_class.new([[0, 4]]).rows).to eq([])
    end
  end
end
