# frozen_string_literal: true

require "spec_helper"

# What must hold of every flip, over many made at random from fixed seeds.
RSpec.describe "any flip" do
  let(:flips) { Core::Flips }
  let(:random) { Random.new(20_261_124) }

  def money = random.rand(0..50_000)

  def statement(rule: "bench")
    sale = { price: money, tip: random.rand(0..500), fee: random.rand(0..2000), delivery: random.rand(0..1500) }
    kinds = Core::Flips::WorkKinds.keys.sample(random.rand(0..5), random: random)
    flips::Statement.new(
      stage: "sold", hours_rule: rule, sale: flips::Sale.new(**sale),
      money_in: flips::MoneyIn.new(purchase: money, materials: money, hardware: money, other: money, sundries: random.rand(0..500)),
      work: Core::Flips::HoursWorked.new(kinds.to_h { |kind| [kind, random.rand(0..400) * 60] })
    )
  end

  it "earns what was received less what was spent, and its terms add up to each figure" do
    300.times do
      flip = statement
      expect(flip.cash_profit.amount).to eq(flip.receipts.amount - flip.cash_in.amount - flip.selling.amount)
      expect(flip.cash_profit.amount).to eq(flip.take_home.amount - flip.cash_in.amount)
      [flip.cash_in, flip.receipts, flip.selling, flip.take_home, flip.cash_profit].each do |figure|
        expect(total(figure)).to eq(figure.amount)
      end
    end
  end

  def total(figure)
    figure.terms.sum { |term| term.sign == "−" ? -term.figure.amount : term.figure.amount }
  end

  it "never works fewer hours by the wider rule, and pays the less for it" do
    300.times do
      flip = statement
      bench = flip.hours("bench").amount
      all = flip.hours("all").amount
      # Unknown at the bench: then whatever hours there are were worked around it.
      counted = flip.hours("all").terms.map { |term| term.figure.key }
      next expect(counted.count { |kind| Core::Flips::WorkKinds.bench?(kind) }).to eq(0) if bench.nil?

      expect(all).to be >= bench
      next unless bench.positive? && flip.cash_profit.amount.positive?

      expect(flip.hourly_pay("all").amount).to be <= flip.hourly_pay("bench").amount
    end
  end

  it "is defined or says why, never both and never neither" do
    300.times do
      statement.figures.each { |figure| expect(figure.amount.nil?).to eq(!figure.why.nil?), figure.label }
    end
  end

  it "adds up to the same totals however it is grouped" do
    tally = Core::Books::Tally
    100.times do
      flips = Array.new(random.rand(1..30)) do
        seconds = [nil, random.rand(0..9000)].sample(random: random)
        tally.of(profit: [nil, money - 20_000].sample(random: random), receipts: money, cost: money,
                 bench_seconds: seconds, all_seconds: seconds)
      end
      whole = flips.sum(tally.zero)
      groups = flips.group_by { random.rand(4) }.values.map { |group| group.sum(tally.zero) }
      expect(groups.sum(tally.zero)).to eq(whole)
      expect(whole.flips).to eq(flips.size)
    end
  end

  describe "its days" do
    def chain(gaps, ending)
      day = Date.new(2026, 1, 1)
      events = %i[first_work ready listed].zip(gaps).filter_map do |kind, gap|
        next if gap.nil?

        day += gap
        flips::Event.new(kind: kind, on: day)
      end
      events << flips::Event.new(kind: ending, on: day + random.rand(0..40)) if ending
      flips::Chain.new(bought_on: Date.new(2026, 1, 1), events: events.shuffle(random: random))
    end

    def each_chain
      200.times do
        gaps = Array.new(3) { [nil, random.rand(0..20)].sample(random: random) }
        yield chain(gaps, [nil, :sold, :kept, :scrapped].sample(random: random))
      end
    end

    it "fill the strip from the first to the last, without gap or overlap" do
      each_chain do |chain|
        turnaround = flips::Turnaround.new(chain, today: Date.new(2026, 6, 1))
        strip = turnaround.strip
        expect(strip.each_cons(2).all? { |earlier, later| earlier[:to] == later[:from] }).to be(true)
        next if strip.empty?

        expect(strip.first[:from]).to eq(0)
        expect(strip.last[:to]).to eq(turnaround.days_held)
        expect(strip.sum { |part| part[:to] - part[:from] }).to eq(turnaround.days_held)
      end
    end

    it "add up to the turnaround where every part is known" do
      each_chain do |chain|
        turnaround = flips::Turnaround.new(chain, today: Date.new(2026, 6, 1))
        days = turnaround.parts.map(&:amount)
        expect(days.sum).to eq(turnaround.whole.amount) if chain.stage == "sold" && days.none?(&:nil?)
      end
    end

    it "do not depend on the order in which events were written down" do
      each_chain do |one|
        events = one.events.reject { |event| event.kind == :bought }
        other = flips::Chain.new(bought_on: one.on(:bought), events: events.reverse)
        expect([other.stage, other.events]).to eq([one.stage, one.events])
      end
    end
  end

  describe "its price by cost and pay" do
    it "rises with pay and pays it: the take-home at the floor covers costs and wages to the minor unit" do
      300.times do
        costs = money
        seconds = random.rand(1..600) * 60
        rate = Rational(random.rand(0..60), 100)
        floor = random.rand(0..3000)
        prices = Core::Market::CostAndPay.new(costs: costs, seconds: seconds, fee_rate: rate, fixed: random.rand(0..800),
                                              floor_pay: floor, target_pay: floor + random.rand(0..2000))
        amounts = prices.figures.map(&:amount)
        expect(amounts).to eq(amounts.sort)
        left = (prices.floor.amount * (1 - rate)) - prices.floor.terms.first(3).sum { |term| term.figure.amount }
        expect(left).to be_between(0, 1)
      end
    end
  end
end
