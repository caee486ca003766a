# frozen_string_literal: true

module Kohlrabi
  module Core
    module Books
      # Flips compared by one trait: each group against all the rest, so that both sides add up to the whole whether a flip is in one group
      # (its kind) or in several (its techniques).
      class Comparison
        ENOUGH = 5 # flips a side, below which nothing is told (common practice, no source)

        # One group. label; key: as it is asked for; with, rest: Totals; days, profits: quantile summaries (days; minor units);
        # few: what is too few, or nil; edge: minor units an hour above (or below) the rest, nil where nothing can be told.
        Row = Struct.new(:key, :label, :with, :rest, :days, :profits, :few, :edge, keyword_init: true)

        # groups: {key => {stage => Tally}}; whole: {stage => Tally}; labels: {key => String}; days, profits: {key => sorted values};
        # hours_rule: "bench" or "all".
        def initialize(groups:, whole:, hours_rule:, labels: {}, days: {}, profits: {})
          @groups = groups
          @whole = whole
          @labels = labels
          @days = days
          @profits = profits
          @hours_rule = hours_rule
        end

        # Array of Row, the largest group first.
        def rows
          @groups.map { |key, stages| row(key, stages) }.sort_by { |row| [-(row.with.paid.flips + row.with.at_cost.flips), row.label.to_s] }
        end

        private

        def row(key, stages)
          with = Books::Totals.new(stages, hours_rule: @hours_rule)
          rest = Books::Totals.new(Books::Tally.rest(@whole, stages), hours_rule: @hours_rule)
          few = few(with, rest)
          pays = [with.hourly_pay.amount, rest.hourly_pay.amount]
          Row.new(key: key, label: @labels.fetch(key, key), with: with, rest: rest, days: Statistics::Quantiles.summary(@days.fetch(key, [])),
                  profits: Statistics::Quantiles.summary(@profits.fetch(key, [])), few: few, edge: (pays.first - pays.last if few.nil? && pays.all?))
        end

        def few(with, rest)
          return "too few to tell: #{with.hours_known} of #{ENOUGH}" if with.hours_known < ENOUGH
          return "nothing to compare with: #{rest.hours_known} of #{ENOUGH}" if rest.hours_known < ENOUGH

          nil
        end
      end
    end
  end
end
