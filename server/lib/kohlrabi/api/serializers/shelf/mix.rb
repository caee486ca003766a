# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
      # A mix with its versions, batches and what was painted with it.
      class Mix < MixShort
        attribute(:target) { |mix| mix.target.to_s }
        attribute(:versions) { |mix| mix.versions.reverse.map { |version| version(version) } }
        attribute(:batches) { batches.map { |batch| MixBatch.new(batch, object, @formatter).to_h } }
        attribute(:uses) { |mix| Operations::Shelf::MixUses.of_mix(mix).map { |use| MixUse.new(use, @formatter).to_h } }

        private

        def version(version)
          { id: version.id, number: version.number, text: Operations::Shelf::Mixes.core(version).text, note: version.note,
            made_on: @formatter.day(@formatter.workshop.date_of(version.created_at)), parts: mix_parts(version) }
        end
      end
    end
  end
end
