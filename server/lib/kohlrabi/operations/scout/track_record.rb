# frozen_string_literal: true

module Operations
  module Scout
    # How good the estimates before buying were, and what was missed.
    module TrackRecord
      # rows: {resale:, hours:, materials:, price:} of Core::Scout::TrackRecord::Row; flips: Array of Flip; missed:
      # Array of Verdicts.
      Answer = Struct.new(:rows, :flips, :missed, :missed_total, keyword_init: true)
      # One bought and ended: what was expected and what came, minor units and seconds.
      Flip = Struct.new(:prospect, :resale, :hours, :materials, :paid, keyword_init: true)
      SHOWN = 60

      extend self

      def answer
        closed = Records::Prospect.live.where(state: %w[let_go gone])
        bought = Records::Prospect.live.where(state: "bought").order(closed_on: :desc, id: :desc)
        flips = ended(bought.preload(pieces: :summary))
        latest = closed.order(closed_on: :desc, id: :desc).limit(SHOWN).preload(:sightings)
        Answer.new(rows: rows(flips), flips: flips.first(SHOWN), missed: missed(latest), missed_total: closed.count)
      end

      # What a spotted piece that was not bought would have left above target pay, by the estimates of its time; nil
      # where nothing.
      def forgone(prospect)
        saved = prospect.most_minor && prospect.tag_minor && (prospect.most_minor - prospect.tag_minor)
        saved if saved&.positive?
      end

      private

      def rows(flips)
        pairs = {
          resale: flips.map { |flip| [flip.prospect.expected_resale_minor, flip.resale] },
          hours: flips.map { |flip| [flip.prospect.expected_seconds, flip.hours] },
          materials: flips.map { |flip| [flip.prospect.expected_materials_minor, flip.materials] },
          paid: flips.map { |flip| [flip.prospect.most_minor, flip.paid] }
        }
        pairs.transform_values { |rows| Core::Scout::TrackRecord.row(rows) }
      end

      # Bought ones whose pieces have all been sold.
      def ended(bought)
        sold = bought.select do |prospect|
          prospect.pieces.any? && prospect.pieces.all? do |piece|
            piece.summary.stage == "sold"
          end
        end
        spent = materials(sold.flat_map { |prospect| prospect.pieces.map(&:id) })
        sold.map { |prospect| flip(prospect, spent) }
      end

      def flip(prospect, spent)
        pieces = prospect.pieces
        sum = ->(values) { values.sum unless values.any?(&:nil?) }
        Flip.new(prospect: prospect, resale: sum.call(pieces.map { |piece| piece.summary.receipts_minor }),
                 hours: sum.call(pieces.map { |piece| piece.summary.bench_seconds }),
                 materials: pieces.sum do |piece|
                   spent.fetch(piece.id, 0)
                 end, paid: sum.call(pieces.map(&:purchase_minor)))
      end

      def materials(ids)
        Records::CostShare.joins(:cost).where(piece_id: ids,
                                              costs: { deletion_id: nil,
                                                       category: %w[materials hardware] })
                          .group(:piece_id).sum(:amount_minor)
      end

      # Let go, or gone to somebody else: latest first, each with what it would have earned by the estimate of its time.
      def missed(shown)
        histories = Histories.new(shown.map(&:kind))
        shown.map { |prospect| Verdicts.new(prospect, histories: histories) }
      end
    end
  end
end
