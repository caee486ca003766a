# frozen_string_literal: true

module Kohlrabi
  module Desk
    # Estimates against what came, over flips that were sold: hours, materials and resale, by what was expected before buying and by the plan.
    module Guesses
      SHOWN = 40
      # pairs: Array of [piece id, name, estimated, actual]; unit: :money or :effort; answer: as Core::Learning::Accuracy.of.
      Line = Struct.new(:key, :label, :unit, :answer, :pairs, keyword_init: true)

      module_function

      # Array of Line.
      def lines(lens)
        ids = lens.scope.where(stage: "sold").pluck(:piece_id)
        rows = Records::Piece.where(id: ids).preload(:summary, :prospect).order(id: :desc).to_a
        planned = Records::StepMark.live.where(piece_id: ids).group(:piece_id).sum(:seconds)
        spent = Records::CostShare.joins(:cost).where(piece_id: ids, costs: { deletion_id: nil, category: %w[materials hardware] })
                                  .group(:piece_id).sum(:amount_minor)
        [line(:hours, "Hours by the plan", :effort, rows) { |piece| [planned[piece.id], piece.summary.bench_seconds] },
         line(:hours_before, "Hours expected before buying", :effort, singles(rows)) { |piece| [piece.prospect.expected_seconds, piece.summary.bench_seconds] },
         line(:materials, "Materials expected before buying", :money, singles(rows)) { |piece| [piece.prospect.expected_materials_minor, spent.fetch(piece.id, 0)] },
         line(:resale, "Resale expected", :money, rows) { |piece| [piece.expected_resale_minor, piece.summary.receipts_minor] }]
      end

      # Spotted as one piece: of several at once nobody said how much each would take.
      def singles(rows) = rows.select { |piece| piece.prospect&.count == 1 }
      private_class_method :singles

      def line(key, label, unit, rows)
        pairs = rows.filter_map { |piece| yield(piece).then { |pair| [piece.id, piece.name, *pair] if pair.all? } }
        Line.new(key: key, label: label, unit: unit, pairs: pairs.first(SHOWN), answer: Core::Learning::Accuracy.of(pairs.map { |row| row.last(2) }))
      end
      private_class_method :line
    end
  end
end
