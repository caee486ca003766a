# frozen_string_literal: true

require "money"

module Core
  module Units
    # A currency with its exponent: how many decimals its minor unit has (ISO 4217; yen none, dinar three).
    # Codes and names come from the table of the `money` gem.
    class Currency
      # Those whose unit buys about what a euro, a dollar or a pound does: amounts that are usual in one are about right
      # in another.
      MUCH_ALIKE = %w[EUR USD GBP CHF CAD AUD NZD].freeze

      # Withdrawn, or nobody's money: bonds, metals, tests and units of account (ISO 4217, lists one and three; from
      # memory).
      NOT_IN_USE = %w[ANG BGN BYR CLF CUC EEK HRK LTL LVL MTL SKK SLL STD TMM VEF XAG XAU XBA XBB XBC XBD XDR XPD XPT XTS ZMK ZWD ZWL ZWN
                      ZWR].freeze
      REGIONS = Core.table("house/currencies").flat_map do |code, countries|
        countries.map do |letters|
          [letters, code.to_s]
        end
      end.to_h.freeze

      NARROW = "\u00A0" # between digits and a symbol beside them: never a new line

      # How many times more of it than euros or dollars buys about the same, as a power of ten; 1 where not listed
      # (orders of magnitude, from memory).
      SCALES = { 10 => %w[SEK NOK DKK CZK TRY THB UAH ZAR MXN HKD TWD PHP EGP MDL UYU NIO],
                 100 => %w[JPY HUF ISK INR RSD RUB ALL MKD DZD KES PKR BDT LKR NPR DOP CRC CLP ARS JMD],
                 1000 => %w[KRW COP TZS UGX MNT NGN PYG AMD], 10_000 => %w[IDR VND LBP IRR UZS KHR LAK GNF] }
               .flat_map { |scale, codes| codes.map { |code| [code, scale] } }.to_h.freeze

      attr_reader :code, :name, :exponent, :decimal_mark, :symbol, :scale

      # code: three letters, any case. Raises Refusal for an unknown one.
      def self.find(code)
        @found ||= {}
        @found[code.to_s.upcase] ||= new(code)
      end

      # All currencies in use whose minor unit is a power of ten, by code, each once.
      def self.all
        @all ||= (::Money::Currency.table.values
                                  .select { |row| row[:iso_numeric].to_s.match?(/\d/) && decimal?(row[:subunit_to_unit]) }
                                  .map { |row| row[:iso_code] }.uniq - NOT_IN_USE).sort.map { |code| find(code) }
      end

      # The currency of a country by its two letters ("US"), or nil.
      def self.of_country(letters) = REGIONS[letters.to_s.upcase]&.then { |code| find(code) }

      # Whether something is the sign or the code of any currency.
      def self.sign?(text) = all.any? { |one| one.sign?(text) }

      def self.decimal?(subunit_to_unit)
        10**Math.log10(subunit_to_unit).round == subunit_to_unit
      end

      def initialize(code)
        row = ::Money::Currency.find(code.to_s)
        unless row && self.class.decimal?(row.subunit_to_unit)
          raise Refusal.new(:not_a_currency_code, field: :currency,
                                                  given: code)
        end

        @code = row.iso_code
        @name = row.name
        @exponent = Math.log10(row.subunit_to_unit).round
        @decimal_mark = row.decimal_mark
        @symbol = row.symbol || row.iso_code
        @symbol_first = row.symbol_first
        @scale = SCALES.fetch(@code, 1)
        @signs = [row.iso_code, row.symbol, row.disambiguate_symbol, *::Money::Currency.table.fetch(row.id)[:alternate_symbols]].compact.map { |sign| sign.downcase.delete_suffix(".") }
      end

      # Digits with its symbol, where the `money` gem has it: "€12.50", "CHF 12.50", "12.50 kr", "−$3".
      def written(digits)
        minus, bare = digits.start_with?(Numerals::MINUS) ? [Numerals::MINUS, digits.delete_prefix(Numerals::MINUS)] : ["", digits]
        return "#{minus}#{bare}#{NARROW}#{symbol}" unless @symbol_first

        "#{minus}#{symbol}#{NARROW if symbol.match?(/[[:alpha:].]\z/)}#{bare}"
      end

      # Whether a text is its sign or its code, in any case.
      def sign?(text) = @signs.include?(text.to_s.strip.downcase.delete_suffix("."))

      def much_alike? = MUCH_ALIKE.include?(code)

      # Minor units in one major unit: 100 for a currency with cents.
      def unit
        10**exponent
      end
    end
  end
end
