# frozen_string_literal: true

module Core
  module Books
    # Sums over a group of flips that ended the same way, from which every total is composed. A plain struct:
    # thousands are added up, and a database may do the adding within a group.
    # flips: how many; profit_count: those with a known profit; profit, receipts: minor units over those;
    # paid_*: the same over flips whose hours are known too, by each hours rule; cost: money in, where known.
    Tally = Struct.new(:flips, :profit_count, :profit, :receipts, :cost_count, :cost,
                       :bench_count, :bench_profit, :bench_seconds, :all_count, :all_profit, :all_seconds,
                       :bench_squares, :all_squares, # Σ profit² ÷ hours over the same, each down to a whole number
                       keyword_init: true) do
      def self.zero = new(**members.to_h { |name| [name, 0] })

      # Of tallies by stage, what is left of a whole without a part: {stage => Tally}.
      def self.rest(whole, part) = whole.to_h { |stage, tally| [stage, part[stage] ? tally - part[stage] : tally] }

      # One flip. All but stage may be nil for unknown.
      def self.of(profit:, receipts:, cost:, bench_seconds:, all_seconds:)
        known = !profit.nil?
        new(flips: 1, profit_count: known ? 1 : 0, profit: profit || 0, receipts: known ? receipts : 0,
            cost_count: cost ? 1 : 0, cost: cost || 0, **worked(:bench, profit, bench_seconds), **worked(:all, profit, all_seconds))
      end

      def self.worked(rule, profit, seconds)
        known = profit && seconds
        { "#{rule}_count": known ? 1 : 0, "#{rule}_profit": known ? profit : 0, "#{rule}_seconds": known ? seconds : 0,
          "#{rule}_squares": known && seconds.positive? ? profit * profit * 3600 / seconds : 0 }
      end

      def +(other)
        self.class.new(**members.to_h { |name| [name, self[name] + other[name]] })
      end

      # What is left of a whole without a part of it.
      def -(other)
        self.class.new(**members.to_h { |name| [name, self[name] - other[name]] })
      end
    end
  end
end
