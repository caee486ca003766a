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
            profits: @formatter.quartiles(row.profits) { |minor| @formatter.amounts.price(minor.round) } }
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
          money = amounts.transform_values { |minor| @formatter.rate(minor) }
          chart = amounts.values.map { |minor| @formatter.major(minor) }
          { **money, above: (pays.above * 100).round, claim: pays.claim, words: words(pays), chart: chart }
        end

        # "+€40 a piece compared with others of its kind (likely −€5 to €80), for 3 h more work".
        def a_piece(row)
          return unless row

          hours = row.seconds && row.seconds.abs >= 300 && ", for #{Core::Units::Effort.about(row.seconds.abs)} " \
                                                           "#{row.seconds.negative? ? 'less' : 'more'} work"
          "#{'+' if row.profit.positive?}#{@formatter.amounts.about(row.profit)} a piece compared with others of its kind " \
            "(likely #{@formatter.amounts.between(row.low, row.high)})#{hours}"
        end

        def words(pays)
          sure = "#{Core::Units::Numerals.chance(pays.above)} likely to pay better than your other flips"
          sure = "pays #{pays.claim == 'less' ? 'worse' : 'better'} than your other flips" if pays.claim
          "#{@formatter.amounts.rates(pays.low, pays.high)} an hour; #{sure}"
        end

        # The sentence that answers.
        def opening(rows)
          known = rows.reject(&:few).sort_by { |row| -row.pays.middle }
          return if known.empty? || %w[year month season].include?(@by)

          best = known.first
          claimed = known.select { |row| row.pays.claim }
          middle = "#{@formatter.amounts.rate(best.pays.middle)} an hour"
          pays = claimed.include?(best) ? "pays best" : "pays best so far"
          start = "#{best.label} #{pays}: about #{middle} (likely #{@formatter.amounts.rates(best.pays.low, best.pays.high)})."
          start = start.sub(/\A[a-z]/, &:upcase)
          less = claimed.select { |row| row.pays.claim == "less" }.map(&:label)
          return "#{start} #{less.join(', ')}: clearly less than the rest." if less.any?

          claimed.any? ? start : "#{start} That could still be chance."
        end

        def edge(minor)
          minor && "#{@formatter.amounts.rate(minor.abs)} an hour #{minor.negative? ? 'less' : 'more'} than the rest"
        end
      end

      # Own pieces worked again, one to several at a time.
      class SideBySidePage < Support::Page
        ASSUMED = ["Each piece takes as many days of work as yours did, with the drying time spread evenly in between.",
                   "One person works on one piece a day, on every day there's work.",
                   "Each piece earns your average profit, and all of them sell."].freeze

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
            profit: @formatter.about(@profit && (@profit * row.a_year)) }
        end
      end

      # What would have been earned without a kind of flip.
      class WithoutPage < Support::Page
        attributes :flips, :assumes
        said :sum, :profit, :with, :pay, :pay_with
        said :effort, :freed
        attribute(:label) { @label }
        attribute(:made_up) { |found| found.made_up && @formatter.percent(found.made_up) }
        attribute(:change) { |found| found.profit && found.with && @formatter.about(found.profit - found.with) }

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
        attribute(:profit_per_space_day) { @formatter.rate(Operations::Market::TimeToSell.profit_per_space_day) }

        # less, quicker: percent, Integer and decimal text or nil; filter: Books::BooksFilter.
        def initialize(less, quicker, formatter, filter:)
          super(Operations::Books::WhatIf.cheaper(Rational(less, 100), quicker && Rational(quicker), filter), formatter)
        end
      end
    end
  end
end
