# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Shelf
        # A receipt that was recorded: what it came to, and what became of its lines.
        class Receipt < Support::Base
          attributes :id, :shop
          said :money, :total, :tax
          attribute(:costs) { |receipt| receipt.costs.map(&:id) }
          attribute(:containers) { |receipt| receipt.containers.map(&:id) }
        end
      end
    end
  end
end
