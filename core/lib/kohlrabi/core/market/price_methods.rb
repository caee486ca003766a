# frozen_string_literal: true

module Core
  module Market
    # All ways of finding a price on one scale, each low to high with what is behind it and how far it can be trusted.
    class PriceMethods
      # low, mid, high: minor units; n: how many figures, nil where it is a sum; why, trust: sentences.
      Row = Struct.new(:key, :label, :low, :mid, :high, :n, :why, :trust, keyword_init: true)
      NEW = [2/10r, 3/10r, 4/10r].freeze # of what the look costs new (common practice, weak)
      FEW = 5

      # prices: CostAndPay; comparables: Comparables; ratio_why: sentence; own: Array of sold prices of its kind,
      # minor units; newest: Date of the youngest comparable or nil; new_price: minor units or nil; today: Date.
      def initialize(prices:, comparables:, ratio_why:, own:, today:, newest: nil, new_price: nil)
        @prices = prices
        @comparables = comparables
        @ratio_why = ratio_why
        @own = own
        @newest = newest
        @new_price = new_price
        @today = today
      end

      # Array of Row; a way without figures is left out.
      def rows
        found = [cost_and_pay, compared, own, share_of_new].compact
        [*found, bold(found)].compact
      end

      private

      def row(key, label, amounts, **rest)
        Row.new(key: key, label: label, low: amounts[0], mid: amounts[1], high: amounts[2], **rest).freeze
      end

      def cost_and_pay
        amounts = %i[break_even floor target].map { |key| @prices.amount(key) }
        return if amounts.include?(nil)

        row(:cost_and_pay, "Your costs and hours", amounts, why: "break-even, lowest price, target price",
                                                            trust: "what you need, not what it's likely to bring")
      end

      def compared
        amounts = @comparables.quartiles or return

        row(:comparables, "Prices you looked up", amounts, n: @comparables.count, why: "the more alike, the more it counts; #{@ratio_why}",
                                                           trust: age(few(@comparables.count)))
      end

      def age(trust)
        return trust unless @newest

        days = (@today - @newest).to_i
        "#{trust}, the newest #{days == 1 ? '1 day' : "#{days} days"} old"
      end

      def own
        return if @own.empty?

        summary = Statistics::Quantiles.summary(@own)
        row(:own, "Your own sales", summary.values_at(:lower, :median, :upper).map(&:round), n: @own.size,
                                                                                             why: "the middle half of your sales of this kind",
                                                                                             trust: few(@own.size))
      end

      def share_of_new
        return unless @new_price

        row(:new, "Share of the new price", NEW.map do |share|
          (@new_price * share).round
        end, why: "20, 30, and 40% of what it costs new",
             trust: "a built-in guess")
      end

      # A price to try first: above what the others say, for as long as the first step lasts.
      def bold(found)
        market = found.reject { |one| one.key == :cost_and_pay }
        return if market.empty?

        top = market.map(&:high).max
        row(:bold, "Aim high first", [market.map(&:mid).max, top, (top * 11/10r).round], why: "the highest of the others plus 10%",
                                                                                         trust: "a test: lower it if nobody asks")
      end

      def few(number) = number < FEW ? "#{number}: too few to rely on" : "from #{number}"
    end
  end
end
