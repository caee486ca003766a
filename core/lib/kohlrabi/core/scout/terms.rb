# frozen_string_literal: true

module Core
  module Scout
    # What buying and selling here costs beside the piece itself. Amounts in minor units, rates as Rationals, pay in
    # minor units an hour; nil pay = not set.
    Terms = Struct.new(:fee_rate, :fixed_fee, :delivery, :rent, :trip, :sundries, :added_rate, :floor_pay, :target_pay,
                       keyword_init: true)

    # Defaults and checks.
    class Terms
      # added_rate: buyer's premium and tax on top of the price. Raises Refusal for a fee of 100% or more, or target
      # under minimum pay.
      def initialize(fee_rate: 0, fixed_fee: 0, delivery: 0, rent: 0, trip: 0, sundries: 0, added_rate: 0,
                     floor_pay: nil, target_pay: nil)
        super
        raise Refusal.new(:fee_leaves_nothing, field: :fee_rate) if fee_rate >= 1

        Market::CostAndPay.check_pays(floor_pay, target_pay)
        freeze
      end
    end
  end
end
