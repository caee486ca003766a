# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
      # A mix as it is listed: its parts by the version in use, and how much of it stands.
      class MixShort < Support::Page
        include MixWords

        attributes :id, :swatch
        attribute(:name) { |mix| mix.product.label }
        attribute(:product) { |mix| Operations::Shelf::Mixes.key(mix) }
        attribute(:like) { |mix| Core::Shelf::Products::GENERIC.fetch(mix.product.generic)[:label] }
        attribute(:version) { latest.number }
        attribute(:text) { Operations::Shelf::Mixes.core(latest).text }
        attribute(:parts) { mix_parts(latest) }
        attribute(:left) { mixed(batches.sum { |batch| Operations::Shelf::Containers.core(batch).left }) }

        private

        def latest = @latest ||= Operations::Shelf::Mixes.latest(object)
        def batches = @batches ||= Operations::Shelf::Batches.of(object)
      end
    end
  end
end
