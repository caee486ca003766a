# frozen_string_literal: true

module Core
  module Flips
    # What a sale brought and took. All amounts are minor units; price nil = not known.
    class Sale < Value
      attribute :price, Types::Integer.optional
      attribute :tip, Types::Integer.default(0)
      attribute :fee, Types::Integer.default(0)
      attribute :delivery, Types::Integer.default(0)
      # Dated refunds, and what the channel gave back of its fee with them.
      attribute :refunded, Types::Integer.default(0)
      attribute :fee_back, Types::Integer.default(0)
      # Its share of the rent of the place where it stood, by days.
      attribute :rent, Types::Integer.default(0)

      # Raises Refusal when more is given back than was received.
      def initialize(attributes)
        super
        refuse(:refund_above_sale) if price && refunded > price + tip
        refuse(:fee_back_above_fee) if fee_back > fee
      end

      # R = price + tip − refund.
      def receipts
        price_figure = Figure.plain(:price, "Sale price", :money, price, why: ("the sale price is missing" unless price))
        Figure.sum(:receipts, "Receipts", :money,
                   [["+", price_figure], ["+", Figure.plain(:tip, "Tip", :money, tip)],
                    ["−", Figure.plain(:refunded, "Refunded", :money, refunded)]])
      end

      # S = fee + delivery + rent share − fee given back.
      def selling
        own = [["+", Figure.plain(:fee, "Fee", :money, fee)],
               ["+", Figure.plain(:delivery, "Delivery", :money, delivery)]]
        own << ["+", Figure.plain(:rent, "Rent for its spot, by day", :money, rent)] unless rent.zero?
        Figure.sum(:selling, "Selling", :money,
                   [*own, ["−", Figure.plain(:fee_back, "Fee refunded", :money, fee_back)]])
      end

      private

      def refuse(code) = raise(Refusal.new(code, field: :refunded))
    end
  end
end
