# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
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
    end
  end
end
