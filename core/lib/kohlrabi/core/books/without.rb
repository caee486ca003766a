# frozen_string_literal: true

module Core
  module Books
    # What would have come without a group of flips, had part of the hours they took gone into flips like the rest.
    class Without
      # profit, with: minor units without and with them; pay, pay_with: minor units an hour; freed: seconds;
      # made_up: share of the freed hours, filled like the rest, at which nothing is lost. Rational or nil where
      # undefined.
      Answer = Struct.new(:profit, :with, :pay, :pay_with, :freed, :made_up, :flips, :assumes, keyword_init: true)

      # dropped, kept: Books::Totals; filled: Rational share 0..1 of the freed hours that is worked on flips like
      # the rest.
      def initialize(dropped, kept, filled: 0r)
        @dropped = dropped
        @kept = kept
        @filled = filled
      end

      def answer
        Answer.new(profit: profit, with: whole(:profit), pay: @kept.hourly_pay.amount, pay_with: pooled, freed: @dropped.hours.amount,
                   made_up: made_up, flips: @dropped.paid.flips, assumes: assumes).freeze
      end

      private

      def profit
        own = @kept.profit.amount or return
        return own if @filled.zero?

        more = (@kept.hourly_pay.amount and @dropped.hours.amount) or return
        own + (@filled * @kept.hourly_pay.amount * more / 3600)
      end

      def whole(name)
        amounts = [@dropped, @kept].filter_map { |side| side.public_send(name).amount }
        amounts.sum if amounts.any?
      end

      # Pay over both, of the flips with hours.
      def pooled
        pairs = [@dropped, @kept].filter_map do |side|
          [side.hourly_pay.amount, side.hours.amount] if side.hourly_pay.amount
        end
        seconds = pairs.sum(&:last)
        pairs.sum { |pay, worked| pay * worked } / seconds if seconds.positive?
      end

      def made_up
        pay = @kept.hourly_pay.amount
        hours = @dropped.hours.amount
        return unless pay&.positive? && hours&.positive? && @dropped.profit.amount

        @dropped.profit.amount / (pay * hours / 3600)
      end

      def assumes
        filled = "#{Units::Numerals.text(@filled * 100, 0)}% of the freed hours go into your other flips, at their hourly pay"
        ["Everything else stays the same.", @filled.zero? ? "The freed hours earn nothing." : "#{filled}."]
      end
    end
  end
end
