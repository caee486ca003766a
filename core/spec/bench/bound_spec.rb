# frozen_string_literal: true

# What no schedule can undercut: arithmetic, and the scheduler itself over small cases.
RSpec.describe Core::Bench::Bound do
  bench = Core::Bench

  def job(id, minutes, wait: 0, after: [])
    Core::Bench::Job.new(id: id, piece: 1, minutes: minutes, wait: wait, needs: after)
  end

  def session(from, to) = Core::Bench::Session.new(person: 1, from: from, to: to)

  it "is the longest chain of work and waits where hands are plenty" do
    first = job("a", 30, wait: 120)
    second = job("b", 20, after: [["a", 120]])
    expect(described_class.new(jobs: [first, second], sessions: [session(0, 1000)], now: 0).minute).to eq(30 + 120 + 20)
  end

  it "is the hours that are to be had where hands are few, from now on" do
    jobs = [job("a", 60), job("b", 60)]
    expect(described_class.new(jobs: jobs, sessions: [session(500, 560), session(0, 100), session(900, 999)],
                               now: 40).minute).to eq(560)
  end

  it "is now where nothing is to be done, or no session reaches so far" do
    expect(described_class.new(jobs: [], sessions: [], now: 77).minute).to eq(77)
    expect(described_class.new(jobs: [job("a", 60)], sessions: [session(0, 50)], now: 10).minute).to eq(70)
  end

  it "is never undercut by the scheduler" do
    random = Random.new(7)
    20.times do
      jobs = Array.new(5) { |place| job("j#{place}", random.rand(15..90), wait: random.rand(0..200)) }
      sessions = Array.new(6) { |day| session(day * 1440, (day * 1440) + 240) }
      places = { "bench" => bench::Place.new(capacity: 3) }
      schedule = bench::Scheduler.new(jobs: jobs, sessions: sessions, places: places, wishes: [], now: 0, running: [],
                                      drying: []).schedule
      expect(schedule.ready(1)).to be >= described_class.new(jobs: jobs, sessions: sessions, now: 0).minute
    end
  end
end
