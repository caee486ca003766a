# frozen_string_literal: true

module Core
  module Shelf
    # What is on the shelf set aside for what is needed, one need after the other: what one takes the next does not
    # have.
    class SetAside
      # there: {material key => amount left on the shelf}; products: Products.
      def initialize(there, products)
        @there = there.dup
        @products = products
      end

      # How much of what is there goes to a need. row: of Products; amount: in the row's unit. It is then taken.
      def take(row, amount)
        @products.serving(row, @there.keys).sum do |key|
          taken = [@there.fetch(key, 0), amount].min
          @there[key] = @there.fetch(key, 0) - taken
          amount -= taken
          taken
        end
      end

      # Needs with mixes as the parts that are bought for them, as far as no batch of them stands ready.
      # needs: {material key => {whose => amount}}. Returns the same.
      def apart(needs)
        needs.each_with_object({}) do |(key, amounts), all|
          row = @products.fetch(key)
          amounts.each do |whose, amount|
            mixed = row[:mix] ? take(row, amount) : 0
            @products.apart(key => amount - mixed).each { |part, more| add(all, part, whose, more) if more.positive? }
          end
        end
      end

      private

      def add(all, key, whose, amount)
        own = all[key] ||= Hash.new(0)
        own[whose] += amount
      end
    end
  end
end
