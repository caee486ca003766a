# frozen_string_literal: true

module Core
  module Scout
    # A single of a kind that sells in pairs or sets: what that costs, from own sales where there are enough, else
    # assumed.
    class Pairs
      ENOUGH = 5

      attr_reader :price_factor, :days_factor, :source

      # pair: whether the kind sells in pairs; singles, together: Arrays of [price for one, days on the market or
      # nil] of own sales.
      def initialize(pair:, singles: [], together: [])
        @pair = pair
        own = singles.size >= ENOUGH && together.size >= ENOUGH
        @price_factor = own ? Rational(median(singles, 0), median(together, 0)) : Defaults::SINGLE_PRICE
        @days_factor = (own && days_ratio(singles, together)) || Defaults::SINGLE_DAYS
        @source = if own
                    "from #{singles.size} of your own sold singly and #{together.size} sold together"
                  else
                    "assumed, until #{ENOUGH} singles and #{ENOUGH} sold together are your own"
                  end
      end

      # Whether one alone deserves the caution. count: how many alike are bought.
      def caution?(count) = @pair && count == 1

      # count as in caution?; price of one in a pair, minor units; days: usual days on the market or nil.
      # Returns {price:, days:}, each nil where its base is.
      def single(price:, days:)
        { price: price && (price * price_factor).round, days: days && (days * days_factor).round }
      end

      private

      def median(rows, column) = Statistics::Quantiles.at(rows.filter_map { |row| row[column] }, 1/2r)

      def days_ratio(singles, together)
        one = median(singles, 1)
        two = median(together, 1)
        Rational(one, two) if one && two&.positive?
      end
    end
  end
end
