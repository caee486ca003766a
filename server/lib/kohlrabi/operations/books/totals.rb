# frozen_string_literal: true

module Operations
  module Books
    # Totals over many flips. The database adds up within groups; the core composes and divides.
    module Totals
      # days: {month => quantile summary of the turnaround of what was sold in it}.
      Answer = Struct.new(:totals, :months, :days, :years, :turnaround, :books, keyword_init: true)

      extend self

      # filter: BooksFilter. Raises nothing: what is not known is counted and said. Kept until anything is written.
      def answer(filter = BooksFilter.new) = Support::VersionedCache.once([:totals, *filter.key]) { read(filter) }

      # {[month or nil, stage] => Tally} over flips that have ended.
      def groups(filter)
        month = "substr(ended_on, 1, 7)"
        sql = filter.scope.group(Arel.sql("#{month}, stage")).select(Arel.sql("#{month}, stage, #{filter.sums}")).to_sql
        Records::Base.connection.select_rows(sql).to_h { |name, stage, *sums| [[name, stage], BooksFilter.tally(sums)] }
      end

      # {stage => Tally} of groups.
      def by_stage(groups)
        groups.group_by { |(_, stage), _| stage }
              .transform_values { |entries| entries.sum(Core::Books::Tally.zero, &:last) }
      end

      # Summaries of flips that have ended, in a year, or in all where it is nil.
      def ended(year)
        scope = Records::FlipSummary.where(live: true, stage: Flips::Lists::ENDED)
        year.nil? ? scope : Flips::Lists.ended_in(scope, year)
      end

      private

      def read(filter)
        groups = groups(filter)
        Answer.new(totals: Core::Books::Totals.new(by_stage(groups), hours_rule: filter.rule, name: filter.profit_name),
                   months: Core::Books::Months.rows(groups, hours_rule: filter.rule),
                   days: days(filter.year), years: years, turnaround: turnaround(filter.year), books: filter)
      end

      def years
        rows = ended(nil).distinct.order(Arel.sql("1 DESC")).pluck(Arel.sql("substr(ended_on, 1, 4)"))
        rows.compact + (rows.include?(nil) ? [Flips::Lists::NO_DATE] : [])
      end

      # Median days from bought to sold with quartiles and n.
      def turnaround(year)
        Core::Statistics::Quantiles.summary(ended(year).where(stage: "sold").where.not(turnaround_days: nil).pluck(:turnaround_days))
      end

      def days(year)
        rows = ended(year).where(stage: "sold").where.not(turnaround_days: nil).where.not(ended_on: nil).pluck(Arel.sql("substr(ended_on, 1, 7)"),
                                                                                                               :turnaround_days)
        rows.group_by(&:first).transform_values { |pairs| Core::Statistics::Quantiles.summary(pairs.map(&:last)) }
      end
    end
  end
end
