# frozen_string_literal: true

module Core
  module Scout
    # What a kind usually brings and takes, from data/scout/buying_kinds.yml, until the workshop has finished enough
    # of its own.
    class Defaults
      ROWS = Core.table("scout/buying_kinds").to_h { |row| [row[:kind], row] }.freeze
      # A single of a kind that sells in pairs: lower price, longer on the market (common practice, weak, no source).
      SINGLE_PRICE = Rational(8, 10)
      SINGLE_DAYS = Rational(15, 10)

      attr_reader :kind

      # kind: any word for it; unknown ones are taken as "other". currency: Units::Currency.
      def initialize(kind, currency:)
        @kind = kind.to_s.strip.downcase
        @name = Planning::Shape::Kinds.name(kind)
        @row = ROWS.fetch(@name || "other")
        @currency = currency
      end

      # Whether the kind is known by some word.
      def known? = !@name.nil?
      def pair? = @row[:pair] == true
      def use = @row[:use]

      # Estimate in minor units, or nil in a currency the table is not meant in.
      def resale = money(:resale)
      def materials = money(:materials)

      # Estimate in seconds.
      def hours
        Estimate.three(*@row[:hours].map { |hours| (Rational(hours.to_s) * Units::Effort::HOUR).to_i }, source: source)
      end

      def source = "usual for #{known? ? "a #{kind}" : 'furniture'}"

      private

      def money(name)
        return unless @currency.much_alike? # in any other the person gives the amounts

        Estimate.three(*@row[name].map { |major| major * @currency.unit }, source: source)
      end
    end
  end
end
