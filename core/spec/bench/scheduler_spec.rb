# frozen_string_literal: true

require "spec_helper"

# Small workshops worked out by hand; times are minutes.
RSpec.describe Core::Bench::Scheduler do
  bench = Core::Bench

  def job(id, minutes, **rest) = Core::Bench::Job.new(id: id, piece: id[0], minutes: minutes, place: "bench", **rest)
  def session(from, to, person: 1) = Core::Bench::Session.new(person: person, from: from, to: to)
  def wish(id, **rest) = Core::Bench::PieceWish.new(id: id, **rest)
  def slots(jobs, sessions, **rest) = described_class.new(jobs: jobs, sessions: sessions, **rest).schedule
  def times(schedule) = schedule.sequence.map { |slot| [slot.job.id, *slot.chunks.flatten] }

  it "fills the wait of one piece with the work of another" do
    coats = [job("a1", 30, wait: 60), job("a2", 30, needs: [["a1", 60]])]
    found = slots([*coats, job("b1", 40)], [session(0, 200)], wishes: [wish("a", profit: 9000), wish("b", profit: 100)])
    expect(times(found)).to eq([["a1", 0, 30], ["b1", 30, 70], ["a2", 90, 120]])
    expect(found.ready("a")).to eq(120)
    expect(found.slots["a2"]).to have_attributes(because: "a1", earliest: 90)
  end

  it "gives promised pieces their time first, then those that earn more an hour, then those ready soonest, unknown profit last" do
    jobs = [job("a", 60), job("b", 60), job("c", 60), job("d", 30), job("e", 60)]
    wishes = [wish("a", profit: 1000), wish("b", profit: 5000), wish("c", promised: 900), wish("e")]
    found = slots(jobs, [session(0, 600)], wishes: wishes)
    expect(found.sequence.map { |slot| slot.job.id }).to eq(%w[c b a d e])
    expect(found.pieces).to eq(%w[c b a d e])
    # A quarter of an hour is the least that profit is shared by: 1000 ÷ 0.25 h, not 1000 ÷ 0.1 h.
    expect(wish("a", profit: 1000).value(6)).to eq(4000)
    expect(wish("a").value(6)).to be_nil
  end

  it "breaks what the usual session cannot hold, though one long session lies somewhere else or behind" do
    evenings = [session(1000, 1120), session(2000, 2120), session(3000, 3120)]
    found = slots([job("a", 150)], [session(0, 300), *evenings], now: 500)
    expect(times(found)).to eq([["a", 1000, 1120, 2000, 2030]])
    early = slots([job("a", 150)], [*evenings.first(2), session(9000, 9300)])
    expect(times(early)).to eq([["a", 1000, 1120, 2000, 2030]])
    full = slots([job("a", 150), job("b", 280)], [session(0, 300), *evenings],
                 wishes: [wish("b", promised: 10), wish("a")])
    expect(times(full)).to eq([["b", 0, 280], ["a", 280, 300, 1000, 1115, 2000, 2015]])
  end

  it "puts a coat whole into the next session, breaks sanding at a session's end, and leaves no rest under a quarter of an hour" do
    coat = slots([job("a", 60)], [session(0, 40), session(100, 200)])
    expect(times(coat)).to eq([["a", 100, 160]])
    sanding = slots([job("a", 60, divisible: true)], [session(0, 40), session(100, 200)])
    expect(times(sanding)).to eq([["a", 0, 40, 100, 120]])
    # 5 minutes would be left after 40: it stops at 35, so that 10 are.
    expect(times(slots([job("a", 45, divisible: true)],
                       [session(0, 40), session(100, 200)]))).to eq([["a", 0, 35, 100, 110]])
    # What no session can hold is broken all the same, with at least 15 minutes in each part.
    long = slots([job("a", 110)], [session(0, 50), session(100, 150), session(200, 250)])
    expect(times(long)).to eq([["a", 0, 50, 100, 145, 200, 215]])
  end

  it "works with two pairs of hands, never two on one piece" do
    jobs = [job("a1", 30), job("a2", 30), job("b1", 30)]
    found = slots(jobs, [session(0, 100), session(0, 100, person: 2)], wishes: [wish("a", profit: 900)])
    expect(found.slots["a1"].from).to eq(0)
    expect(found.slots["a2"].from).to eq(30)
    expect(found.slots["b1"]).to have_attributes(from: 0, person: 2)
  end

  it "keeps places: a piece that dries holds its own, and outdoors is open on dry days only" do
    full = { "bench" => bench::Place.new(capacity: 1) }
    found = slots([job("a1", 30, wait: 100), job("b1", 30)], [session(0, 400)], places: full,
                                                                                wishes: [wish("a", profit: 1)])
    expect(times(found)).to eq([["a1", 0, 30], ["b1", 130, 160]])
    expect(found.slots["b1"].earliest).to eq(0)
    light = { "outdoors" => bench::Place.new(windows: [[100, 140], [300, 500]]) }
    outside = bench::Job.new(id: "s", piece: "s", minutes: 60, place: "outdoors")
    expect(times(slots([outside], [session(0, 400)], places: light))).to eq([["s", 300, 360]])
    dry = slots([job("b1", 30)], [session(0, 400)], places: full, drying: [["bench", "a", 75]])
    expect(times(dry)).to eq([["b1", 75, 105]])
  end

  it "never moves what runs, and begins what was moved no earlier than its day, with all it needs before it" do
    jobs = [job("a1", 30), job("a2", 20, needs: [["a1", 10]], pinned: 100), job("b1", 60)]
    found = slots(jobs, [session(0, 300)], wishes: [wish("b", profit: 1)], now: 5, running: [[jobs.last, 1, 2, 62]])
    expect(found.slots["b1"]).to have_attributes(from: 2, to: 62, because: :running)
    expect(times(found)).to include(["a1", 62, 92], ["a2", 102, 122])
    later = slots([job("a1", 30, pinned: 100)], [session(0, 300)])
    expect(later.slots["a1"]).to have_attributes(from: 100, because: :moved)
  end

  it "says why something cannot be planned, and of what hangs on it; a piece with it has no ready date" do
    jobs = [job("a1", 30, blocked: "a zone is undecided"), job("a2", 30, needs: [["a1", 0]]), job("b1", 500)]
    found = slots(jobs, [session(0, 100)])
    expect(found.left).to eq("a1" => "a zone is undecided", "a2" => "a zone is undecided",
                             "b1" => described_class::NEVER)
    expect([found.ready("a"), found.why_not("a"),
            found.why_not("b")]).to eq([nil, "a zone is undecided", described_class::NEVER])
    expect(slots([], []).makespan).to eq(0)
  end

  it "waits for parts until they are expected" do
    found = slots([job("a1", 30, not_before: 50)], [session(0, 100)])
    expect(found.slots["a1"]).to have_attributes(from: 50, because: :expected)
  end

  it "brings like work together where nothing else is the later for it" do
    jobs = [job("a1", 20, like: %w[coat white]), job("b1", 20), job("c1", 20, like: %w[coat white])]
    wishes = [wish("a", promised: 1), wish("b", promised: 2), wish("c", promised: 3)]
    sessions = [session(0, 200)]
    plain = slots(jobs, sessions, wishes: wishes)
    expect(plain.sequence.map { |slot| slot.job.id }).to eq(%w[a1 b1 c1])
    # b would be ready 20 minutes later: it stays.
    expect(bench::Grouping.new(plain, sessions, {}).schedule(jobs).sequence.map do |slot|
      slot.job.id
    end).to eq(%w[a1 b1 c1])

    more = [*jobs, job("b2", 20, needs: [["b1", 100]])]
    waiting = slots(more, sessions, wishes: wishes)
    grouped = bench::Grouping.new(waiting, sessions, {}).schedule(more)
    expect(waiting.sequence.map { |slot| slot.job.id }).to eq(%w[a1 b1 c1 b2])
    expect(grouped.ready("b")).to eq(waiting.ready("b"))
    roomy = [*jobs, job("b2", 20, not_before: 150)]
    apart = slots(roomy, sessions, wishes: wishes)
    together = bench::Grouping.new(apart, sessions, {}).schedule(roomy)
    expect(together.sequence.map { |slot| slot.job.id }).to eq(%w[a1 c1 b1 b2])
    expect(%w[a b].map { |id| together.ready(id) }).to eq(%w[a b].map { |id| apart.ready(id) })
    expect(together.ready("c")).to be < apart.ready("c")
  end
end
