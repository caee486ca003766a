# frozen_string_literal: true

module Core
  module Planning
    # What a plan takes of each product, in whole containers to buy, and what that costs. A mix is bought as its parts.
    class Stock
      # row: of Products; amount needed; packs: {container amount => number}; bought: amount; price: to buy, minor units
      # or nil;
      # used: worth of what is used, minor units or nil; over: what is left over.
      Line = Struct.new(:row, :amount, :packs, :bought, :price, :used, :over, keyword_init: true)
      MAX_CONTAINERS = 200 # containers of one size

      # amounts: {product key => amount}; products: Products.
      def initialize(amounts, products)
        @lines = products.apart(amounts).reject do |_, amount|
          amount.zero?
        end.map { |key, amount| line(products.fetch(key), amount) }
      end

      attr_reader :lines

      # Minor units, or nil when a price is not known.
      def price = total(:price)
      def used = total(:used)

      # Labels of products without a price.
      def unpriced = lines.reject(&:price).map { |line| line.row[:label] }

      private

      def total(name)
        amounts = lines.map { |line| line[name] }
        amounts.include?(nil) ? nil : amounts.sum
      end

      def line(row, amount)
        packs = cheapest(row[:packs], amount)
        bought = packs.sum { |size, number| size * number }
        prices = row[:packs].to_h
        price = packs.sum { |size, number| prices[size] * number } unless packs.any? { |size, _| prices[size].nil? }
        Line.new(row: row, amount: amount, packs: packs, bought: bought, price: price, over: bought - amount,
                 used: price && (Rational(price) * amount.to_r / bought).round).freeze
      end

      # The containers that hold enough for the least money; without prices, with the least left over; then the fewest.
      def cheapest(packs, amount)
        ways = packs.size == 1 ? [[(amount / packs[0][0].to_f).ceil]] : combinations(packs, amount)
        best = ways.min_by { |counts| weigh(packs, counts) }
        packs.map(&:first).zip(best).reject { |_, number| number.zero? }.to_h
      end

      def combinations(packs, amount)
        large = packs.max_by(&:first)
        small = packs.min_by(&:first)
        most = [(amount / large[0].to_f).ceil, MAX_CONTAINERS].min
        (0..most).map do |number|
          rest = [amount - (number * large[0]), 0].max
          packs.map do |pack|
            if pack == large
              number
            else
              pack == small ? (rest / small[0].to_f).ceil : 0
            end
          end
        end
      end

      def weigh(packs, counts)
        known = packs.all?(&:last)
        money = packs.zip(counts).sum { |(size, price), number| (known ? price : size) * number }
        [money, counts.sum]
      end
    end
  end
end
