# frozen_string_literal: true

module Kohlrabi
  module Core
    module Books
      # What an extra brings a piece: flips with it against those of the same kind without, drawn towards nothing the less there is behind it.
      # Normal model with a prior: the difference N(0, (0.3 · usual profit)²), flips about it as far apart as they are.
      class Extras
        LEAST = 2 # flips with it, and as many of their kinds without
        USUAL = 0.3 # of the profit of a flip: how far an extra usually moves it
        EIGHTY = 1.2816
        # One flip. kind; profit: minor units; seconds: or nil; extras: keys.
        Flip = Struct.new(:kind, :profit, :seconds, :extras)
        # profit, low, high: minor units a piece more or less; seconds: more or less, nil where not known; flips: with it.
        Row = Struct.new(:profit, :low, :high, :seconds, :flips, keyword_init: true)

        # flips: Array of Flip with a known profit.
        def initialize(flips)
          @flips = flips
          @by_kind = flips.group_by(&:kind)
          @usual = flips.empty? ? 0 : flips.sum { |flip| flip.profit.abs } / flips.size.to_f
        end

        # Row of an extra; nil where too few say anything.
        def of(extra)
          pairs = @flips.select { |flip| flip.extras.include?(extra) }.filter_map { |flip| against(flip, extra) }
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

        # [profit over those of its kind without it, seconds over them or nil]; nil where there are too few.
        def against(flip, extra)
          rest = @by_kind.fetch(flip.kind).reject { |other| other.extras.include?(extra) }
          return if rest.size < LEAST

          hours = rest.filter_map(&:seconds)
          [flip.profit - (rest.sum(&:profit) / rest.size.to_f), (flip.seconds - (hours.sum / hours.size) if flip.seconds && hours.size >= LEAST)]
        end

        # Variance of a flip about the mean, what is usual counted as two flips.
        def spread(away, mean) = (away.sum { |one| (one - mean)**2 } + (2 * ((0.6 * @usual)**2))) / (away.size + 1)
      end
    end
  end
end
