# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
      # What is on the shelf, by product.
      class ShelfPage < Support::Page
        attribute(:rows) { @rows.map { |row| row(row) } }
        attribute(:worth) { @formatter.money(@rows.filter_map(&:worth).sum) }
        attribute(:unknown) { @rows.count { |row| row.worth.nil? } }
        attribute(:gear) { Operations::Shelf::Shopping.warnings }

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
    end
  end
end
