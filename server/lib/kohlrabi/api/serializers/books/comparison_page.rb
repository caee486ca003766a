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
          attribute(:profit) { |answer| @say.money(answer.whole.profit.amount) }

          # by: key of Traits; lens: Books::Lens.
          def initialize(by, say, lens:)
            super(Operations::Books::Comparisons.answer(by, lens), say)
            @by = by
          end

          private

          def compared(row)
            { key: row.key, label: row.label, **side(row.with), rest_hourly: @say.money(row.rest.hourly_pay.amount),
              rest_n: row.rest.hours_known, days: @say.quartiles(row.days), few: row.few, edge: edge(row.edge),
              profits: @say.quartiles(row.profits) { |minor| @say.money(minor)[:text] } }
          end

          def side(with)
            hourly = with.hourly_pay.amount
            { ended: with.paid.flips + with.at_cost.flips, n: with.hours_known, profit: @say.money(with.profit.amount),
              receipts: @say.money(with.receipts.amount), hours: @say.effort(with.hours.amount), hourly: @say.money(hourly),
              major_hourly: @say.major(hourly), margin: with.margin.text(@say.workshop.money) }
          end

          def edge(minor)
            minor && "#{@say.money(minor.abs)[:text]} #{@say.workshop.currency} an hour #{minor.negative? ? 'less' : 'more'} than the rest"
          end
        end
      end
    end
  end
end
