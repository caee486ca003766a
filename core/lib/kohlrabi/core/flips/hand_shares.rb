# frozen_string_literal: true

module Core
  module Flips
    # Shares given by hand that do not add up to their whole. The gap is said in minor units for whoever puts it
    # into money.
    module HandShares
      # Raised with the gap, so that whoever knows the currency can say it.
      class Gap < Refusal
        attr_reader :gap, :whole

        def initialize(gap, whole, field)
          @gap = gap
          @whole = whole
          super(:shares_off, field: field, whole: whole, side: side)
        end

        def side = gap.positive? ? "over" : "under"

        # The same with the amount. currency: Units::Currency.
        def in(currency)
          amount = Units::MoneyText.text(gap.abs, currency)
          Refusal.new(:shares_do_not_add_up, field: field, whole: whole, amount: amount,
                                             side: side)
        end
      end

      extend self

      def refusal(gap, whole, field) = Gap.new(gap, whole, field)
    end
  end
end
