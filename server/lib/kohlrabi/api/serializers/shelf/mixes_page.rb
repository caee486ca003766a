# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
      # All mixes, those to begin from, and what a part can be.
      class MixesPage < Support::Page
        attribute(:mixes) { Operations::Shelf::Mixes.all.map { |mix| MixShort.new(mix, @formatter).to_h } }
        attribute(:presets) { Operations::Shelf::Mixes::PRESETS.map { |row| preset(row) } }
        attribute(:parts) { Operations::Shelf::Products.core.all.select(&Operations::Shelf::Mixes::PARTS).map { |row| row.slice(:key, :label) } }

        def initialize(formatter)
          super(nil, formatter)
        end

        private

        def preset(row)
          generic = Core::Shelf::Products::GENERIC
          parts = row[:parts].map do |product, label, parts|
            { product: product, colour: "", label: label || generic.fetch(product)[:label], parts: parts.to_s }
          end
          { key: row[:key], label: row[:label], like: row[:like], why: row[:why], parts: parts }
        end
      end
    end
  end
end
