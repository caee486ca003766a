# frozen_string_literal: true

module Kohlrabi
  module Api
    module Resources
      # How the sprayer is set for a product.
      class SpraySetting < Base
        attributes :product, :nozzle, :setting
        attribute(:label) { |row| Desk::Shelf.product(row.product)[:label] }
        attribute(:thinning) { |row| row.thinning ? Desk::Sprayers.number(row.thinning) : nil }
        attribute(:cup_seconds) { |row| row.cup_seconds ? Desk::Sprayers.number(row.cup_seconds) : nil }
      end
    end
  end
end
