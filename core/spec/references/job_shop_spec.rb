# frozen_string_literal: true

require "spec_helper"

# The 6 × 6 instance of Fisher and Thompson, "Probabilistic learning combinations of local job-shop scheduling rules",
# in Muth and Thompson (editors), Industrial Scheduling, Prentice-Hall 1963; optimum 55. From memory: machine and time
# of each operation, job by job.
RSpec.describe "the job shop of Fisher and Thompson" do
  bench = Core::Bench
  shop = [[[2, 1], [0, 3], [1, 6], [3, 7], [5, 3], [4, 6]],
          [[1, 8], [2, 5], [4, 10], [5, 10], [0, 10], [3, 4]],
          [[2, 5], [3, 4], [5, 8], [0, 9], [1, 1], [4, 7]],
          [[1, 5], [0, 5], [2, 5], [3, 3], [4, 8], [5, 9]],
          [[2, 9], [1, 3], [4, 5], [5, 4], [0, 3], [3, 1]],
          [[1, 3], [3, 3], [5, 9], [0, 10], [4, 4], [2, 1]]]

  jobs = shop.each_with_index.flat_map do |row, piece|
    row.each_with_index.map do |(machine, minutes), place|
      bench::Job.new(id: "#{piece}:#{place}", piece: piece, minutes: minutes, place: machine, hands: false, position: place,
                     needs: place.zero? ? [] : [["#{piece}:#{place - 1}", 0]])
    end
  end
  problem = { jobs: jobs, sessions: [], places: (0..5).to_h { |machine| [machine, bench::Place.new(capacity: 1)] } }
  let(:found) { bench::Makespan.new(**problem).schedule }

  it "is solved at its published optimum, in an order that can be worked" do
    expect(found.makespan).to eq(55)
    slots = found.slots
    expect(slots.size).to eq(36)
    jobs.each { |job| job.needs.map(&:first).each { |id| expect(slots[job.id].from).to be >= slots[id].to } }
    jobs.group_by(&:place).each_value do |own|
      own.map { |job| slots[job.id] }.sort_by(&:from).each_cons(2) { |one, other| expect(other.from).to be >= one.to }
    end
  end

  it "cannot be shorter than its longest job and its busiest machine" do
    # job 2: 8 + 5 + 10 + 10 + 10 + 4 = 47; machine 5: 3 + 10 + 8 + 9 + 4 + 9 = 43
    expect(bench::Makespan.new(**problem).bound).to eq(47)
  end

  it "leaves alone what cannot be shortened" do
    one = jobs.select { |job| job.piece == 1 }
    alone = bench::Makespan.new(**problem, jobs: one)
    expect([alone.schedule.makespan, alone.bound]).to eq([47, 47])
  end
end
