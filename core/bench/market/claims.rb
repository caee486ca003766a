# frozen_string_literal: true

module MarketBench
  # How often something is claimed of workshops in which there is nothing to claim, and how often what is true is found.
  module Claims
    SEED = 97_000
    KINDS = 6
    TABLES = [6, 5, 4, 5].freeze # kinds, sources, channels, finishes: groups by chance, looked at together
    Books = Core::Books

    extend self

    # workshops: of each. Prints percent of workshops with a wrong claim, and with the true one.
    def print(workshops)
      puts "", "Claims, percent of #{workshops} workshops; seeds from #{SEED}"
      [15, 36, 60, 300].each do |flips|
        wrong = share(workshops) { |random| wrong?(random, flips) }
        found = share(workshops) { |random| found?(random, flips) }
        puts format("%4d flips: something claimed of noise %5.1f; a kind that pays double found %5.1f", flips, wrong,
                    found)
      end
      [30, 60, 150].each do |listings|
        wrong = share(workshops) { |random| Books::Season.new(stays(random, listings) { 0.03 }).notes.any? }
        found = share(workshops) { |random| Books::Season.new(stays(random, listings) { |month| wave(month) }).notes.any? }
        puts format("%4d listings: a season claimed of noise %5.1f; a wave of 60%% found %5.1f", listings, wrong, found)
      end
    end

    def share(workshops) = 100.0 * (0...workshops).count { |n| yield Random.new(SEED + n) } / workshops

    # Hours 3 to 14, profit about 12.00 an hour, as far apart as flips are.
    def flip(random, pay = 12_00)
      hours = random.rand(3.0..14.0)
      [(pay * hours) + (Draw.normal(random) * 7_00 * Math.sqrt(8 * hours)), hours]
    end

    def sums(flips)
      Books::WhatPays::Sums.new(flips.size, flips.sum(&:first), flips.sum(&:last), flips.sum do |profit, hours|
        profit * profit / hours
      end)
    end

    def claims(flips, groups)
      Books::WhatPays.new(sums(flips), groups.transform_values { |rows| sums(rows) }, looked_at: TABLES.sum).rows
    end

    def wrong?(random, number)
      flips = Array.new(number) { flip(random) }
      TABLES.any? { |groups| claims(flips, flips.group_by { random.rand(groups) }).any?(&:claim) }
    end

    def found?(random, number)
      kinds = Array.new(number) { random.rand(KINDS) }
      flips = kinds.map { |kind| flip(random, kind.zero? ? 24_00 : 12_00) }
      claims(flips, flips.each_index.group_by { |i| kinds[i] }.transform_values { |places| flips.values_at(*places) })
        .any? { |row| row.key.zero? && row.claim == "more" }
    end

    def wave(month) = 0.03 * (1 + (0.6 * Math.cos((month - 5) * Math::PI / 6)))

    # Listings from every month of three years, each until it sells at a rate a day or half a year is over.
    def stays(random, number)
      Array.new(number) do
        from = Date.new(2023, 1, 1) + random.rand(3 * 365)
        days = (0..180).find { |day| random.rand < yield((from + day).month) }
        Books::Season::Listing.new(from, days || 181, !days.nil?)
      end
    end
  end
end
