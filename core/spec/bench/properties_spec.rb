# frozen_string_literal: true

require "spec_helper"

# Over many generated workshops.
RSpec.describe "any schedule" do
  bench = Core::Bench
  day = 1440

  any_jobs = lambda do |random|
    (1..random.rand(1..6)).flat_map do |piece|
      (1..random.rand(1..8)).map do |number|
        before = (1...number).to_a.sample(random.rand(0..2), random: random)
        wait = [0, 0, 30, 120, 720].sample(random: random)
        bench::Job.new(id: "#{piece}:#{number}", piece: piece, minutes: random.rand(1..90), position: number, wait: wait,
                       needs: before.map { |other| ["#{piece}:#{other}", [0, 45, 300].sample(random: random)] },
                       place: %w[bench bench tent outdoors].sample(random: random), divisible: random.rand < 0.3,
                       like: [nil, %w[coat white]].sample(random: random), not_before: random.rand < 0.1 ? random.rand(3 * day) : 0,
                       pinned: random.rand < 0.1 ? random.rand(0..4) * day : nil, blocked: random.rand < 0.05 ? "not here" : nil)
      end
    end
  end

  any_problem = lambda do |random|
    jobs = any_jobs.call(random)
    sessions = [1, 2].first(random.rand(1..2)).flat_map do |person|
      (0..40).filter_map do |number|
        from = (number * day) + random.rand(480..1100)
        bench::Session.new(person: person, from: from, to: from + random.rand(30..240)) if random.rand < 0.7
      end
    end
    places = { "bench" => bench::Place.new(capacity: [nil, 1, 3].sample(random: random)), "tent" => bench::Place.new(capacity: 1),
               "outdoors" => bench::Place.new(windows: (0..40).select do
                 random.rand < 0.6
               end.map { |number| [(number * day) + 480, (number * day) + 1020] }) }
    wishes = jobs.map(&:piece).uniq.map do |piece|
      bench::PieceWish.new(id: piece, promised: random.rand < 0.3 ? random.rand(20) * day : nil,
                           profit: random.rand < 0.7 ? random.rand(20_000) : nil)
    end
    running = sessions.empty? ? [] : [[jobs.first, sessions.first.person, 5, 25]]
    { jobs: jobs, sessions: sessions, places: places, wishes: wishes, now: 10, running: running }
  end

  150.times.each_slice(50) do |seeds|
    it "keeps hands, waits and places, and leaves what runs where it is (seeds #{seeds.first} to #{seeds.last})" do
      seeds.each do |seed|
        problem = any_problem.call(Random.new(seed))
        plain = bench::Scheduler.new(**problem).schedule
        grouped = bench::Grouping.new(plain, problem[:sessions], problem[:places]).schedule(problem[:jobs])
        [plain, grouped].each { |schedule| check(schedule, problem, seed) }
        expect(grouped.slots.transform_values(&:person)).to eq(plain.slots.transform_values(&:person)), "seed #{seed}"
        problem[:jobs].map(&:piece).uniq.each do |piece|
          expect(grouped.ready(piece).to_i).to be <= plain.ready(piece).to_i, "seed #{seed}"
        end
      end
    end
  end

  def check(schedule, problem, seed)
    slots = schedule.slots
    expect(slots.keys + schedule.left.keys).to match_array(problem[:jobs].map(&:id)), "seed #{seed}: nothing is lost"
    check_running(slots, problem[:running], seed)
    slots.values.reject { |slot| slot.because == :running }.each do |slot|
      check_slot(slot, slots, problem[:now], seed)
      slot.chunks.each { |chunk| check_chunk(slot, chunk, problem, seed) }
    end
    check_shared(slots.values, problem[:places], seed)
  end

  def check_shared(slots, places, seed)
    hands(slots).each { |one, other| expect(other[0]).to be >= one[1], "seed #{seed}: one hand in two places" }
    places.select { |_, place| place.capacity }.each { |name, place| check_place(name, place, slots, seed) }
  end

  def check_running(slots, running, seed)
    running.each do |job, person, from, to|
      expect(slots[job.id]).to have_attributes(person: person, chunks: [[from, to]]), "seed #{seed}"
    end
  end

  def check_slot(slot, slots, now, seed)
    job = slot.job
    expect(slot.minutes).to eq(job.minutes), "seed #{seed}"
    expect(slot.from).to be >= [now, job.not_before, job.pinned || 0].max, "seed #{seed}"
    job.needs.each do |id, wait|
      expect(slot.from).to be >= slots.fetch(id).to + wait, "seed #{seed}: #{job.id} before #{id} is dry"
    end
  end

  # A chunk lies in a session of its person, in daylight where it is outdoors, and is not too short.
  def check_chunk(slot, (from, to), problem, seed)
    held = problem[:sessions].any? do |session|
      session.person == slot.person && session.from <= from && session.to >= to
    end
    expect(held).to be(true), "seed #{seed}"
    windows = problem[:places][slot.job.place].windows || [[from, to]]
    expect(windows.any? do |open, shut|
      open <= from && shut >= to
    end).to be(true), "seed #{seed}: #{slot.job.id} in the dark or the rain"
    least = slot.job.divisible ? 10 : 15
    expect(slot.chunks.size == 1 || to - from >= least).to be(true), "seed #{seed}"
  end

  def hands(slots)
    slots.group_by(&:person).values.flat_map { |own| own.flat_map(&:chunks).sort.each_cons(2).to_a }
  end

  # The pieces that are worked on or dry there at once, at each moment at which one comes.
  def check_place(name, place, slots, seed)
    stays = slots.select do |slot|
      slot.job.place == name
    end.map { |slot| [slot.from, [slot.free, slot.to].max, slot.job.piece] }
    stays.each do |from, _, _|
      here = stays.select { |start, stop, _| start <= from && stop > from }.map(&:last).uniq
      expect(here.size).to be <= [place.capacity, 1].max, "seed #{seed}: #{name} is over its capacity"
    end
  end

  it "is the same for the same input" do
    20.times do |seed|
      once, again = Array.new(2) { bench::Scheduler.new(**any_problem.call(Random.new(seed))).schedule }
      expect(once.sequence.map { |slot| [slot.job.id, slot.person, slot.chunks] }).to eq(again.sequence.map { |slot|
        [slot.job.id, slot.person, slot.chunks]
      })
    end
  end
end
