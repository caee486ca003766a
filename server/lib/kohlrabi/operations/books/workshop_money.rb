# frozen_string_literal: true

module Operations
  module Books
    # Money that belongs to no flip: tools and overhead spent, filming and gifts received; kept apart from flips and
    # set against the year.
    module WorkshopMoney
      KINDS = { "tool" => ["Tool", -1], "overhead" => ["Overhead", -1], "filming" => ["Filming", 1], "gift" => ["Gift", 1],
                "other" => ["Other income", 1] }.freeze
      MAX_ROWS = 500
      # rows: Array of Records; spent, received: {kind => minor}; filming: seconds of filming in the year; profit:
      # Figure of the flips' cash profit; left: Figure.
      Answer = Struct.new(:rows, :spent, :received, :filming, :profit, :left, keyword_init: true)

      extend Support::Refusing

      extend self

      # year: Integer.
      def answer(year)
        days = Date.new(year, 1, 1)..Date.new(year, 12, 31)
        rows = Records::WorkshopEntry.live.where(happened_on: days)
        filming = Records::WorkEntry.live.where(kind: "filming", worked_on: days)
        spent, received = rows.group(:kind).sum(:amount_minor).partition do |kind, _|
          KINDS.fetch(kind).last.negative?
        end.map(&:to_h)
        profit = Totals.answer(BooksFilter.new(year: year.to_s)).totals.profit
        Answer.new(rows: rows.order(happened_on: :desc, id: :desc).limit(MAX_ROWS).to_a, spent: spent, received: received, profit: profit,
                   filming: filming.sum(:seconds), left: left(profit, spent, received))
      end

      # given: {"kind", "what", "amount", "on"?}. Returns the entry.
      def create(given)
        Records::Base.transaction { Records::WorkshopEntry.create!(**read(given)) }
      end

      def remove(id)
        entry = Support::Finder.find(Records::WorkshopEntry, id)
        Support::Removal.of([entry], what: "#{entry.what} removed")
      end

      private

      def read(given)
        params = Support::Params.new(given, Support::Workshop.current)
        params.choice(:kind, KINDS.keys, required: true)
        params.text(:what, max: 80, required: true)
        amount = params.money(:amount, required: true)
        params.date(:on, into: :happened_on)
        values = params.done!
        refuse(:entry_of_nothing, field: :amount) unless amount.positive?

        { happened_on: Support::Workshop.today }.merge(values.compact)
      end

      # What the year left: profit of its flips and what came apart from them, less tools and overhead bought.
      def left(profit, spent, received)
        plain = ->(key, label, amount) { Core::Figure.plain(key, label, :money, amount) }
        known = profit.amount ? profit : plain.call(:profit, "Cash profit", 0) # no flip yet: what was spent stands all the same
        Core::Figure.sum(:left, "Left for the year", :money,
                         [["+", known], ["+", plain.call(:received, "Filming, gifts, and other", received.values.sum)],
                          ["−", plain.call(:spent, "Tools and overhead", spent.values.sum)]])
      end
    end
  end
end
