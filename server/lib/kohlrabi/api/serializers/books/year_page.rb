# frozen_string_literal: true

module Api
  module Serializers
    module Books
      # A year of the workshop, as the contract has it: goals, and the money that belongs to no flip.
      class YearPage < Support::Page
        shows :typed, :sums
        attribute(:year) { @year }
        attribute(:goals) { Operations::Books::Goals.rows(@year).map { |row| goal(row) } }
        attribute(:entries) { @money.rows.map { |row| YearPage.entry(row, @formatter) } }
        attribute(:filming) { @formatter.effort(@money.filming) }
        attribute(:left) { @formatter.figure(@money.left) }

        # formatter: Formatter; year: Integer.
        def initialize(year, formatter)
          super
          @year = year
          @money = Operations::Books::WorkshopMoney.answer(year)
        end

        def self.entry(row, formatter)
          { id: row.id, kind: row.kind, kind_label: Operations::Books::WorkshopMoney::KINDS.fetch(row.kind).first, what: row.what,
            amount: formatter.money(row.amount_minor), on: formatter.day(row.happened_on) }
        end

        private

        def goal(row)
          words = ->(amount) { amount && (row.key == :pieces ? amount.round.to_s : @formatter.money(amount)[:text]) }
          { key: row.key.to_s, label: row.label, text: row.text, **%i[goal so_far heading].to_h do |name|
            [name, words.call(row[name])]
          end,
            needed: row.needed && needed(row), share: row.goal&.positive? && row.so_far ? (row.so_far / row.goal.to_f).round(3) : nil,
            gone: row.gone.to_f.round(3) }
        end

        # What each month left has to bring, at 30 days.
        def needed(row)
          month = row.needed * 30
          if row.key == :pieces
            "#{Core::Units::Numerals.text(month, 1)} pieces in every 30 days"
          else
            "#{@formatter.money(month)[:text]} in every 30 days"
          end
        end

        def typed
          goal = Operations::Books::Goals.of(@year)
          { profit: @formatter.typed_money(goal.profit_minor), hourly: @formatter.typed_money(goal.hourly_minor),
            pieces: goal.pieces.to_s }
        end

        def sums
          @money.spent.merge(@money.received).map do |kind, minor|
            { kind: kind, label: Operations::Books::WorkshopMoney::KINDS.fetch(kind).first, amount: @formatter.money(minor), spent: @money.spent.key?(kind) }
          end
        end
      end
    end
  end
end
