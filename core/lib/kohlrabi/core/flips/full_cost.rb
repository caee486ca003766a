# frozen_string_literal: true

module Core
  module Flips
    # The full-cost view of a profit: less what the stash would cost to replace, and shop overhead by the hour
    # (common practice, no source). Said once, for a figure and for a query that adds up thousands.
    module FullCost
      HOUR = 3600 # seconds

      extend self

      # Overhead of so many seconds, minor units, half up. rate: minor units an hour, or nil; no hours known: none.
      def overhead(rate, seconds) = Rational(rate.to_i * seconds.to_i, HOUR).round(half: :up)

      # The same profit as text in whole numbers, in which / cuts off, as in SQLite: of columns or of numbers. rate,
      # seconds not negative.
      def formula(cash:, stash:, rate:, seconds:)
        "(#{cash} - #{stash} - (2 * #{rate.to_i} * #{seconds} + #{HOUR}) / #{2 * HOUR})"
      end
    end
  end
end
