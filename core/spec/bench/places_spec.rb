# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Bench::Place do
  it "has room from the minute at which enough of the others have gone" do
    place = described_class.new(capacity: 2)
    place.hold(0, 100, :a)
    place.hold(20, 60, :b)
    place.hold(80, 200, :c)
    expect(place.room_from(0, 10, :d)).to eq(0) # beside a alone
    expect(place.room_from(10, 20, :d)).to eq(60) # b comes at 20
    expect(place.room_from(60, 40, :d)).to eq(100) # from 80 on a and c are there
    expect(place.room_from(20, 40, :a)).to eq(20) # its own place
  end

  it "counts a piece once, however many of its parts dry there" do
    place = described_class.new(capacity: 2)
    place.hold(0, 100, :a)
    place.hold(50, 120, :a)
    expect(place.room_from(60, 10, :b)).to eq(60)
    expect(place.empty.room_from(0, 10, :b)).to eq(0)
  end

  it "has room for any number where it has no limit, and is always open where it has no hours" do
    place = described_class.new
    place.hold(0, 100, :a)
    expect(place.room_from(0, 50, :b)).to eq(0)
    expect(place.open(10, 20)).to eq([[10, 20]])
  end

  it "is open in its windows only, cut to what is asked" do
    place = described_class.new(windows: [[300, 400], [100, 200]])
    expect(place.open(0, 1000)).to eq([[100, 200], [300, 400]])
    expect(place.open(150, 350)).to eq([[150, 200], [300, 350]])
    expect(place.open(200, 300)).to eq([])
  end
end

RSpec.describe Core::Bench::Priority do
  def job(id, minutes, needs: [], **rest)
    Core::Bench::Job.new(id: id, piece: id[0], minutes: minutes, needs: needs, **rest)
  end

  def order(jobs, *wishes)
    described_class.new(jobs, wishes.to_h do |id, rest|
      [id, Core::Bench::PieceWish.new(id: id, **rest)]
    end).order.map(&:id)
  end

  it "knows the work and waits that hang on a job" do
    jobs = [job("a1", 10, wait: 5), job("a2", 20, needs: [["a1", 60]], wait: 90), job("a3", 5, needs: [["a1", 0]])]
    priority = described_class.new(jobs, {})
    # a1: 10 + 60 + a2 (20 + 90) = 180; a3 ends after 5.
    expect(%w[a1 a2 a3].map { |id| priority.tail(id) }).to eq([180, 110, 5])
  end

  it "puts what the longest chain hangs on first within a piece, then reads as the plan does" do
    jobs = [job("a1", 10, position: 0), job("a2", 10, position: 1), job("a3", 10, position: 2, wait: 500)]
    expect(order(jobs)).to eq(%w[a3 a1 a2])
  end

  it "puts what was moved by hand before all else, with what it needs" do
    jobs = [job("a1", 10), job("b1", 10), job("b2", 10, needs: [["b1", 0]], pinned: 50)]
    expect(order(jobs, ["a", { profit: 5000 }])).to eq(%w[b1 b2 a1])
  end

  it "decides between equals by the piece that is ready soonest, then by its number" do
    jobs = [job("a1", 30), job("b1", 20), job("c1", 20)]
    expect(order(jobs)).to eq(%w[b1 c1 a1])
    expect(described_class.new([], {}).order).to eq([])
  end
end

RSpec.describe Core::Bench::Schedule do
  bench = Core::Bench
  jobs = [bench::Job.new(id: "a1", piece: "a", minutes: 70, divisible: true),
          bench::Job.new(id: "b1", piece: "b", minutes: 20, wait: 30)]
  sessions = [[0, 50], [100, 160]].map { |from, to| bench::Session.new(person: 1, from: from, to: to) }
  let(:schedule) do
    bench::Scheduler.new(jobs: jobs, sessions: sessions, wishes: [bench::PieceWish.new(id: "a", profit: 1)]).schedule
  end

  it "says what is worked between two minutes, part by part" do
    expect(schedule.between(0, 1000).map do |slot, from, to|
      [slot.job.id, from, to]
    end).to eq([["a1", 0, 50], ["a1", 100, 120], ["b1", 120, 140]])
    expect(schedule.between(50, 100)).to eq([])
    expect(schedule.between(110, 125).map { |slot, _, _| slot.job.id }).to eq(%w[a1 b1])
  end

  it "says when a piece is ready: worked and waited" do
    expect([schedule.ready("a"), schedule.ready("b"), schedule.ready("unknown")]).to eq([120, 170, nil])
    expect(schedule.makespan).to eq(140)
    expect(schedule.slots["b1"]).to have_attributes(earliest: 0, because: :now, free: 170)
  end
end
