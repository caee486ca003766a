# frozen_string_literal: true

module Kohlrabi
  module Api
    module Resources
      # Something in the stash; value: what one would cost to replace.
      class StashItem < Base
        attributes :id, :name, :count, :origin
        said :money, :value
        said :day, :got_on
        attribute(:worth) { |item| params[:say].money(item.value_minor && (item.value_minor * item.count)) }
        attribute(:lot) { |item| item.lot && item.lot.deletion_id.nil? ? { id: item.lot.id, name: item.lot.name } : nil }
      end
    end
  end
end
