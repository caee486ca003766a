# frozen_string_literal: true

module Core
  module Books
    # What pays an hour, group by group, with its doubt: each group against the rest, drawn towards it the less it
    # has behind it (empirical Bayes, after James and Stein 1961). For any number of flips; a claim is made only
    # where it would hold after counting all groups that are looked at.
    class WhatPays
      LEAST = 2 # flips a side
      GRID = 12 # midpoints of the spread between groups
      WIDEST = 0.9 # of pay, the widest spread that is thought of
      USUAL = 0.3 # of pay: how far groups usually lie apart
      NOISE = 0.6 # of pay: how far flips of eight hours usually lie apart, counted as PRIOR flips
      PRIOR = 3
      LENGTH = 8.0 # hours
      CLAIM = 0.3 # wrong claims that are borne a side, over all groups of all tables: tried on invented workshops (docs/rules/market.md)
      SURE = 0.05 # of being wrong about one group, at the most
      EIGHTY = 1.2816

      # Sums over flips of one group, or of all. flips; profit: minor units; hours; squares: Σ profit² ÷ hours.
      Sums = Struct.new(:flips, :profit, :hours, :squares) do
        def -(other) = Sums.new(*to_a.zip(other.to_a).map { |mine, theirs| mine - theirs })
      end
      # middle, low, high: minor units an hour; above: 0..1, how sure it pays more than the rest; claim: "more",
      # "less" or nil; few: why there is no estimate, or nil.
      Row = Struct.new(:key, :flips, :middle, :low, :high, :above, :claim, :few, keyword_init: true)

      # whole: Sums of all flips with hours; groups: {key => Sums}; looked_at: groups of all tables that are looked
      # at together.
      def initialize(whole, groups, looked_at: groups.size)
        @whole = whole
        @groups = groups
        @looked_at = [looked_at, 1].max
        @pay = whole.hours.positive? ? whole.profit.to_f / whole.hours : 0.0
        @scale = [@pay.abs, spread_of_pay / 4, 1.0].max
      end

      # Array of Row, ranked by their middle; those too few to estimate come last.
      def rows
        found = @groups.map { |key, sums| row(key, sums) }
        found.sort_by { |one| [one.middle ? 0 : 1, -(one.middle || 0), one.key.to_s] }
      end

      private

      # Of single flips about the pooled pay, weighted by their hours.
      def spread_of_pay
        return 0.0 unless @whole.hours.positive? && @whole.flips.positive?

        Math.sqrt([@whole.squares - (@pay * @whole.profit), 0.0].max / @whole.hours)
      end

      def row(key, sums)
        rest = @whole - sums
        few = few(sums, rest)
        return Row.new(key: key, flips: sums.flips, few: few).freeze if few

        away, variance, above = against(sums, rest)
        share = 1 - (sums.hours / @whole.hours)
        middle = @pay + (share * away)
        width = EIGHTY * Math.sqrt((noise / @whole.hours) + (share * share * variance))
        Row.new(key: key, flips: sums.flips, middle: middle, low: middle - width, high: middle + width, above: above,
                claim: claim(above)).freeze
      end

      def few(sums, rest)
        return "no hours recorded" unless sums.hours.positive?
        if sums.flips < LEAST
          return "#{sums.flips == 1 ? 'one flip' : "#{sums.flips} flips"} so far: #{LEAST} are needed"
        end

        "nothing to compare it with" if rest.flips < LEAST || !rest.hours.positive?
      end

      def claim(above)
        bar = [CLAIM / @looked_at, SURE].min
        return "more" if 1 - above <= bar

        "less" if above <= bar
      end

      def freedom = @whole.flips + 2

      # Variance of a flip's profit per hour worked: Σ (P − R·H)² ÷ H, with what is usual counted as a few more flips.
      def noise
        @noise ||= begin
          found = @whole.squares - (2 * @pay * @whole.profit) + (@pay * @pay * @whole.hours)
          (found + (PRIOR * ((NOISE * @scale)**2) * LENGTH)) / freedom
        end
      end

      # [expected difference from the rest, its variance, chance that it is above].
      def against(sums, rest)
        away = (sums.profit.to_f / sums.hours) - (rest.profit.to_f / rest.hours)
        variance = noise * ((1.0 / sums.hours) + (1.0 / rest.hours))
        parts = spreads.map do |spread, weight|
          kept = (spread**2) / ((spread**2) + variance)
          mean = kept * away
          [weight, mean, kept * variance, Statistics::Student.below(mean / Math.sqrt(kept * variance), freedom)]
        end
        middle = parts.sum { |weight, mean, *| weight * mean }
        squares = parts.sum { |weight, mean, own, _| weight * (own + (mean * mean)) }
        [middle, squares - (middle * middle), parts.sum { |weight, _, _, above| weight * above }]
      end

      # [[spread between groups, weight]], weights adding up to one.
      def spreads
        @spreads ||= begin
          known = @groups.values.filter_map { |sums| difference(sums) }
          logs = (0...GRID).map do |n|
            spread = WIDEST * @scale * (n + 0.5) / GRID
            [spread, (-0.5 * ((spread / (USUAL * @scale))**2)) + known.sum do |away, variance|
              density(away, (spread**2) + variance)
            end]
          end
          top = logs.map(&:last).max
          whole = logs.sum { |_, log| Math.exp(log - top) }
          logs.map { |spread, log| [spread, Math.exp(log - top) / whole] }
        end
      end

      def difference(sums)
        rest = @whole - sums
        return if few(sums, rest)

        [(sums.profit.to_f / sums.hours) - (rest.profit.to_f / rest.hours),
         noise * ((1.0 / sums.hours) + (1.0 / rest.hours))]
      end

      def density(away, variance) = -0.5 * (Math.log(variance) + (away * away / variance))
    end
  end
end
