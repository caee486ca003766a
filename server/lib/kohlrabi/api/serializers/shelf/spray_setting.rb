# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
      # How the sprayer is set for a product.
      class SpraySetting < Support::Base
        attributes :product, :nozzle, :setting
        attribute(:label) { |row| Operations::Shelf::Containers.product(row.product)[:label] }
        attribute(:thinning) { |row| row.thinning ? Operations::Shelf::Sprayers.number(row.thinning) : nil }
        attribute(:cup_seconds) { |row| row.cup_seconds ? Operations::Shelf::Sprayers.number(row.cup_seconds) : nil }
      end
    end
  end
end
