# frozen_string_literal: true

module Core
  module Scout
    # A shop's rule of cuts: by a percentage of the current or of the first price, or by an amount, every so many
    # days.
    TagRule = Struct.new(:basis, :cut, :every, :source, keyword_init: true)

    # Checks and sums.
    class TagRule
      include Refusing

      BASES = { "current" => "% of the current price", "first" => "% of the first price",
                "amount" => "a fixed amount" }.freeze
      LONGEST = 365 # days between two cuts

      # basis: key of BASES; cut: Rational share 0..1 of a price, or minor units for "amount"; every: days; source:
      # in words. Raises Refusal for a cut that is none, or more than all.
      def initialize(basis:, cut:, every:, source: "as you entered it")
        refuse(:no_such_rule_of_cuts, field: :cut_basis) unless BASES.key?(basis)
        refuse(:cut_of_nothing, field: :cut_size) unless cut.positive?
        refuse(:cut_above_all, field: :cut_size) if basis != "amount" && cut > 1
        unless every.between?(
          1, LONGEST
        )
          refuse(:days_between_cuts_out_of_range, field: :cut_every, every: every,
                                                  longest: LONGEST)
        end

        super
        freeze
      end

      # The tag after a number of cuts, minor units, rounded half up, never below 0.
      # price: the tag before them; first: the first price, for cuts of it.
      def after(cuts, price:, first: price)
        exact = case basis
                when "current" then price * ((1 - cut)**cuts)
                when "first" then price - (first * cut * cuts)
                else price - (cut * cuts)
                end
        [exact.round(half: :up), 0].max
      end

      # "15% of the current price every 7 days".
      def text(currency)
        off = basis == "amount" ? Units::MoneyText.text(cut, currency) : percent
        "#{off} every #{every == 1 ? 'day' : "#{every} days"}"
      end

      private

      def percent = "#{Units::Numerals.plain(cut * 100, 1).delete_suffix('.0')}#{BASES.fetch(basis)}"
    end
  end
end
