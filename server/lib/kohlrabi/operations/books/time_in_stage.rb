# frozen_string_literal: true

module Operations
  module Books
    # Where time and money stand: parts of the turnaround, money tied up, what was found month by month and paid
    # for, what was not bought.
    module TimeInStage
      OLDEST = 8
      MONTHS = 24
      PARTS = { "Waiting before work" => %w[pieces.bought_on started_on], "On the bench" => %w[started_on ready_on],
                "Ready, not yet listed" => %w[ready_on listed_on], "For sale" => %w[listed_on ended_on],
                "Days to sell" => %w[pieces.bought_on ended_on] }.freeze
      SINCE = "CASE stage WHEN 'bought' THEN bought_on WHEN 'on the bench' THEN started_on WHEN 'ready' THEN ready_on ELSE listed_on END"
      # parts: {label => quantile summary in days}; oldest: Array of [piece, days, minor]; found: {month => [count,
      # prices known, sum, median]}; gone: [count, forgone minor units of those with one]; waits: Array of [reason,
      # count of pieces, days so far].
      Answer = Struct.new(:parts, :oldest, :found, :gone, :waits, keyword_init: true)

      extend self

      def answer(filter)
        in_hand = Records::FlipSummary.where(live: true, stage: Flips::Lists::IN_HAND)
        longest = Records::Piece.live.where(id: in_hand.select(:piece_id)).where.not(bought_on: nil).order(:bought_on,
                                                                                                           :id).limit(OLDEST)
        Answer.new(parts: parts(filter), oldest: oldest(longest.preload(:summary)), found: found(bought), gone: gone,
                   waits: waits(Records::Base.rows(in_hand.joins(:piece), :stage, SINCE)))
      end

      private

      # Days of each of PARTS, of what was sold: narrow rows, but as many as there are flips, so asked apart.
      def sold(filter)
        days = PARTS.values.map { |from, to| "CAST(julianday(#{to}) - julianday(#{from}) AS INTEGER)" }
        Records::Base.connection.select_rows(filter.scope.where(stage: "sold").joins(:piece).select(Arel.sql(days.join(", "))).to_sql)
      end

      # [month, price paid] of what was bought in the last MONTHS, and the first month of all.
      def bought
        pieces = Records::Piece.live.where.not(bought_on: nil).where("id NOT IN (SELECT piece_id FROM split_parts)")
        since = (Support::Workshop.today << MONTHS).beginning_of_month
        first = pieces.minimum(:bought_on) or return []
        rows = pieces.where(bought_on: since..).pluck(Arel.sql("substr(bought_on, 1, 7)"), :purchase_minor)
        rows + (first < since ? [[first.strftime("%Y-%m"), nil]] : [])
      end

      # Over sold flips; a part with an unknown end is left out of its n. Kept until anything is written.
      def parts(filter)
        Support::VersionedCache.once([:time_in_stage, *filter.key]) do
          rows = sold(filter)
          PARTS.keys.each_with_index.to_h { |label, index| [label, Core::Statistics::Quantiles.summary(rows.filter_map { |row| row[index] })] }
        end
      end

      # What has been in hand longest.
      def oldest(rows)
        rows.map { |piece| [piece, (Support::Workshop.today - piece.bought_on).to_i, piece.summary.cash_in_minor] }
      end

      # {month => [pieces, of which the price is known, sum paid, median paid]}, the latest MONTHS, without gaps.
      def found(bought)
        rows = bought.group_by(&:first)
        return {} if rows.empty?

        Core::Books::Months.span(rows.keys.min,
                                 [rows.keys.max,
                                  Support::Workshop.today.strftime("%Y-%m")].max).last(MONTHS).to_h do |month|
          paid = rows.fetch(month, []).filter_map(&:last)
          [month,
           [rows.fetch(month, []).size, paid.size, (paid.sum if paid.any?), Core::Statistics::Quantiles.at(paid, 1/2r)]]
        end
      end

      # Spotted pieces that were not bought: how many, and what those would have left above target pay whose last tag
      # was below the most to pay.
      def gone
        record = Scout::TrackRecord.answer
        known = record.missed.filter_map { |one| Scout::TrackRecord.forgone(one.prospect) }
        [record.missed_total, (known.sum if known.any?), known.size]
      end

      # How many pieces stand at each stage, and the median days they have stood there.
      def waits(waiting)
        today = Support::Workshop.today
        rows = waiting.group_by(&:first)
        Flips::Lists::IN_HAND.filter_map do |stage|
          own = rows[stage] or next
          days = own.filter_map { |_, since| since && (today - Date.iso8601(since)).to_i }
          [stage, own.size, Core::Statistics::Quantiles.at(days, 1/2r)]
        end
      end
    end
  end
end
