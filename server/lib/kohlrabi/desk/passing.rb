# frozen_string_literal: true

module Kohlrabi
  module Desk
    # Where time and money stand: parts of the turnaround, money tied up, what was found month by month and paid for, what was not bought.
    module Passing
      OLDEST = 8
      MONTHS = 24
      PARTS = { "Waiting before work" => %w[pieces.bought_on started_on], "On the bench" => %w[started_on ready_on],
                "Ready, not yet listed" => %w[ready_on listed_on], "On the market" => %w[listed_on ended_on],
                "Turnaround" => %w[pieces.bought_on ended_on] }.freeze
      # parts: {label => quantile summary in days}; oldest: Array of [piece, days, minor]; found: {month => [count, prices known, sum, median]};
      # gone: [count, forgone minor units of those with one]; waits: Array of [reason, count of pieces, days so far].
      Answer = Struct.new(:parts, :oldest, :found, :gone, :waits, keyword_init: true)

      module_function

      def answer(lens)
        Answer.new(parts: parts(lens), oldest: oldest, found: found, gone: gone, waits: waits)
      end

      # Over sold flips; a part with an unknown end is left out of its n.
      def parts(lens)
        scope = lens.scope.where(stage: "sold").joins(:piece)
        PARTS.transform_values do |(from, to)|
          days = scope.where("#{from} IS NOT NULL AND #{to} IS NOT NULL").pluck(Arel.sql("CAST(julianday(#{to}) - julianday(#{from}) AS INTEGER)"))
          Core::Statistics::Quantiles.summary(days)
        end
      end
      private_class_method :parts

      # What has been in hand longest.
      def oldest
        rows = Records::Piece.live.joins(:summary).where(flip_summaries: { stage: Lists::IN_HAND }).where.not(bought_on: nil)
                             .order(:bought_on, :id).limit(OLDEST).preload(:summary)
        rows.map { |piece| [piece, (House.today - piece.bought_on).to_i, piece.summary.cash_in_minor] }
      end
      private_class_method :oldest

      # {month => [pieces, of which the price is known, sum paid, median paid]}, the latest MONTHS, without gaps.
      def found
        rows = Records::Piece.live.where.not(bought_on: nil).where("id NOT IN (SELECT piece_id FROM split_parts)")
                             .pluck(Arel.sql("substr(bought_on, 1, 7)"), :purchase_minor).group_by(&:first)
        return {} if rows.empty?

        Core::Statistics::Months.span(rows.keys.min, [rows.keys.max, House.today.strftime("%Y-%m")].max).last(MONTHS).to_h do |month|
          paid = rows.fetch(month, []).filter_map(&:last)
          [month, [rows.fetch(month, []).size, paid.size, (paid.sum if paid.any?), Core::Statistics::Quantiles.at(paid, 1/2r)]]
        end
      end
      private_class_method :found

      # Spotted pieces that were not bought: how many, and what those would have left above target pay whose last tag
      # was below the most to pay.
      def gone
        record = ScoutRecord.answer
        known = record.missed.filter_map { |one| ScoutRecord.forgone(one.prospect) }
        [record.missed_total, (known.sum if known.any?), known.size]
      end
      private_class_method :gone

      # What pieces in hand wait for, by where they stand: not begun, begun, ready, listed.
      def waits
        rows = Records::Piece.live.joins(:summary).where(flip_summaries: { stage: Lists::IN_HAND }).preload(:summary).to_a
        since = { "bought" => :bought_on, "on the bench" => :started_on, "ready" => :ready_on, "listed" => :listed_on }
        Lists::IN_HAND.filter_map do |stage|
          own = rows.select { |piece| piece.summary.stage == stage }
          days = own.filter_map { |piece| (stage == "bought" ? piece : piece.summary).public_send(since.fetch(stage))&.then { |day| (House.today - day).to_i } }
          [stage, own.size, Core::Statistics::Quantiles.at(days, 1/2r)] if own.any?
        end
      end
      private_class_method :waits
    end
  end
end
