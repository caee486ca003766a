# frozen_string_literal: true

module Api
  module Serializers
    module Books
      # Books, as the contract has it.
      class BooksPage < Support::Page
        shows :opening, :counts, :turnaround
        attribute(:year) { @answer.books.year }
        attribute(:view) { @answer.books.view }
        attribute(:hours) { @answer.books.rule }
        attribute(:years) { @answer.years }
        attribute(:in_hand) { BooksPage.in_hand(@formatter) }
        attribute(:figures) { said(@totals.figures) }
        attribute(:other_hours) { said([@totals.hours(other), @totals.hourly_pay(other)]) }
        attribute(:months) { @answer.months.map { |month, totals| month(month, totals) } }

        # answer: Books::Totals::Answer; formatter: Formatter.
        def initialize(answer, formatter)
          super
          @answer = answer
          @totals = answer.totals
        end

        # What is in hand, in one line.
        def self.in_hand(formatter)
          line = Operations::Flips::Lists.in_hand
          line.merge(tied_up: formatter.money(line[:tied_up]))
        end

        private

        def said(figures) = figures.map { |figure| @formatter.figure(figure) }

        # The sentence that answers what the flips paid: "In 2026 895.00 at 10.20 an hour; hall bench pays best so
        # far."
        def opening
          profit, pay = [@totals.profit, @totals.hourly_pay].map(&:amount)
          return unless profit

          year = @answer.books.year
          "#{year ? "In #{year}" : 'In all'} #{@formatter.money(profit)[:text]}#{" at #{@formatter.money(pay)[:text]} an hour" if pay}#{best}."
        end

        def best
          told = Operations::Books::Comparisons.answer("kind", @answer.books).rows.reject(&:few)
          row = told.max_by { |one| one.pays.middle } or return
          "; #{row.label} pays best#{' so far' unless row.pays.claim}"
        end

        def other = @answer.books.rule == "all" ? "bench" : "all"

        def counts
          { sold: @totals.sold.flips, scrapped: @totals.scrapped.flips, kept_or_given_away: @totals.at_cost.flips,
            profit_known: @totals.paid.profit_count, hours_known: @totals.hours_known }
        end

        def turnaround
          days = @answer.turnaround
          { n: days[:n] }.merge(days.slice(:median, :lower, :upper).transform_values do |value|
            value && Core::Units::Numerals.text(value, value.denominator == 1 ? 0 : 1)
          end)
        end

        def month(month, totals)
          profit = totals.profit.amount
          label = month ? Date.strptime(month, "%Y-%m").strftime("%b %Y") : "date not known"
          { month: month, label: label, ended: totals.paid.flips + totals.at_cost.flips,
            profit: @formatter.money(profit), major_profit: major(profit),
            receipts: @formatter.money(totals.receipts.amount), hours: @formatter.effort(totals.hours.amount),
            hourly_pay: @formatter.money(totals.hourly_pay.amount), major_hourly: major(totals.hourly_pay.amount), **days(month) }
        end

        def major(minor) = minor && (minor / @formatter.workshop.money.unit.to_f)

        # Median turnaround of what was sold in a month, and of how many.
        def days(month)
          summary = @answer.days.fetch(month, { median: nil, n: 0 })
          { days: summary[:median]&.to_f, days_n: summary[:n] }
        end
      end
    end
  end
end
