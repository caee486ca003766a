# frozen_string_literal: true

module Api
  module Serializers
    module Books
      # Flips compared by a trait (Operations::Books::Comparisons::Answer).
      class ComparisonPage < Support::Page
        attributes :several, :more
        attribute(:by) { @by }
        attribute(:choices) { Operations::Flips::Traits::ALL.map { |key, (label, _)| { key: key, label: label } } }
        attribute(:rows) do |answer|
          answer.rows.map do |row|
            { **compared(row), a_piece: a_piece(answer.extras[row.key]) }
          end
        end
        attribute(:opening) { |answer| opening(answer.rows) }
        attribute(:profit) { |answer| @formatter.money(answer.whole.profit.amount) }

        # by: key of Traits; filter: Books::BooksFilter.
        def initialize(by, formatter, filter:)
          super(Operations::Books::Comparisons.answer(by, filter), formatter)
          @by = by
        end

        private

        def compared(row)
          { key: row.key, label: row.label, **side(row.with), rest_hourly: @formatter.money(row.rest.hourly_pay.amount),
            rest_n: row.rest.hours_known, estimate: estimate(row.pays), days: @formatter.quartiles(row.days), few: row.few, edge: edge(row.edge),
            profits: @formatter.quartiles(row.profits) { |minor| @formatter.money(minor)[:text] } }
        end

        def side(with)
          hourly = with.hourly_pay.amount
          { ended: with.paid.flips + with.at_cost.flips, n: with.hours_known, profit: @formatter.money(with.profit.amount),
            receipts: @formatter.money(with.receipts.amount), hours: @formatter.effort(with.hours.amount), hourly: @formatter.money(hourly),
            major_hourly: @formatter.major(hourly), margin: with.margin.text(@formatter.workshop.money) }
        end

        # What it pays with its doubt, in figures, in words, and for a chart.
        def estimate(pays)
          return if pays.few

          amounts = { middle: pays.middle, low: pays.low, high: pays.high }
          money = amounts.transform_values { |minor| @formatter.money(minor) }
          chart = amounts.values.map { |minor| @formatter.major(minor) }
          { **money, above: (pays.above * 100).round, claim: pays.claim, words: words(pays), chart: chart }
        end

        # "+38.00 a piece, likely −5.00 to 80.00, and 3 h".
        def a_piece(row)
          return unless row

          signed = ->(minor) { "#{'+' if minor.positive?}#{@formatter.money(minor)[:text]}" }
          hours = row.seconds && row.seconds.abs >= 60 && "#{'−' if row.seconds.negative?}#{Core::Units::Effort.text(row.seconds.abs)}"
          "#{signed.call(row.profit)} a piece beside its kind, likely #{@formatter.money(row.low)[:text]} to #{@formatter.money(row.high)[:text]}" \
            "#{", and #{hours} of work" if hours}"
        end

        def words(pays)
          sure = "#{(pays.above * 100).round} in 100 that it pays more than the rest"
          sure = "it pays #{pays.claim} than the rest" if pays.claim
          "likely #{@formatter.money(pays.low)[:text]} to #{@formatter.money(pays.high)[:text]}; #{sure}"
        end

        # The sentence that answers.
        def opening(rows)
          known = rows.reject(&:few).sort_by { |row| -row.pays.middle }
          return if known.empty? || %w[year month season].include?(@by)

          best = known.first
          claimed = known.select { |row| row.pays.claim }
          middle = "#{@formatter.money(best.pays.middle)[:text]} #{@formatter.workshop.currency} an hour"
          pays = claimed.include?(best) ? "pays best" : "pays best so far"
          start = "#{best.label} #{pays}: about #{middle}, #{words(best.pays).split(';').first}."
          start = start.sub(/\A[a-z]/, &:upcase)
          less = claimed.select { |row| row.pays.claim == "less" }.map(&:label)
          return "#{start} Less than the rest for sure: #{less.join(', ')}." if less.any?

          claimed.any? ? start : "#{start} Not yet enough to act on: chance makes as much of a difference."
        end

        def edge(minor)
          amount = minor && "#{@formatter.money(minor.abs)[:text]} #{@formatter.workshop.currency}"
          minor && "#{amount} an hour #{minor.negative? ? 'less' : 'more'} than the rest"
        end
      end

      # Own pieces worked again, one to several at a time.
      class SideBySidePage < Support::Page
        ASSUMED = ["Each piece takes the days of work it took, with its waiting spread evenly between them.",
                   "A pair of hands is on one piece a day, and there on every day it is needed.",
                   "Each brings what your pieces brought on average, and buyers are found for all of them."].freeze

        attribute(:n) { @pieces }
        attribute(:rows) { @rows.map { |row| side(row) } }
        attribute(:profit) { @formatter.money(@profit) }
        attribute(:assumes) { ASSUMED }

        # filter: Books::BooksFilter.
        def initialize(hands, formatter, filter:)
          super(nil, formatter)
          @rows, @pieces, @profit = Operations::Books::WhatIf.side_by_side(hands, filter)
        end

        private

        def side(row)
          { at_once: row.at_once, days: row.days, a_year: Core::Units::Numerals.text(row.a_year, 1), idle: @formatter.percent(row.idle),
            profit: @formatter.money(@profit && (@profit * row.a_year)) }
        end
      end

      # What would have been earned without a kind of flip.
      class WithoutPage < Support::Page
        attributes :flips, :assumes
        said :sum, :profit, :with, :pay, :pay_with
        said :effort, :freed
        attribute(:label) { @label }
        attribute(:made_up) { |found| found.made_up && @formatter.percent(found.made_up) }
        attribute(:change) { |found| found.profit && found.with && @formatter.money(found.profit - found.with) }

        # by, trait: as Traits has them; filled: percent of the freed hours, Integer; filter: Books::BooksFilter.
        def initialize(by, trait, formatter, filled:, filter:)
          super(Operations::Books::WhatIf.without(by, trait, Rational(filled, 100), filter), formatter)
          @label = Operations::Flips::Traits.label(by, trait)
        end
      end

      # What asking less would bring, were things sold the quicker for it.
      class CheaperPage < Support::Page
        attributes :n, :assumes
        said :sum, :lost, :won, :net
        attribute(:days) { |found| @formatter.number(found.days) }
        attribute(:needed) { |found| found.needed && "#{Core::Units::Numerals.text(found.needed, 1)}%" }
        attribute(:profit_per_space_day) { @formatter.money(Operations::Market::TimeToSell.profit_per_space_day) }

        # less, quicker: percent, Integer and decimal text or nil; filter: Books::BooksFilter.
        def initialize(less, quicker, formatter, filter:)
          super(Operations::Books::WhatIf.cheaper(Rational(less, 100), quicker && Rational(quicker), filter), formatter)
        end
      end
    end
  end
end
