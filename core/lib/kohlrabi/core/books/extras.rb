# frozen_string_literal: true

module Core
  module Books
    # What an extra brings a piece: flips with it against those of the same kind without, drawn towards nothing the
    # less there is behind it. Normal model with a prior: the difference N(0, (0.3 · usual profit)²), flips about it
    # as far apart as they are.
    class Extras
      LEAST = 2 # flips with it, and as many of their kinds without
      USUAL = 0.3 # of the profit of a flip: how far an extra usually moves it
      EIGHTY = 1.2816
      # One flip. kind; profit: minor units; seconds: or nil; extras: keys.
      Flip = Struct.new(:kind, :profit, :seconds, :extras)
      # profit, low, high: minor units a piece more or less; seconds: more or less, nil where not known; flips: with
      # it.
      Row = Struct.new(:profit, :low, :high, :seconds, :flips, keyword_init: true)

      # Sums over some flips: how many, their profit, how many with hours, their seconds.
      Sums = Struct.new(:flips, :profit, :timed, :seconds) do
        def self.of(flips)
          times = flips.filter_map(&:seconds)
          new(flips.size, flips.sum(&:profit), times.size, times.sum)
        end

        def -(other) = Sums.new(*to_a.zip(other.to_a).map { |mine, theirs| mine - theirs })
      end

      # flips: Array of Flip with a known profit.
      def initialize(flips)
        @kinds = flips.group_by(&:kind).transform_values { |own| Sums.of(own) }
        @with = flips.each_with_object({}) { |flip, all| flip.extras.each { |extra| (all[extra] ||= []) << flip } }
        @usual = flips.empty? ? 0 : flips.sum { |flip| flip.profit.abs } / flips.size.to_f
      end

      # Row of an extra; nil where too few say anything.
      def of(extra)
        pairs = pairs(@with.fetch(extra, []))
        return if pairs.size < LEAST || @usual.zero?

        away = pairs.map(&:first)
        mean = away.sum / away.size
        variance = spread(away, mean) / away.size
        prior = (USUAL * @usual)**2
        kept = prior / (prior + variance)
        width = EIGHTY * Math.sqrt(kept * variance)
        seconds = pairs.filter_map(&:last)
        Row.new(profit: (kept * mean).round, low: ((kept * mean) - width).round, high: ((kept * mean) + width).round, flips: pairs.size,
                seconds: (seconds.sum / seconds.size if seconds.size >= LEAST)).freeze
      end

      private

      # Of flips with it, whose kind has enough without: [profit over those, seconds over those or nil].
      def pairs(flips)
        flips.group_by(&:kind).flat_map do |kind, own|
          rest = @kinds.fetch(kind) - Sums.of(own)
          next [] if rest.flips < LEAST

          own.map do |flip|
            [flip.profit - (rest.profit / rest.flips.to_f),
             (flip.seconds - (rest.seconds / rest.timed) if flip.seconds && rest.timed >= LEAST)]
          end
        end
      end

      # Variance of a flip about the mean, what is usual counted as two flips.
      def spread(away, mean) = (away.sum { |one| (one - mean)**2 } + (2 * ((0.6 * @usual)**2))) / (away.size + 1)
    end
  end
end
