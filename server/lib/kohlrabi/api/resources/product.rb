# frozen_string_literal: true

module Kohlrabi
  module Api
    module Resources
      # A product of the workshop's own.
      class Product < Base
        attributes :id, :label, :generic
        attribute(:key) { |row| Desk::Products.key(row) }
        attribute(:generic_label) { |row| Core::Planning::Products::GENERIC.fetch(row.generic)[:label] }
        attribute(:fields) do |row|
          say = params[:say]
          { label: row.label, generic: row.generic, rate: row.rate ? Core::Units::Numerals.plain(row.rate.to_r, 2) : "",
            **%i[sand recoat handle].to_h { |name| [name, row[name] ? say.typed_effort(row[name] * 60) : ""] },
            pack_amount: row.pack_amount.to_s, pack_price: say.typed_money(row.pack_price_minor) }
        end
      end
    end
  end
end
