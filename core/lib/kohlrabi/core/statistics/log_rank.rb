# frozen_string_literal: true

module Core
  module Statistics
    # The log-rank test of two groups: at each time something ended, how many of those that stood were of the one
    # group. (Mantel, Cancer Chemotherapy Reports 50, 1966; Peto and Peto, Journal of the Royal Statistical Society
    # A 135, 1972.)
    class LogRank
      attr_reader :observed, :expected, :variance

      # rows: Array of [standing of the group, standing in all, ended of the group, ended in all], one for each time
      # at which something ended.
      def initialize(rows)
        @observed = rows.sum { |row| row[2] }
        @expected = rows.sum { |mine, all, _, ended| ended * mine.to_f / all }
        @variance = rows.sum do |mine, all, _, ended|
          all > 1 ? ended * (mine.to_f / all) * (1 - (mine.to_f / all)) * (all - ended) / (all - 1.0) : 0.0
        end
      end

      def statistic = variance.positive? ? ((observed - expected)**2) / variance : 0.0

      # Chance of as much or more by chance alone: chi-squared with one degree of freedom.
      def p = Math.erfc(Math.sqrt(statistic / 2))
    end
  end
end
