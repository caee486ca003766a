# frozen_string_literal: true

module MarketBench
  # What people do by hand: prices without a model, as [ln price, days] steps.
  module Rivals
    ALL = {
      "cost plus" => ->(piece, _) { [[Math.log(3 * piece.cost), 182]] },
      "median of comparables" => ->(_, middle) { [[middle, 182]] },
      "the same × 0.85" => ->(_, middle) { [[middle + Math.log(0.85), 182]] },
      "10% above, 10% down" => ->(_, middle) { (0..12).map { |n| [middle + Math.log(1.1) + (n * Math.log(0.9)), 14] } }
    }.freeze

    extend self

    # ln of what is seen to be asked: of three like it, else what own ones of the kind sold at, from three on, else
    # the usual table.
    def middle(piece, sold)
      return piece.others.sort[1] if piece.others.any?

      own = sold.fetch(piece.kind, [])
      own.size >= 3 ? own.sort[own.size / 2] : piece.usual
    end
  end

  # One who knows the market but not the piece: the best path, relative to where it believes the value to lie, over
  # how far pieces lie from there.
  class Oracle
    DOWN = [0.0, 0.02, 0.04, 0.06, 0.08, 0.1, 0.13, 0.17].freeze
    FIRST = (-6..12).map { |n| n * 0.05 }.freeze

    # truth: Regime::Truth; doubt: spread left; day: share of the value that a day is worth.
    def initialize(truth, doubt, day: 0.009)
      @truth = truth
      @day = day
      random = Random.new(77)
      # Halves of the doubt as it is for pieces of this regime: its shape is kept, its width is what is left of it.
      raw = Array.new(24) { truth.piece.call(random) }
      middle = raw.sum / raw.size
      width = Math.sqrt(raw.sum { |one| (one - middle)**2 } / raw.size)
      @away = raw.map { |one| (one - middle) / width * doubt }
    end

    # Array of [ln price − ln value believed, days].
    def steps
      @steps ||= begin
        found = FIRST.product(DOWN).map do |first, down|
          (0..12).map do |n|
            first - (n * down)
          end
        end.max_by { |path| worth(path) }
        improved(found).map { |log| [log, 14] }
      end
    end

    private

    def improved(path)
      best = worth(path)
      2.times do
        path.each_index do |i|
          [-0.05, 0.05].each do |by|
            other = path.dup.tap { |copy| copy[i] += by }
            gain = worth(other)
            if gain > best
              path = other
              best = gain
            end
          end
        end
      end
      path
    end

    def worth(path)
      steps = path.map { |log| [log, 14] }
      @away.sum do |away|
        money, days = Truly.of(steps, away, @truth, 0.93, Date.new(2024, 4, 1))
        money - (@day * days)
      end
    end
  end
end
