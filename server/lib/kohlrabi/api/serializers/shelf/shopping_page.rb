# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
      # What is to be bought for all planned work.
      class ShoppingPage < Support::Page
        attribute(:rows) { @rows.map { |row| need(row) } }
        attribute(:total) { @formatter.money(Operations::Shelf::Shopping.total(@rows)) }

        def initialize(formatter)
          super(nil, formatter)
          @rows = Operations::Shelf::Shopping.rows
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
          { buy: @formatter.packs(line.packs, product), over: over, price: @formatter.money(line.price), packs: packs }
        end
      end
    end
  end
end
