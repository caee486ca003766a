# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Shelf
        # A product of the workshop's own.
        class Product < Support::Base
          attributes :id, :label, :generic
          attribute(:key) { |row| Operations::Shelf::Products.key(row) }
          attribute(:generic_label) { |row| Core::Shelf::Products::GENERIC.fetch(row.generic)[:label] }
          # What its container holds, with the unit; nil where the usual sizes stand.
          attribute(:holds) { |row| row.pack_amount && Core::Shelf::Amount.text(row.pack_amount, Core::Shelf::Products::GENERIC.fetch(row.generic)) }
          attribute(:fields) do |row|
            say = params[:say]
            { label: row.label, generic: row.generic, base: row.base.to_s, rate: row.rate ? Core::Units::Numerals.plain(row.rate.to_r, 2) : "",
              cure: row.cure.to_s, coldest: row.coldest ? Core::Units::Numerals.plain(row.coldest.to_r, 1) : "",
              **Operations::Shelf::Products::WAITS.transform_values { |name| row[name] ? say.typed_effort(row[name] * 60) : "" },
              pack_amount: row.pack_amount.to_s, pack_price: say.typed_money(row.pack_price_minor) }
          end
        end
      end
    end
  end
end
