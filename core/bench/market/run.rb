# frozen_string_literal: true

require_relative "../../lib/kohlrabi/core"
require_relative "regime"
require_relative "piece"
require_relative "rivals"
require_relative "workshop"
require_relative "claims"

module MarketBench
  # Plays many workshops of every regime and prints what the model loses against one who knows the market, beside what
  # people do by hand.
  class Run
    SEED = 611_000

    # workshops: of each regime; processes: that play at once.
    def initialize(workshops: 200, processes: 2)
      @workshops = workshops
      @processes = processes
    end

    def print
      puts "#{@workshops} workshops of #{Workshop::LISTINGS} listings each, seeds from #{SEED}; regret in profit per place-day, in percent, after"
      puts "0, 10, 30, 100 own sales; beside it how often the 80% interval held the value"
      [true, false].each do |others|
        puts "", others ? "With three comparables a piece" : "Without comparables"
        Regime::ALL.each_with_index { |regime, index| row(regime, play(regime, others, SEED + (index * 10_000))) }
      end
    end

    private

    def row(regime, (sums, inside, looked_at))
      puts format("%-46s coverage %4.1f", regime.name, 100.0 * inside / looked_at)
      ["model", *Rivals::ALL.keys].each do |who|
        regrets = Workshop::CHECKS.map { |check| regret(sums[check], who) }
        puts format("  %-26s %s", who, regrets.map { |one| format("%6.1f", one * 100) }.join)
      end
      $stdout.flush
    end

    def regret(sums, who)
      pay, days = sums[who]
      best, best_days = sums["knows the market"]
      1 - ((pay / days) / (best / best_days))
    end

    # [sums, inside, looked at] over all workshops.
    def play(regime, others, seed)
      parts = (0...@processes).map do |part|
        reading, writing = IO.pipe
        pid = fork do
          reading.close
          writing.write(Marshal.dump(together((part...@workshops).step(@processes).map do |n|
            result(Workshop.new(regime, seed + n, others: others).play)
          end)))
          exit!(0)
        end
        writing.close
        [pid, reading]
      end
      together(parts.map { |pid, reading| Marshal.load(reading.read).tap { Process.wait(pid) } }) # rubocop:disable Security/MarshalLoad -- of our own child
    end

    def result(shop) = [shop.sums.transform_values(&:to_h), shop.inside, shop.looked_at]

    def together(results)
      sums = Workshop::CHECKS.to_h do |check|
        [check, results.each_with_object({}) do |(all, *), sum|
          all[check].each { |who, pair| sum[who] = sum.fetch(who, [0.0, 0.0]).zip(pair).map(&:sum) }
        end]
      end
      [sums, results.sum { |_, inside, _| inside }, results.sum(&:last)]
    end
  end
end

if $PROGRAM_NAME == __FILE__
  MarketBench::Run.new(workshops: (ARGV.first || 200).to_i).print
  MarketBench::Claims.print(400)
end
