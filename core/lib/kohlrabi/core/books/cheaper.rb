# frozen_string_literal: true

module Core
  module Books
    # What would have come had less been asked: what is lost in price is certain, what is won in days is an
    # assumption about demand.
    class Cheaper
      QUICKER = 2r # percent fewer days on the market for each percent asked less, where nothing was learned; common practice, no source
      # lost: minor units less taken home; days: days on the market saved over all; won: what those days are worth
      # by own profit of a place a day, nil where that is not known; net; needed: percent of days a percent of price
      # must save for it to pay, nil where undefined; n.
      Answer = Struct.new(:lost, :days, :won, :net, :needed, :n, :assumes, keyword_init: true)

      # sales: Array of [receipts in minor units, days on the market or nil]; less: Rational share asked less, 0 to
      # under 1; quicker: as QUICKER; fee_rate: Rational; profit_per_space_day: minor units a place earns a day, or
      # nil; source: where quicker comes from.
      def initialize(sales, less:, fee_rate: 0r, quicker: QUICKER, profit_per_space_day: nil,
                     source: "an assumption, no source")
        @source = source
        @sales = sales
        @less = less
        @quicker = quicker
        @fee_rate = fee_rate
        @profit_per_space_day = profit_per_space_day
      end

      # Percent fewer days for each percent less by what own listings say of the demand: a rate of sale φ times as
      # high takes 1 ÷ φ of the days. less: Rational share; beta: of Market::Model::DemandCurve.
      def self.learned(less, beta)
        return 0r if less.zero?

        faster = Market::Model::DemandCurve.phi(Math.log(1 - less), beta)
        Rational(((1 - (1 / faster)) / less).round(1).to_s)
      end

      def answer
        Answer.new(lost: lost, days: saved, won: won, net: won && (won - lost), needed: needed, n: @sales.size,
                   assumes: assumes).freeze
      end

      private

      def lost = @sales.sum(&:first) * @less * (1 - @fee_rate)
      def stood = @sales.sum { |_, days| days.to_i }

      # No listing can take less than no day.
      def saved = stood * [@less * @quicker, 1r].min
      def won = @profit_per_space_day && (saved * @profit_per_space_day)

      def needed
        return unless @profit_per_space_day&.positive? && stood.positive? && @less.positive?

        lost / (stood * @less * @profit_per_space_day)
      end

      def assumes
        percent = ->(share) { Units::Numerals.text(share, share.denominator == 1 ? 0 : 1) }
        ["Your sale prices drop by #{percent.call(@less * 100)}%, like the asking prices.",
         "Each percent less saves #{percent.call(@quicker)}% of the days on the market: #{@source}.",
         "A day saved is worth what each of your spaces earns a day; it is used only if another piece is ready for it."]
      end
    end
  end
end
