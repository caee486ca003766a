# frozen_string_literal: true

module Core
  module Books
    # The entries of one flip: what is paid for it stands in inventory until it is sold, lost or kept; its sale,
    # fees and refunds follow. What was received and spent on a flip whose price or sale is not known stands under
    # accounts of its own, for no profit is known of it.
    class FlipLedger
      CASH = "assets:cash"
      INVENTORY = "assets:inventory"
      SHELF = "assets:shelf" # materials bought by the container, until they are drawn
      PROFIT = { sales: "income:sales", tips: "income:tips", refunds: "income:refunds", fees: "expenses:selling:fees",
                 delivery: "expenses:selling:delivery", rent: "expenses:selling:rent", sold: "expenses:goods sold", lost: "expenses:losses" }.freeze
      UNKNOWN = "not counted" # takes the place of "income" and "expenses"
      WITHDRAWN = { "kept" => "equity:kept", "given away" => "equity:given away" }.freeze
      # One payment: on: Date; what; amount: minor units; from: account it is paid from.
      Payment = Struct.new(:on, :what, :amount, :from, keyword_init: true)
      Refund = Struct.new(:on, :amount, :fee_back, keyword_init: true)

      # name: "K-001 Washstand"; stage: as Flips::Chain; payments: Array of Payment; sale: Flips::Sale or nil;
      # ended_on: Date or nil; refunds: Array of Refund; known: whether the flip's profit is known; fallback: Date
      # for what has none.
      def initialize(ticket:, name:, stage:, payments:, known:, fallback:, sale: nil, ended_on: nil, refunds: [])
        @ticket = ticket
        @name = name
        @stage = stage
        @payments = payments
        @known = known
        @fallback = fallback
        @sale = sale
        @ended_on = ended_on
        @refunds = refunds
      end

      # Array of Entry, in the order in which things happened within the flip.
      def entries = [paid, sold, ended, refunded].flatten.compact

      def inventory = "#{INVENTORY}:#{@ticket}"

      # The accounts whose sum, with its sign turned, is the profit of all flips whose profit is known.
      def self.profit_accounts = PROFIT.values

      private

      def paid
        @payments.map { |payment| entry(payment.on, payment.what, { inventory => payment.amount }, payment.from) }
      end

      def sold
        return unless @stage == "sold" && @sale&.price

        [entry(@ended_on, "sold", { account(:sales) => -@sale.price, account(:tips) => -@sale.tip }, CASH),
         entry(@ended_on, "selling",
               { account(:fees) => @sale.fee, account(:delivery) => @sale.delivery, account(:rent) => @sale.rent }, CASH)]
      end

      # Out of inventory with all that went in, late costs too.
      def ended
        total = @payments.sum(&:amount)
        return entry(@ended_on, @stage, { WITHDRAWN.fetch(@stage) => total }, inventory) if WITHDRAWN.key?(@stage)
        return entry(@ended_on, "goods sold", { account(:sold) => total }, inventory) if @stage == "sold"

        entry(@ended_on, @stage, { account(:lost) => total }, inventory) if Flips::Chain::LOST.include?(@stage)
      end

      def refunded
        return unless @stage == "sold"

        @refunds.map do |refund|
          entry(refund.on || @ended_on, "refund",
                { account(:refunds) => refund.amount, account(:fees) => -refund.fee_back }, CASH)
        end
      end

      def account(key) = @known ? PROFIT.fetch(key) : PROFIT.fetch(key).sub(/\A[a-z]+/) { |top| "#{top}:#{UNKNOWN}" }

      def entry(on, what, pairs, against)
        Entry.balanced(on || @fallback, "#{@ticket} #{@name}: #{what}", pairs, against,
                       note: ("date not known" unless on))
      end
    end
  end
end
