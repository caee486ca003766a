# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
      # Something in the stash; value: what one would cost to replace; count: all there ever were, left: those not used
      # yet.
      class StashItem < Support::Base
        attributes :id, :name, :count, :origin, :kind
        said :money, :value
        said :day, :got_on
        attribute(:kind_label) { |item| Core::Shelf::StashFit::KINDS.fetch(item.kind) }
        attribute(:left) { |item| Operations::Shelf::StashUses.left(item) }
        attribute(:worth) { |item| params[:formatter].money(item.value_minor && (item.value_minor * Operations::Shelf::StashUses.left(item))) }
        attribute(:lot) do |item|
          item.lot && item.lot.deletion_id.nil? ? { id: item.lot.id, name: item.lot.name } : nil
        end
        attribute(:photos) { |item| Flips::Photo.present(item.photos, params[:formatter]) }
        attribute(:measures) do |item|
          %w[spacing length width thickness].to_h do |name|
            [name, params[:formatter].typed_length(item["#{name}_mm"])]
          end
        end
      end
    end
  end
end
