# frozen_string_literal: true

module Core
  module Flips
    # Splits a whole into parts that add up to it again, in whole units (minor units, seconds).
    # Largest remainder on rationals, ties to the earlier part, all-zero weights equal, sign applied last.
    module Shares
      extend self

      # total: Integer; weights: Array of non-negative numbers. Returns an Array of Integers, sum == total.
      # Raises Refusal without weights or with a negative one.
      def split(total, weights)
        raise Refusal.new(:nothing_to_share_among) if weights.empty?

        weights = weights.map { |weight| Rational(weight.to_s) }
        raise Refusal.new(:share_is_negative) if weights.any?(&:negative?)

        weights = weights.map { 1r } if weights.all?(&:zero?)
        parts = largest_remainder(total.abs, weights)
        total.negative? ? parts.map(&:-@) : parts
      end

      # Shares of time: in whole minutes where the whole is, so that the minutes shown add up too.
      def split_seconds(seconds, weights)
        return split(seconds, weights) unless (seconds % 60).zero?

        split(seconds / 60, weights).map { |minutes| minutes * 60 }
      end

      private

      def largest_remainder(total, weights)
        sum = weights.sum
        exact = weights.map { |weight| total * weight / sum }
        parts = exact.map(&:floor)
        by_remainder = exact.each_index.sort_by { |i| [parts[i] - exact[i], i] }
        by_remainder.first(total - parts.sum).each { |i| parts[i] += 1 }
        parts
      end
    end
  end
end
