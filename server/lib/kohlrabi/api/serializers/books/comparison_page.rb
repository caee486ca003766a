# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Books
        # Flips compared by a trait (Operations::Books::Comparisons::Answer).
        class ComparisonPage < Support::Page
          attributes :several, :more
          attribute(:by) { @by }
          attribute(:choices) { Operations::Books::Traits::ALL.map { |key, (label, _)| { key: key, label: label } } }
          attribute(:rows) { |answer| answer.rows.map { |row| compared(row) } }
          attribute(:profit) { |answer| @formatter.money(answer.whole.profit.amount) }

          # by: key of Traits; filter: Books::BooksFilter.
          def initialize(by, formatter, filter:)
            super(Operations::Books::Comparisons.answer(by, filter), formatter)
            @by = by
          end

          private

          def compared(row)
            { key: row.key, label: row.label, **side(row.with), rest_hourly: @formatter.money(row.rest.hourly_pay.amount),
              rest_n: row.rest.hours_known, days: @formatter.quartiles(row.days), few: row.few, edge: edge(row.edge),
              profits: @formatter.quartiles(row.profits) { |minor| @formatter.money(minor)[:text] } }
          end

          def side(with)
            hourly = with.hourly_pay.amount
            { ended: with.paid.flips + with.at_cost.flips, n: with.hours_known, profit: @formatter.money(with.profit.amount),
              receipts: @formatter.money(with.receipts.amount), hours: @formatter.effort(with.hours.amount), hourly: @formatter.money(hourly),
              major_hourly: @formatter.major(hourly), margin: with.margin.text(@formatter.workshop.money) }
          end

          def edge(minor)
            amount = minor && "#{@formatter.money(minor.abs)[:text]} #{@formatter.workshop.currency}"
            minor && "#{amount} an hour #{minor.negative? ? 'less' : 'more'} than the rest"
          end
        end
      end
    end
  end
end
