# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
      # A colour that can be chosen: Core::Shelf::Colour.
      class Colour < Support::Base
        attributes :key, :hex, :own
        attribute(:name, &:to_s)
        attribute(:note) { |colour| colour.note.to_s }
        # Of the workshop's own: by which it is changed.
        attribute(:id) { |colour| colour.own ? colour.key.delete_prefix("c").to_i : nil }
        attribute(:tone) { |colour| Core::Planning::Tone::NAMES.fetch(Core::Planning::Tone.of(colour.hex)) }
      end

      # A tin, bottle or pack on the shelf.
      class Container < Support::Page
        DATES = %i[bought_on opened_on keeps_until].freeze

        attributes :id, :product, :place, :note, :opening
        said :day, *DATES
        said :money, :paid, :value
        shows :unit_cost, :warn, :fields
        attribute(:label) { @row[:label] }
        attribute(:swatch) { @row[:colour]&.hex }
        attribute(:size) { @formatter.whole_amount(@core.volume, @row) }
        attribute(:left) { @formatter.whole_amount(@core.left, @row) }
        attribute(:percent) { (@core.left * 100 / @core.volume).round }
        attribute(:worth) { @formatter.money(@core.worth) }

        # record: Records::Container.
        def initialize(record, formatter)
          super
          @row = Operations::Shelf::Containers.product(record.product)
          @core = Operations::Shelf::Containers.core(record)
        end

        private

        def warn
          until_on = object.keeps_until
          days = until_on && (until_on - Operations::Support::Workshop.today).to_i
          low = @core.left < @core.volume * Operations::Shelf::Containers::LOW
          [("expired on #{Core::Units::Calendar.text(until_on)}" if days&.negative?),
           ("use by #{Core::Units::Calendar.text(until_on)}" if days&.between?(0, Operations::Shelf::Containers::SOON)),
           ("used up" if @core.empty?), ("nearly used up" if !@core.empty? && low)].compact
        end

        def fields
          { product: @row[:product] || object.product, colour: @row[:colour]&.key.to_s, value: @formatter.typed_money(object.value_minor),
            size: @formatter.typed_size(@core.volume, @row), paid: @formatter.typed_money(object.paid_minor),
            place: object.place.to_s, note: object.note.to_s,
            **DATES.to_h { |name| [name, object[name]&.iso8601.to_s] } }
        end

        # Of what one reckons with: a litre, a gallon, a kilogram, one.
        def unit_cost
          cost = @core.unit_cost or return
          size, name = Core::Units::Measures.priced(@row[:unit], unit: @formatter.workshop.length_unit)
          "#{@formatter.amounts.exact(cost * size)} per #{name}"
        end
      end

      # A product of the workshop's own.
      class Product < Support::Base
        # The product of the table that it is like.
        def self.like(row) = Core::Shelf::Products::GENERIC.fetch(row.generic)

        attributes :id, :label, :generic
        attribute(:key) { |row| Operations::Shelf::Products.key(row) }
        attribute(:generic_label) { |row| Core::Shelf::Products::GENERIC.fetch(row.generic)[:label] }
        # What its container holds, with the unit; nil where the usual sizes stand.
        attribute(:holds) { |row| row.pack_amount && params[:formatter].amount(row.pack_amount, Product.like(row)) }
        attribute(:fields) do |row|
          formatter = params[:formatter]
          unit = formatter.workshop.length_unit
          { label: row.label, generic: row.generic, base: row.base.to_s,
            rate: row.rate ? Core::Units::Measures.rate_number(row.rate, unit: unit) : "",
            cure: row.cure.to_s, coldest: row.coldest ? Core::Units::Measures.degrees(row.coldest, unit: unit) : "",
            **Operations::Shelf::Products::WAITS.transform_values do |name|
              row[name] ? formatter.typed_effort(row[name] * 60) : ""
            end,
            pack_amount: row.pack_amount ? formatter.typed_amount(row.pack_amount, Product.like(row), places: 0) : "",
            pack_price: formatter.typed_money(row.pack_price_minor), builtin: row.builtin&.split(","), blocks: row.blocks&.split(","),
            grips: { true => "yes", false => "no" }.fetch(row.grips, ""), thin: row.thin ? Core::Units::Numerals.plain(row.thin.to_r, 1).delete_suffix(".0") : "" }
        end
      end

      # What is on the shelf, by product.
      class ShelfPage < Support::Page
        attribute(:rows) { @rows.map { |row| row(row) } }
        attribute(:worth) { @formatter.money(@rows.filter_map(&:worth).sum) }
        attribute(:unknown) { @rows.count { |row| row.worth.nil? } }
        attribute(:gear) { Operations::Bench::ToBuy.warnings }

        # finished: with what is used up.
        def initialize(formatter, finished: false)
          super(nil, formatter)
          @rows = Operations::Shelf::Containers.rows(finished: finished)
        end

        private

        def row(row)
          product = row.product
          found = { kind: product[:kind], unit: product[:unit], left: @formatter.whole_amount(row.left, product),
                    worth: @formatter.money(row.worth),
                    containers: row.containers.map { |one| Container.present(one, @formatter) } }
          @formatter.material(product).merge(found)
        end
      end

      # What is to be bought for all planned work.
      class ShoppingPage < Support::Page
        attribute(:rows) { @rows.map { |row| need(row) } }
        attribute(:total) { @formatter.about(Operations::Shelf::Shopping.total(@rows)) }

        def initialize(formatter)
          super(nil, formatter)
          @rows = Operations::Bench::ToBuy.rows
          @shops = Operations::Shelf::Shopping.shops
        end

        private

        def need(row)
          product = row.product
          found = { note: row.note, needed: row.needed && @formatter.whole_amount(row.needed, product), pieces: row.pieces, gear: row.gear,
                    shop: @shops[product[:key]] || @shops[product[:product]],
                    there: @formatter.whole_amount(row.there, product) }
          @formatter.material(product).merge(found, to_buy(row.line, product, gear: row.gear))
        end

        def to_buy(line, product, gear:)
          return { buy: nil, over: nil, price: nil, packs: [] } unless line

          prices = product[:packs].to_h
          packs = line.packs.map do |size, count|
            { size: @formatter.typed_size(size, product), count: count, price: @formatter.typed_money(prices[size]) }
          end
          over = @formatter.whole_amount(line.over, product) unless gear
          { buy: @formatter.packs(line.packs, product), over: over, price: @formatter.price(line.price), packs: packs }
        end
      end

      # How the sprayer is set for a product.
      class SpraySetting < Support::Base
        attributes :product, :nozzle, :setting
        attribute(:label) { |row| Operations::Shelf::Containers.product(row.product)[:label] }
        attribute(:thinning) { |row| row.thinning ? Operations::Shelf::Sprayers.number(row.thinning) : nil }
        attribute(:cup_seconds) { |row| row.cup_seconds ? Operations::Shelf::Sprayers.number(row.cup_seconds) : nil }
      end

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
