# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
      # What an amount of a mix takes, and whether it is there.
      class MixAmounts < Support::Page
        include MixWords

        attribute(:whole) { mixed(@whole) }
        attribute(:stands) { |mix| mixed(@left.fetch(Operations::Shelf::Mixes.key(mix), 0)) }
        attribute(:parts) { Operations::Shelf::Batches.amounts(@version, @whole).map { |key, ml| part(key, ml) } }

        # mix: Records::Mix; whole: ml, Rational; for a piece what its plan needs.
        def initialize(mix, whole, formatter)
          super(mix, formatter)
          @whole = whole
          @version = Operations::Shelf::Mixes.latest(mix)
          @left = Operations::Shelf::Containers.left
        end

        private

        def part(key, ml)
          product = Operations::Shelf::Mixes.products(@version)[key]
          keys = product && Operations::Shelf::Draws.keys(Operations::Shelf::Containers.product(product))
          there = keys&.sum { |one| @left.fetch(one, 0) }
          { label: Operations::Shelf::Mixes.label(@version, key), amount: mixed(ml), there: there && mixed(there),
            enough: there.nil? || there >= ml }
        end
      end
    end
  end
end
