# frozen_string_literal: true

module Operations
  module Books
    # Estimates against what came, over flips that were sold: hours, materials and resale, by what was expected
    # before buying and by the plan.
    module EstimateAccuracy
      SHOWN = 40
      PLANNED = <<~SQL
        JOIN (SELECT piece_id, SUM(seconds) AS seconds FROM step_marks WHERE deletion_id IS NULL GROUP BY piece_id) planned
        ON planned.piece_id = flip_summaries.piece_id
      SQL
      SPENT = <<~SQL
        (SELECT COALESCE(SUM(cost_shares.amount_minor), 0) FROM cost_shares JOIN costs ON costs.id = cost_shares.cost_id
        WHERE cost_shares.piece_id = flip_summaries.piece_id AND costs.deletion_id IS NULL AND costs.category IN ('materials', 'hardware'))
      SQL
      LINES = { hours: ["Planned hours", :effort], hours_before: ["Hours expected before buying", :effort],
                materials: ["Materials expected before buying", :money], resale: ["Expected price", :money] }.freeze
      # pairs: Array of [piece id, name, estimated, actual]; unit: :money or :effort; answer: as
      # Core::Books::Accuracy.of.
      Line = Struct.new(:key, :label, :unit, :answer, :pairs, keyword_init: true)

      extend self

      # Array of Line. Kept until anything is written.
      def lines(filter) = Support::VersionedCache.once([:estimates, *filter.key]) { read(filter) }

      private

      def read(filter)
        scope = filter.scope.where(stage: "sold").joins(:piece).order(piece_id: :desc)
        spotted = scope.joins("JOIN prospects ON prospects.id = pieces.prospect_id").where("prospects.count = 1")
        found = {
          hours: pairs(scope.joins(PLANNED), "planned.seconds", "bench_seconds"),
          hours_before: pairs(spotted, "prospects.expected_seconds", "bench_seconds"),
          materials: pairs(spotted, "prospects.expected_materials_minor", SPENT),
          resale: pairs(scope, "pieces.expected_resale_minor", "receipts_minor")
        }
        found.map { |key, rows| line(key, rows.select(&:all?)) }
      end

      # scope: of summaries; estimated, actual: SQL of the two. Of several spotted at once nobody said how much each
      # would take.
      def pairs(scope, estimated, actual)
        Records::Base.rows(scope.where("#{estimated} IS NOT NULL"), :piece_id, "pieces.name", estimated, actual)
      end

      def line(key, pairs)
        label, unit = LINES.fetch(key)
        Line.new(key: key, label: label, unit: unit, pairs: pairs.first(SHOWN), answer: Core::Books::Accuracy.of(pairs.map do |row|
          row.last(2)
        end))
      end
    end
  end
end
