# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
      # A receipt that was recorded: what it came to, and what became of its lines.
      class Receipt < Support::Base
        attributes :id, :shop
        said :money, :total, :tax
        said :day, :spent_on
        # What stands on it, in words.
        attribute(:lines) do |receipt|
          products = Operations::Shelf::Products.core
          receipt.costs.map(&:what) + receipt.containers.map { |tin| products.fetch(tin.product)[:label] }
        end
        attribute(:photos) { |receipt| receipt.photos.map { |photo| Flips::Photo.address(photo, :large) } }
        attribute(:costs) { |receipt| receipt.costs.map(&:id) }
        attribute(:containers) { |receipt| receipt.containers.map(&:id) }
      end
    end
  end
end
