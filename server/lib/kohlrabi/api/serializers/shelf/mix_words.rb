# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
      # How amounts, parts and zones of mixes are said; for pages that have a Say.
      module MixWords
        private

        # ml of a mix: one mixes by the tenth of a millilitre where it is little.
        def mixed(amount)
          amount = amount.to_r
          return Core::Units::Measures.volume(amount, unit: "in") if @formatter.workshop.length_unit == "in"
          return "#{Core::Units::Numerals.text(amount, 1)} ml" if amount < 100 && amount.round(1) != amount.round

          Core::Shelf::Amount.text(amount.round, { unit: "ml" }, unit: @formatter.workshop.length_unit)
        end

        # Parts of a version of a mix, with their percentage.
        def mix_parts(version)
          mix = Operations::Shelf::Mixes.core(version)
          mix.parts.map do |part|
            parts = part.parts.to_r
            { product: Operations::Shelf::Mixes.products(version)[part.key]&.then do |key|
              Core::Shelf::Products.product(key)
            end,
              colour: Core::Shelf::Products.colour(part.key).to_s, label: part.label,
              parts: parts.denominator == 1 ? parts.to_i.to_s : Core::Units::Numerals.plain(parts, 2),
              percent: "#{Core::Units::Numerals.text(mix.shares.fetch(part.key) * 100, 1)}%" }
          end
        end

        # Zones that a mix or a colour is used on, in words; use: with plan and zones.
        def zones_of(use)
          return "" unless use.plan

          repeats = Core::Planning::Repeats
          Core::Planning::ZoneWords.list(use.zones.map do |key|
            repeats.base(key)
          end.uniq, repeats.single(use.plan.brief.zones))
        end
      end
    end
  end
end
