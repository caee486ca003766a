# frozen_string_literal: true

require "money"

module Kohlrabi
  module Core
    module Units
      # A currency with its exponent: how many decimals its minor unit has (ISO 4217; yen none, dinar three).
      # Codes and names come from the table of the `money` gem.
      class Currency
        # Those whose unit buys about what a euro, a dollar or a pound does: amounts that are usual in one are about right in another.
        MUCH_ALIKE = %w[EUR USD GBP CHF CAD AUD NZD].freeze

        attr_reader :code, :name, :exponent

        # code: three letters, any case. Raises Refusal for an unknown one.
        def self.find(code)
          @found ||= {}
          @found[code.to_s.upcase] ||= new(code)
        end

        # All currencies in use whose minor unit is a power of ten, by code.
        def self.all
          @all ||= ::Money::Currency.table.values
                                    .select { |row| row[:iso_numeric].to_s.match?(/\d/) && decimal?(row[:subunit_to_unit]) }
                                    .map { |row| find(row[:iso_code]) }.sort_by(&:code)
        end

        def self.decimal?(subunit_to_unit)
          10**Math.log10(subunit_to_unit).round == subunit_to_unit
        end

        def initialize(code)
          row = ::Money::Currency.find(code.to_s)
          raise Refusal.new(:not_a_currency_code, field: :currency, given: code) unless row && self.class.decimal?(row.subunit_to_unit)

          @code = row.iso_code
          @name = row.name
          @exponent = Math.log10(row.subunit_to_unit).round
        end

        def much_alike? = MUCH_ALIKE.include?(code)

        # Minor units in one major unit: 100 for a currency with cents.
        def unit
          10**exponent
        end
      end
    end
  end
end
