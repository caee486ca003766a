# frozen_string_literal: true

# Cutting plans as a workshop meets them, up to 60 parts: a few lengths that repeat, and all different; from sticks of
# 2400 mm with a kerf of 3.
module StickCases
  STICK = 240_300 # hundredths of a millimetre, one kerf more
  KERF = 300

  module_function

  # Array of {length => number}.
  def repeating(count, random = Random.new(1))
    Array.new(count) do
      lengths = Array.new(random.rand(2..10)) { (random.rand(150..1500) * 100) + KERF }
      Array.new(random.rand(10..60)) { lengths.sample(random: random) }.tally
    end
  end

  def different(count, random = Random.new(2))
    Array.new(count) { Array.new(random.rand(20..60)) { (random.rand(150..1500) * 100) + KERF }.tally }
  end

  # Of cases: [proven within 2 s, largest gap to the bound, worst seconds].
  def measure(cases)
    rows = cases.map do |sizes|
      start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      plan = Core::Tools::StickPlan.new(sizes, STICK)
      gap = plan.count - plan.bound
      [gap, Process.clock_gettime(Process::CLOCK_MONOTONIC) - start]
    end
    [rows.count { |gap, seconds| gap.zero? && seconds <= 2 }, rows.map(&:first).max, rows.map(&:last).max]
  end
end
