# frozen_string_literal: true

module Core
  module Market
    # What of an agreed price is paid and what is still owed: part payments and the deposit of a hold, before the
    # sale and after it alike. Minor units.
    Owed = Struct.new(:paid, :left, keyword_init: true) do
      # price: agreed or received, nil where there is none; payments: amounts; deposit: nil where there is none.
      # paid: nil where nothing was paid in parts; left: nil then too, and where no price is agreed; never below 0.
      def self.of(price:, payments:, deposit: nil)
        paid = payments.sum + deposit.to_i
        return new if paid.zero?

        new(paid: paid, left: price && [price - paid, 0].max)
      end
    end
  end
end
