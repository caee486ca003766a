# frozen_string_literal: true

module Core
  module Flips
    # What the parts of a split piece take over from it: each kind of money and of hours, shared so that nothing is
    # lost. Costs that arrive late follow the same shares, because the shares are taken again from the whole.
    module Inheritance
      extend self

      # amounts: Hash of key => Integer minor units or nil (not known); weights: Array. Returns one Hash a part, in
      # order.
      def money(amounts, weights)
        parts = amounts.transform_values { |amount| amount && Shares.split(amount, weights) }
        weights.each_index.map { |index| parts.transform_values { |row| row&.at(index) } }
      end

      # seconds: Hash of kind => Integer seconds. Returns one Hash a part.
      def work(seconds, weights)
        parts = seconds.transform_values { |whole| Shares.split_seconds(whole, weights) }
        weights.each_index.map { |index| parts.transform_values { |row| row.at(index) } }
      end
    end
  end
end
