# frozen_string_literal: true

module Core
  module Books
    # Totals month by month, by the month in which a flip ended. Months without an end stay in the row, empty.
    module Months
      extend self

      # groups: Hash of [month "2026-05" or nil, stage] => Tally. Returns an Array of [month, Totals] in order,
      # without gaps; flips whose ending date is not known come last under nil.
      def rows(groups, hours_rule: "bench")
        known = groups.keys.filter_map(&:first)
        months = known.empty? ? [] : span(*known.minmax)
        months << nil if groups.keys.any? { |month, _| month.nil? }
        by_month = groups.group_by { |(month, _), _| month }
        months.map { |month| [month, Totals.new(stages(by_month[month] || []), hours_rule: hours_rule)] }
      end

      # Every month from first to last, as "2026-05".
      def span(first, last)
        from = Date.strptime(first, "%Y-%m")
        months = [from.strftime("%Y-%m")]
        months << (from = from.next_month).strftime("%Y-%m") while months.last < last
        months
      end

      private

      def stages(entries)
        entries.to_h { |(_, stage), tally| [stage, tally] }
      end
    end
  end
end
