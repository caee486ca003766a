# frozen_string_literal: true

module Core
  module Shelf
    # Draws from several containers of one product, oldest first (first in, first out).
    class FirstIn
      # One container's part of a draw: container, amount, cost in minor units.
      Part = Struct.new(:container, :amount, :cost, keyword_init: true)

      # containers: Array of Container, oldest first; whole: house rule that the first draw bears the container.
      def initialize(containers, whole: false)
        @containers = containers.reject(&:empty?)
        @whole = whole
      end

      def left = @containers.sum(&:left)

      # Array of Part that add up to the amount. Raises Refusal where it is not above 0, more than is left, or what was
      # paid is not known; the block says an amount in words.
      def draw(amount)
        raise Refusal.new(:nothing_would_be_taken, field: :amount) unless amount.positive?
        if amount > left
          raise Refusal.new(:too_little_left, field: :amount,
                                              left: block_given? ? yield(left) : Units::Numerals.text(left, 0))
        end

        rest = amount
        @containers.filter_map do |container|
          taken = [container.left, rest].min
          next unless taken.positive?

          rest -= taken
          part(container, taken)
        end
      end

      private

      def part(container, taken)
        raise Refusal.new(:price_of_container_unknown, field: :amount) unless container.paid

        Part.new(container: container, amount: taken, cost: container.cost(taken, whole: @whole))
      end
    end
  end
end
