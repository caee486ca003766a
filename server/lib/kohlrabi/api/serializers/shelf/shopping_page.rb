# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Shelf
        # What is to be bought for all planned work.
        class ShoppingPage < Support::Page
          attribute(:rows) { @rows.map { |row| need(row) } }
          attribute(:total) { @say.money(Operations::Shelf::Shopping.total(@rows)) }

          def initialize(say)
            super(nil, say)
            @rows = Operations::Shelf::Shopping.rows
          end

          private

          def need(row)
            product = row.product
            found = { note: row.note, needed: row.needed && @say.whole_amount(row.needed, product), pieces: row.pieces, gear: row.gear,
                      there: @say.whole_amount(row.there, product) }
            @say.material(product).merge(found, to_buy(row.line, product, gear: row.gear))
          end

          def to_buy(line, product, gear:)
            return { buy: nil, over: nil, price: nil, packs: [] } unless line

            prices = product[:packs].to_h
            packs = line.packs.map { |size, count| { size: @say.typed_size(size, product), count: count, price: @say.typed_money(prices[size]) } }
            { buy: @say.packs(line.packs, product), over: gear ? nil : @say.whole_amount(line.over, product), price: @say.money(line.price),
              packs: packs }
          end
        end
      end
    end
  end
end
