# frozen_string_literal: true

module Kohlrabi
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

        # Array of Part that add up to the amount. Raises Refusal where it is not above 0, more than is left, or what was paid is not known.
        def draw(amount, unit: nil)
          raise Refusal.new("Nothing would be taken.", "Give an amount above 0.", field: :amount) unless amount.positive?
          raise short(unit) if amount > left

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
          unless container.paid
            raise Refusal.new("What was paid for it is not known.", "Say so on the container first; 0 for a gift.",
                              field: :amount)
          end

          Part.new(container: container, amount: taken, cost: container.cost(taken, whole: @whole))
        end

        def short(unit)
          text = [Units::Numerals.text(left, left.denominator == 1 ? 0 : 2), unit].compact.join(" ")
          Refusal.new("Only #{text} left on the shelf.", "Take what is left, or say that there was more.", field: :amount, code: :too_little_left)
        end
      end
    end
  end
end
