# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
      # Mixes and colours that are on a piece, for a touch-up.
      class PieceMixes < Support::Page
        include MixWords

        attribute(:mixes) { |piece| Operations::Shelf::MixUses.of_piece(piece).map { |use| mix(use) } }
        attribute(:colours) { |piece| Operations::Shelf::ColourUses.of_piece(piece).map { |use| colour(use) } }

        private

        def mix(use)
          { mix: MixShort.new(use.mix, @formatter).to_h, **MixUse.new(use, @formatter).to_h.symbolize_keys,
            stands: stands(use.mix) }
        end

        # Where some of it still stands, the latest first.
        def stands(mix)
          batches = Operations::Shelf::Batches.of(mix).reject { |batch| Operations::Shelf::Containers.core(batch).empty? }
          batches.map do |batch|
            { place: batch.place.to_s, left: mixed(Operations::Shelf::Containers.core(batch).left), version: batch.mix_version&.number,
              made_on: @formatter.day(batch.bought_on) }
          end
        end

        # A colour out of a tin on the piece.
        def colour(use)
          amount = ->(number) { use.row[:unit] == "ml" ? mixed(number) : @formatter.amount(number, use.row) }
          { label: use.row[:label], swatch: use.row[:colour].hex, zones: zones_of(use),
            needed: use.needed.zero? ? nil : amount.call(use.needed),
            coats: use.coats.map do |coat|
              { step: coat.step, on: @formatter.day(coat.on), amount: amount.call(coat.amount) }
            end,
            stands: use.tins.map { |tin| { place: tin.place.to_s, left: amount.call(Operations::Shelf::Containers.core(tin).left) } } }
        end
      end
    end
  end
end
