# frozen_string_literal: true

module Core
  module Flips
    # One purchase with several pieces: price, buyer's premium and tax, shared so that each adds up to the whole.
    class Lot
      RULES = { "equal" => "equally", "resale" => "by expected price", "hand" => "by hand" }.freeze
      # One piece's part in minor units; nil where the whole is not known.
      Part = Struct.new(:price, :premium, :tax, keyword_init: true) do
        def total = price && (price + premium + tax)
      end

      # price: minor units, nil = not known; premium, tax: minor units, or a Rational rate of the price (tax: of
      # price and premium).
      def initialize(price:, premium: 0, tax: 0)
        @price = price
        @premium = whole(premium, price)
        @tax = whole(tax, price && (price + @premium))
      end

      attr_reader :price, :premium, :tax

      def total = price && (price + premium + tax)

      # members: Array of {found:, resale:, hand:} (minor units). A found piece costs nothing. Returns Array of Part
      # in order. Raises Refusal: nothing bought, a resale missing, parts by hand that do not add up to the price.
      def shares(rule, members)
        raise Refusal.new(:lot_needs_a_piece, field: :members) if members.empty?

        bought = members.reject { |member| member[:found] }
        raise Refusal.new(:everything_is_marked_as_found, field: :members) if bought.empty?

        rows = parts(bought.size, weights(rule, bought))
        members.map { |member| member[:found] ? Part.new(price: 0, premium: 0, tax: 0) : rows.shift }
      end

      private

      def parts(count, weights)
        split = [price, premium, tax].map { |amount| price && Shares.split(amount, weights) }
        Array.new(count) { |index| Part.new(**%i[price premium tax].zip(split.map { |row| row&.at(index) }).to_h) }
      end

      def whole(amount, base)
        return amount if amount.is_a?(Integer)

        base ? (base * amount).round(half: :up) : 0
      end

      def weights(rule, bought)
        case rule
        when "equal" then bought.map { 1 }
        when "resale" then by_resale(bought)
        when "hand" then by_hand(bought)
        else raise Refusal.new(:no_such_way_to_share, field: :share_rule, ways: RULES.values.join(", "))
        end
      end

      def by_resale(bought)
        missing = bought.index { |member| member[:resale].nil? }
        return bought.map { |member| member[:resale] } unless missing

        raise Refusal.new(:no_expected_resale, field: :members, missing: missing + 1)
      end

      def by_hand(bought)
        parts = bought.map { |member| member[:hand] || 0 }
        return parts if price.nil? || parts.sum == price

        gap = parts.sum - price
        raise HandShares.refusal(gap, "price", :members)
      end
    end
  end
end
