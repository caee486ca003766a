# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Shelf
        # What is on the shelf, by product.
        class ShelfPage < Support::Page
          attribute(:rows) { @rows.map { |row| row(row) } }
          attribute(:worth) { @say.money(@rows.filter_map(&:worth).sum) }
          attribute(:unknown) { @rows.count { |row| row.worth.nil? } }
          attribute(:gear) { Operations::Shelf::Shopping.warnings }

          # finished: with what is used up.
          def initialize(say, finished: false)
            super(nil, say)
            @rows = Operations::Shelf::Containers.rows(finished: finished)
          end

          private

          def row(row)
            product = row.product
            found = { kind: product[:kind], unit: product[:unit], left: @say.whole_amount(row.left, product), worth: @say.money(row.worth),
                      containers: row.containers.map { |one| Container.present(one, @say) } }
            @say.material(product).merge(found)
          end
        end
      end
    end
  end
end
