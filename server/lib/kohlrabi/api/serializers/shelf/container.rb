# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
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
          days = until_on && (until_on - Operations::House::WorkshopSettings.today).to_i
          low = @core.left < @core.volume * Operations::Shelf::Containers::LOW
          [("past its time since #{Core::Units::Calendar.text(until_on)}" if days&.negative?),
           ("keeps only until #{Core::Units::Calendar.text(until_on)}" if days&.between?(0, Operations::Shelf::Containers::SOON)),
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
          "#{@formatter.money(cost * size)[:text]} a #{name}"
        end
      end
    end
  end
end
