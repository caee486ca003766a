# frozen_string_literal: true

module Core
  module Books
    # Flips compared by one trait: each group against all the rest, so that both sides add up to the whole whether a
    # flip is in one group (its kind) or in several (its techniques).
    class Comparison
      # One group. label; key: as it is asked for; with, rest: Totals; days, profits: quantile summaries (days;
      # minor units); pays: WhatPays::Row, the estimate with its doubt; edge: minor units an hour above (or below)
      # the rest as it came, nil where nothing can be told.
      Row = Struct.new(:key, :label, :with, :rest, :days, :profits, :pays, :edge, keyword_init: true) do
        def few = pays.few
      end

      # groups: {key => {stage => Tally}}; whole: {stage => Tally}; labels: {key => String}; days, profits: {key =>
      # sorted values}; hours_rule: "bench" or "all"; looked_at: groups of all tables that are looked at together,
      # for what may be claimed.
      def initialize(groups:, whole:, hours_rule:, labels: {}, days: {}, profits: {}, looked_at: groups.size)
        @groups = groups
        @whole = whole
        @labels = labels
        @days = days
        @profits = profits
        @hours_rule = hours_rule
        @looked_at = looked_at
      end

      # Array of Row, ranked by what they are estimated to pay; those of which nothing can be told last, the largest
      # first.
      def rows
        @groups.map { |key, stages| row(key, stages) }
               .sort_by do |row|
          [row.few ? 1 : 0, -row.pays.middle.to_f,
           -(row.with.paid.flips + row.with.at_cost.flips), row.label.to_s]
        end
      end

      private

      def row(key, stages)
        with = Books::Totals.new(stages, hours_rule: @hours_rule)
        rest = Books::Totals.new(Books::Tally.rest(@whole, stages), hours_rule: @hours_rule)
        pays = estimates.fetch(key)
        came = [with.hourly_pay.amount, rest.hourly_pay.amount]
        Row.new(key: key, label: @labels.fetch(key, key), with: with, rest: rest, days: Statistics::Quantiles.summary(@days.fetch(key, [])),
                profits: Statistics::Quantiles.summary(@profits.fetch(key, [])), pays: pays,
                edge: pays.few.nil? && came.all? ? came.first - came.last : nil)
      end

      # {key => WhatPays::Row}.
      def estimates
        @estimates ||= begin
          totals = ->(stages) { Books::Totals.new(stages, hours_rule: @hours_rule).sums }
          WhatPays.new(totals.call(@whole), @groups.transform_values(&totals), looked_at: @looked_at).rows.to_h do |row|
            [row.key, row]
          end
        end
      end
    end
  end
end
