# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Shelf
        # The shelf and the shopping list, as the contract says them.
        class ShelfPage
          DATES = %i[bought_on opened_on keeps_until].freeze

          # say: Say.
          def initialize(say)
            @say = say
            @today = Operations::House::WorkshopSettings.today
          end

          # finished: with what is used up.
          def shelf(finished: false)
            rows = Operations::Shelf::Containers.rows(finished: finished)
            known = rows.filter_map(&:worth)
            { rows: rows.map { |row| row(row) }, worth: @say.money(known.sum), unknown: rows.count { |row| row.worth.nil? }, gear: Operations::Shelf::Shopping.warnings }
          end

          def shopping
            rows = Operations::Shelf::Shopping.rows
            { rows: rows.map { |row| need(row) }, total: @say.money(Operations::Shelf::Shopping.total(rows)) }
          end

          def container(row)
            product = Operations::Shelf::Containers.product(row.product)
            core = Operations::Shelf::Containers.core(row)
            { id: row.id, **named(product), product: row.product, value: row.value_minor && @say.money(row.value_minor),
              place: row.place, note: row.note, opening: row.opening, **held(core, product),
              **DATES.to_h do |name|
                [name, @say.day(row[name])]
              end, paid: @say.money(row.paid_minor), warn: warn(row, core), fields: fields(row, product) }
          end

          private

          def row(row)
            product = row.product
            { **named(product), kind: product[:kind], unit: product[:unit], left: amount(row.left, product),
                                worth: @say.money(row.worth), containers: row.containers.map { |one| container(one) } }
          end

          def held(core, product)
            { size: amount(core.volume, product), left: amount(core.left, product), percent: (core.left * 100 / core.volume).round,
              worth: @say.money(core.worth), unit_cost: unit_cost(core, product) }
          end

          def need(row)
            product = row.product
            { **named(product), note: row.note, needed: row.needed && amount(row.needed, product), there: amount(row.there, product),
                                pieces: row.pieces, gear: row.gear, **to_buy(row.line, product, gear: row.gear) }
          end

          def to_buy(line, product, gear:)
            return { buy: nil, over: nil, price: nil, packs: [] } unless line

            packs = line.packs.map { |size, count| { size: typed(size, product), count: count, price: @say.typed_money(price(product, size)) } }
            { buy: @say.packs(line.packs, product), over: gear ? nil : amount(line.over, product), price: @say.money(line.price), packs: packs }
          end

          # A material by its name and the swatch of its colour.
          def named(product) = { product: product[:key], label: product[:label], swatch: product[:colour]&.hex }

          def price(product, size) = product[:packs].to_h[size]

          def warn(row, core)
            days = row.keeps_until && (row.keeps_until - @today).to_i
            [("past its time since #{Core::Units::Calendar.text(row.keeps_until)}" if days&.negative?),
             ("keeps only until #{Core::Units::Calendar.text(row.keeps_until)}" if days&.between?(0, Operations::Shelf::Containers::SOON)),
             ("used up" if core.empty?), ("nearly used up" if !core.empty? && core.left < core.volume * Operations::Shelf::Containers::LOW)].compact
          end

          def fields(row, product)
            size = typed(Rational(row.size_thousandths, 1000), product)
            { product: product[:product] || row.product, colour: product[:colour]&.key.to_s, value: @say.typed_money(row.value_minor), size: size,
              paid: @say.typed_money(row.paid_minor), place: row.place.to_s, note: row.note.to_s,
              **DATES.to_h { |name| [name, row[name]&.iso8601.to_s] } }
          end

          # With its unit, as one would type it.
          def typed(number, product)
            text = @say.typed_amount(number, product)
            text.match?(/[a-z]/) || product[:unit] == "pcs" ? text : "#{text} #{product[:unit]}"
          end

          # In whole millilitres and grams from ten on: nobody reads a tin to the hundredth.
          def amount(number, product)
            @say.amount(whole?(number, product) ? number.round : number, product)
          end

          def whole?(number, product) = number >= 10 && %w[ml g].include?(product[:unit]) && @say.workshop.length_unit == "mm"

          # Of what one reckons with: a litre, a gallon, a kilogram, one.
          def unit_cost(core, product)
            cost = core.unit_cost or return
            size, name = Core::Units::Measures.priced(product[:unit], unit: @say.workshop.length_unit)
            "#{@say.money(cost * size)[:text]} a #{name}"
          end
        end
      end
    end
  end
end
