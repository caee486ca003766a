# frozen_string_literal: true

module Core
  module Market
    # What a sale that was taken back has cost all the same: its fee and delivery, less what of the fee came back,
    # and what else was lost.
    class Return
      # sale: Flips::Sale with its refunds; fee_back: given back now; other: lost besides, minor units.
      # Raises Refusal where more of the fee comes back than was paid.
      def initialize(sale, fee_back: 0, other: 0)
        @fee = sale.fee - sale.fee_back - fee_back
        @delivery = sale.delivery
        @other = other
        raise Refusal.new(:fee_back_above_fee, field: :fee_back) if @fee.negative?
      end

      # Array of [what, minor units] above 0.
      def parts = [["fee", @fee], ["delivery", @delivery], ["other", @other]].select { |_, minor| minor.positive? }

      def lost = parts.sum(&:last)
    end
  end
end
