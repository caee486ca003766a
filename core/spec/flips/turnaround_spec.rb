# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Flips::Turnaround do
  def turnaround(dates, bought: "2026-05-01", today: "2026-06-30")
    events = dates.map { |kind, on| Core::Flips::Event.new(kind: kind, on: on && day(on)) }
    chain = Core::Flips::Chain.new(bought_on: bought && day(bought), events: events)
    described_class.new(chain, today: day(today))
  end

  let(:sold) { turnaround({ first_work: "2026-05-04", ready: "2026-05-10", listed: "2026-05-10", sold: "2026-06-02" }) }

  it "counts each part and the whole in days by date" do
    expect(sold.parts.map(&:amount)).to eq([3, 6, 0, 23])
    expect(sold.whole.amount).to eq(32)
    expect(sold.parts.sum(&:amount)).to eq(sold.whole.amount)
  end

  it "gives each day to the latest stage that has begun" do
    expect(sold.strip.map do |part|
      [part[:lane], part[:from], part[:to]]
    end).to eq([[:waiting, 0, 3], [:bench, 3, 9], [:market, 9, 32]])
  end

  it "says what its days bear, one event a day, none before the purchase" do
    expect(sold.dates.map do |on, _, event|
      [on, event.kind]
    end).to eq([[0, :bought], [3, :first_work], [9, :listed], [32, :sold]])
    expect(turnaround({}, bought: nil).dates).to eq([])
  end

  it "runs the last part until today while the piece is in hand" do
    strip = turnaround({ first_work: "2026-05-04" }, today: "2026-05-09").strip
    expect(strip.last).to include(lane: :bench, to: 8, running: true)
    expect(turnaround({},
                      today: "2026-05-01").strip).to contain_exactly(include(lane: :waiting, from: 0, to: 0,
                                                                             running: true))
  end

  it "leaves undefined what cannot be known, with why" do
    gaps = turnaround({ sold: "2026-06-02" })
    expect(gaps.parts.map(&:why)).to eq(["first work: not recorded", "first work: not recorded", "ready: not recorded",
                                         "listed: not recorded"])
    expect(turnaround({}).whole.why).to eq("sold: not recorded")
    expect(turnaround({ sold: nil }).whole.why).to eq("sold: date unknown")
    expect(turnaround({ sold: "2026-06-02" }, bought: nil).strip).to eq([])
  end

  it "shows no stage that began and ended on one day, and runs nothing past an end whose day is not known" do
    expect(turnaround({ sold: "2026-05-01" }).strip).to eq([])
    expect(turnaround({ first_work: "2026-05-04", ready: "2026-05-04" }, today: "2026-05-09").strip.map do |part|
      part.values_at(:lane, :from, :to)
    end)
      .to eq([[:waiting, 0, 3], [:waiting, 3, 8]])
    ended = turnaround({ listed: "2026-05-10", sold: nil })
    expect(ended.parts.last).to have_attributes(amount: nil, why: "sold: date unknown")
  end

  it "is 0, not undefined, on one day" do
    expect(turnaround({ sold: "2026-05-01" }).whole.amount).to eq(0)
  end
end
