# frozen_string_literal: true

module Core
  module Tools
    # The fewest sticks that anything could do with: the best of the sum of lengths and of dual feasible functions.
    # Martello and Toth 1990, bound L2; Fekete and Schepers 2001, functions u(k) (both from memory).
    module StickBound
      MAX_FOLDS = 20

      extend self

      # sizes: {length => number}, Integers; capacity: Integer. Returns Integer.
      def of(sizes, capacity)
        return 0 if sizes.empty?

        [plain(sizes, capacity), martello_toth(sizes, capacity), folded(sizes, capacity)].max
      end

      # All lengths over the length of a stick.
      def plain(sizes, capacity) = (sizes.sum { |size, number| size * number } + capacity - 1) / capacity

      # For each threshold: what is longer than half goes alone, and the middling ones fill only what these leave.
      def martello_toth(sizes, capacity)
        ([0] + sizes.keys.select { |size| 2 * size <= capacity }).map { |least| threshold(sizes, capacity, least) }.max
      end

      # u(k): a length x of the whole counts as x where (k + 1) x is whole, else as the floor of (k + 1) x over k. In
      # units of capacity × k.
      def folded(sizes, capacity)
        (1..MAX_FOLDS).map do |folds|
          total = sizes.sum { |size, number| number * fold(size, capacity, folds) }
          (total + (capacity * folds) - 1) / (capacity * folds)
        end.max
      end

      private

      def threshold(sizes, capacity, least)
        alone = long = room = middling = 0
        sizes.each do |size, number|
          if size > capacity - least then alone += number
          elsif 2 * size > capacity
            long += number
            room += number * (capacity - size)
          elsif size >= least then middling += number * size
          end
        end
        alone + long + [0, ((middling - room) + capacity - 1).div(capacity)].max
      end

      def fold(size, capacity, folds)
        whole, rest = ((folds + 1) * size).divmod(capacity)
        rest.zero? ? size * folds : whole * capacity
      end
    end
  end
end
