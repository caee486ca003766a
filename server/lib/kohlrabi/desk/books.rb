# frozen_string_literal: true

module Kohlrabi
  module Desk
    # Totals over many flips. The database adds up within groups; the core composes and divides.
    module Books
      Answer = Struct.new(:totals, :months, :years, :turnaround, :year, keyword_init: true)

      SUMS = <<~SQL.squish.freeze
        COUNT(*) AS flips, COUNT(cash_profit_minor) AS profit_count, COALESCE(SUM(cash_profit_minor), 0) AS profit,
        COALESCE(SUM(CASE WHEN cash_profit_minor IS NOT NULL THEN receipts_minor END), 0) AS receipts,
        COUNT(cash_in_minor) AS cost_count, COALESCE(SUM(cash_in_minor), 0) AS cost,
        COUNT(cash_profit_minor + bench_seconds) AS bench_count,
        COALESCE(SUM(CASE WHEN bench_seconds IS NOT NULL THEN cash_profit_minor END), 0) AS bench_profit,
        COALESCE(SUM(CASE WHEN cash_profit_minor IS NOT NULL THEN bench_seconds END), 0) AS bench_seconds,
        COUNT(cash_profit_minor + all_seconds) AS all_count,
        COALESCE(SUM(CASE WHEN all_seconds IS NOT NULL THEN cash_profit_minor END), 0) AS all_profit,
        COALESCE(SUM(CASE WHEN cash_profit_minor IS NOT NULL THEN all_seconds END), 0) AS all_seconds
      SQL
      NO_DATE = "not known"

      module_function

      # year: "2026", NO_DATE for flips whose ending date is not known, or nil for all.
      def answer(year: nil)
        groups = groups(year)
        rule = House.workshop.hours_rule
        Answer.new(totals: Core::Statistics::Totals.new(by_stage(groups), hours_rule: rule),
                   months: Core::Statistics::Months.rows(groups, hours_rule: rule),
                   years: years, turnaround: turnaround(year), year: year)
      end

      # {[month or nil, stage] => Tally} over flips that have ended.
      def groups(year)
        month = "substr(ended_on, 1, 7)"
        sql = ended(year).group(Arel.sql("#{month}, stage")).select(Arel.sql("#{month}, stage, #{SUMS}")).to_sql
        Records::Base.connection.select_rows(sql).to_h do |month_name, stage, *sums|
          [[month_name, stage], Core::Statistics::Tally.new(**Core::Statistics::Tally.members.zip(sums).to_h)]
        end
      end

      def by_stage(groups)
        groups.group_by { |(_, stage), _| stage }
              .transform_values { |entries| entries.sum(Core::Statistics::Tally.zero, &:last) }
      end
      private_class_method :by_stage

      def years
        rows = ended(nil).distinct.order(Arel.sql("1 DESC")).pluck(Arel.sql("substr(ended_on, 1, 4)"))
        rows.compact + (rows.include?(nil) ? [NO_DATE] : [])
      end
      private_class_method :years

      # Median days from bought to sold with quartiles and n.
      def turnaround(year)
        Core::Statistics::Quantiles.summary(ended(year).where(stage: "sold").where.not(turnaround_days: nil).pluck(:turnaround_days))
      end
      private_class_method :turnaround

      def ended(year)
        scope = Records::FlipSummary.where(live: true, stage: Lists::ENDED)
        year.nil? ? scope : ended_in(scope, year)
      end
      private_class_method :ended

      # Narrows summaries down to flips that ended in a year, or on a date that is not known.
      def ended_in(scope, year)
        scope.where(ended_on: year == NO_DATE ? nil : "#{year}-01-01".."#{year}-12-31")
      end
    end
  end
end
