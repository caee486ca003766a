# frozen_string_literal: true

module Operations
  module Books
    # Own history over again, had something been done otherwise. The core computes; what is assumed stands with it.
    module WhatIf
      LATEST = 200 # flips worked again side by side

      extend self

      # Without flips of a trait. filled: Rational share of the freed hours. Returns Core::Books::Without::Answer.
      def without(by, trait, filled, filter)
        whole = Support::VersionedCache.once([:by_stage, *filter.key]) { Totals.by_stage(Totals.groups(filter)) }
        dropped = Comparisons.groups(by, filter).first.fetch(trait.downcase(:ascii), {})
        totals = [dropped, Core::Books::Tally.rest(whole, dropped)].map { |stages| Core::Books::Totals.new(stages, hours_rule: filter.rule) }
        Core::Books::Without.new(*totals, filled: filled).answer
      end

      # Had less been asked. less: Rational share; quicker: percent of days a percent, nil for what own listings
      # say. Returns Core::Books::Cheaper::Answer.
      def cheaper(less, quicker, filter)
        quicker, source = quicker ? [quicker, "an assumption"] : learned(less)
        sales = filter.scope.where(stage: "sold").where.not(receipts_minor: nil)
                      .pluck(:receipts_minor, Arel.sql("CAST(julianday(ended_on) - julianday(listed_on) AS INTEGER)"))
        Core::Books::Cheaper.new(sales, less: less, quicker: quicker, source: source, fee_rate: Support::Workshop.current.fee_rate || 0,
                                        profit_per_space_day: Market::TimeToSell.profit_per_space_day).answer
      end

      # Own pieces worked again, one to several at a time. Returns [Array of Core::Books::SideBySide::Row, n, profit
      # a piece or nil].
      def side_by_side(hands, filter)
        rows = filter.scope.where(stage: "sold").where.not(started_on: nil).where.not(ready_on: nil).order(started_on: :desc).limit(LATEST)
                     .pluck(:piece_id, :started_on, :ready_on, :cash_profit_minor).reverse
        worked = worked_days(rows.map(&:first))
        pieces = rows.filter_map do |id, from, to, _|
          worked[id]&.then do |days|
            [days, [(to - from).to_i + 1 - days, 0].max]
          end
        end
        profits = rows.filter_map(&:last)
        [Core::Books::SideBySide.new(pieces, hands: hands).rows, pieces.size,
         (Rational(profits.sum, profits.size) if profits.any?)]
      end

      private

      # [percent of days a percent, where that comes from].
      def learned(less)
        fit = Market::Fits.standing.fit
        known = "learned from #{Core::Units::Numerals.counted(fit.sold, 'sale')} of yours and what stands behind them"
        source = fit.sold.zero? ? "a built-in guess" : known
        [Core::Books::Cheaper.learned(less, fit.beta), source]
      end

      # {piece id => days on which hands were on it}.
      def worked_days(ids)
        Records::WorkShare.joins(:work_entry).where(piece_id: ids,
                                                    work_entries: {
                                                      deletion_id: nil, kind: Flips::FlipRecords::BENCH
                                                    })
                          .where.not(work_entries: { worked_on: nil }).group(:piece_id).count(Arel.sql("DISTINCT work_entries.worked_on"))
      end
    end
  end
end
