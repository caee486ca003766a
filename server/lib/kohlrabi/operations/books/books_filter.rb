# frozen_string_literal: true

module Operations
  module Books
    # How Books are looked at: which profit, which hours, which year. Gives the sums of a group in SQL; the core
    # composes and divides.
    class BooksFilter
      VIEWS = %w[cash full].freeze
      RULES = %w[bench all].freeze

      attr_reader :view, :rule, :year

      # view: "cash" or "full" (less the stash and overhead); rule: hours that count, nil for the house's; year: as
      # Books.answer.
      def initialize(view: nil, rule: nil, year: nil)
        @workshop = Support::Workshop.current
        @view = view || "cash"
        @rule = rule || @workshop.hours_rule
        @year = year
      end

      # What tells it from others, all house rules that it reads among them.
      def key = [view, rule, year, (@workshop.overhead_minor if view == "full")]

      # Flips that have ended, of the year.
      def scope = Totals.ended(year)

      # SQL of a flip's profit in this view, minor units; NULL where it is not known.
      def profit
        return "cash_profit_minor" if view == "cash"

        Core::Flips::FullCost.formula(cash: "cash_profit_minor", stash: "stash_minor", rate: @workshop.overhead_minor,
                                      seconds: "COALESCE(#{seconds}, 0)")
      end

      def profit_name = view == "cash" ? "Cash profit" : "Full-cost profit"
      def seconds = "#{rule}_seconds"

      # SQL in the order of Core::Books::Tally's members.
      def sums
        <<~SQL
          COUNT(*), COUNT(#{profit}), COALESCE(SUM(#{profit}), 0), COALESCE(SUM(CASE WHEN #{profit} IS NOT NULL THEN receipts_minor END), 0),
          COUNT(cash_in_minor), COALESCE(SUM(cash_in_minor), 0), #{worked('bench')}, #{worked('all')}, #{squares('bench')}, #{squares('all')}
        SQL
      end

      # Core::Books::Tally of a row of sums.
      def self.tally(sums) = Core::Books::Tally.new(**Core::Books::Tally.members.zip(sums).to_h)

      private

      def squares(rule)
        "COALESCE(SUM(CASE WHEN #{rule}_seconds > 0 THEN CAST(#{profit} * #{profit} * 3600 / #{rule}_seconds AS INTEGER) END), 0)"
      end

      def worked(rule)
        "COUNT(#{profit} + #{rule}_seconds), COALESCE(SUM(CASE WHEN #{rule}_seconds IS NOT NULL THEN #{profit} END), 0), " \
          "COALESCE(SUM(CASE WHEN #{profit} IS NOT NULL THEN #{rule}_seconds END), 0)"
      end
    end
  end
end
