# frozen_string_literal: true

module Core
  module Flips
    # How the one sale of a set is shared over its pieces: by their earlier asking prices, else expected resale,
    # else cost; or by hand.
    module SetShares
      BASES = { asking: "by earlier asking prices", resale: "by expected price", cost: "by cost",
                equal: "equally" }.freeze

      extend self

      # members: Array of {asking:, resale:, cost:} in minor units, nil = not known.
      # Returns [basis, weights]: the first basis that all of them have and that is not all zero.
      def weights(members)
        basis = %i[asking resale cost].find do |key|
          members.all? { |member| member[key] } && members.any? do |member|
            member[key].positive?
          end
        end
        basis ? [basis, members.map { |member| member[basis] }] : [:equal, members.map { 1 }]
      end

      # parts by hand that must add up to the price. Returns them; raises Refusal (HandShares::Gap).
      def by_hand(parts, price)
        raise HandShares.refusal(parts.sum - price, "sale price", :members) unless parts.sum == price

        parts
      end
    end
  end
end
