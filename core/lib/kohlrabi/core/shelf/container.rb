# frozen_string_literal: true

module Core
  module Shelf
    # A tin, bottle or pack on the shelf. Amounts are exact (Rational or Integer, in the product's unit); money in minor
    # units.
    # volume: what it held; paid: for all of it, nil where not known; drawn, charged: what was taken from it so far, and
    # at what cost.
    Container = Struct.new(:id, :volume, :paid, :drawn, :charged, keyword_init: true)

    # What is left in it and what a draw costs.
    class Container
      # Whether it may become another: what pieces have paid for stays as it was, a batch is what went into it, and a tin
      # that nobody has opened yet can be exchanged. field: product, size or price that changes. Raises Refusal.
      def self.check_exchange(field, used:, batch:)
        raise Refusal.new(:batch_is_what_went_in, field: field) if batch
        raise Refusal.new(:taken_from_at_its_price, field: field) if used
      end

      def left = volume - drawn
      def empty? = left <= 0

      # Minor units a unit, Rational; nil where what was paid is not known.
      def unit_cost = paid && Rational(paid, volume)

      # What is left of what was paid, so that draws and worth add up to it; never below 0, where a level was read again
      # and draws were undone.
      def worth = paid && [paid - charged, 0].max

      # What a batch of the rest and an addition has cost; nil where one of the two is not known. added: minor units or
      # nil.
      def worth_with(added) = worth && added && (worth + added)

      # What is gone where so much is really left: [amount, its part of what was paid or nil]; negative where some was
      # found again. No piece pays for it.
      def lost(really_left)
        gone = left - really_left
        [gone, cost(gone)]
      end

      # Minor units that a draw costs: so much that all draws together cost their part of what was paid; the last takes
      # what remains. A negative amount was found again. whole: the first draw bears all, the rest draws at 0 (house
      # rule).
      def cost(amount, whole: false)
        return unless paid

        cost = (whole || drawn + amount >= volume ? paid : (Rational(paid) * (drawn + amount) / volume).round) - charged
        amount.negative? ? cost : [cost, 0].max
      end
    end
  end
end
