# frozen_string_literal: true

module Core
  module Market
    module Model
      # What is left of a price: × (1 − fee rate) − what is paid however much it brings. Minor units, as Float.
      Net = Struct.new(:fee_rate, :fixed, keyword_init: true) do
        def of(price) = (price * (1 - fee_rate.to_f)) - fixed

        # The price of which so much is left.
        def price(left) = (left + fixed) / (1 - fee_rate.to_f)
      end
    end
  end
end
