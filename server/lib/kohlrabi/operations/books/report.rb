# frozen_string_literal: true

module Operations
  module Books
    # All flips and their totals as plain data for other programs; docs/formats/report-json.md describes it.
    # Money, hours and ratios are decimal strings, null is undefined or not known.
    module Report
      extend self

      # year: "2026" selects by sold_on; nil takes all. Returns a Hash ready for JSON.
      def build(year: nil)
        workshop = Support::Workshop.current
        summaries = scope(year).to_a
        { "currency" => workshop.currency, "flips" => summaries.map do |row|
          flip(row, workshop)
        end, "totals" => totals(summaries, workshop) }
      end

      # How many flips a report by year leaves out because they ended without a sale in that year.
      def left_out(year)
        Records::FlipSummary.where(live: true, stage: Flips::Lists::ENDED - ["sold"],
                                   ended_on: "#{year}-01-01".."#{year}-12-31").count
      end

      private

      def scope(year)
        all = Records::FlipSummary.where(live: true).where.not(stage: "split").joins(:piece).preload(:piece).order("pieces.ticket")
        year ? all.where(stage: "sold", ended_on: "#{year}-01-01".."#{year}-12-31") : all
      end

      def flip(row, workshop)
        piece = row.piece
        { "ticket" => piece.ticket_text, "name" => piece.name, "kind" => piece.kind, "source" => piece.source, "stage" => row.stage,
          "bought_on" => piece.bought_on&.iso8601, "listed_on" => row.listed_on&.iso8601,
          "sold_on" => (row.ended_on&.iso8601 if row.stage == "sold"),
          **figures(row, workshop) }
      end

      def figures(row, workshop)
        seconds = workshop.hours_rule == "all" ? row.all_seconds : row.bench_seconds
        profit = row.cash_profit_minor
        { "cash_in" => money(row.cash_in_minor, workshop), "receipts" => money(row.receipts_minor, workshop),
          "cash_profit" => money(profit, workshop), "hours" => Core::Units::Effort.decimal(seconds),
          "hourly_pay" => money(Core::Flips::HourlyPay.of(profit, seconds), workshop),
          "margin" => share(ratio(profit, row.receipts_minor)), "return_on_cash" => share(ratio(profit, row.cash_in_minor)),
          "asking_price" => money(row.asking_minor, workshop), "turnaround_days" => row.turnaround_days }
      end

      def totals(summaries, workshop)
        all = Core::Books::Totals.new(tallies(summaries), hours_rule: workshop.hours_rule)
        in_hand = summaries.select { |row| Flips::Lists::IN_HAND.include?(row.stage) }
        days = Core::Statistics::Quantiles.summary(summaries.filter_map(&:turnaround_days))
        { "flips" => summaries.size, "in_hand" => in_hand.size, "sold" => all.sold.flips, "scrapped" => all.scrapped.flips,
          "kept_or_given_away" => all.at_cost.flips, "cash_in" => money(sum(summaries.map(&:cash_in_minor)), workshop),
          "tied_up" => money(sum(in_hand.map(&:cash_in_minor)), workshop),
          "receipts" => money(all.receipts.amount, workshop), "cash_profit" => money(all.profit.amount, workshop),
          "profit_known" => all.paid.profit_count, "hours" => Core::Units::Effort.decimal(all.hours.amount),
          "hourly_pay" => money(all.hourly_pay.amount, workshop), "hours_known" => all.hours_known,
          "margin" => share(all.margin.amount), "losses" => money(all.losses.amount, workshop),
          "closed_at_cost" => money(all.closed_at_cost.amount, workshop),
          "turnaround_days_median" => days[:median] && Core::Units::Numerals.plain(days[:median], 1), "turnaround_known" => days[:n] }
      end

      def tallies(summaries)
        summaries.group_by(&:stage).transform_values do |rows|
          rows.sum(Core::Books::Tally.zero) do |row|
            Core::Books::Tally.of(profit: row.cash_profit_minor, receipts: row.receipts_minor, cost: row.cash_in_minor,
                                  bench_seconds: row.bench_seconds, all_seconds: row.all_seconds)
          end
        end
      end

      # Sum of what is known; nil when nothing is.
      def sum(amounts) = amounts.compact.then { |known| known.sum if known.any? }

      def ratio(over, under)
        Rational(over, under) if over && under && !under.zero?
      end

      def money(minor, workshop) = Core::Units::MoneyText.plain(minor, workshop.money)

      def share(value) = value && Core::Units::Numerals.plain(value, 4)
    end
  end
end
