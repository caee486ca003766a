# frozen_string_literal: true

module Operations
  module Planning
    # How long work takes here against the rates: learned from finished pieces that had a plan and hours by kind.
    module Factors
      DONE = %w[ready listed sold kept given_away].freeze
      MAX_PIECES = 60 # latest finished pieces that count

      extend self

      # {kind of work => [factor, n]}.
      def known
        pieces = finished
        return {} if pieces.empty?

        works = Flips::FlipRecords.load(pieces).to_h { |flip| [flip.piece.id, flip.work.by_kind] }
        marks = Records::StepMark.live.where(piece_id: pieces.map(&:id)).group(:piece_id, :work_kind).sum(:seconds)
        history = pieces.map do |piece|
          [works.fetch(piece.id), marks.select do |(id, _), _|
            id == piece.id
          end.to_h { |(_, kind), seconds| [kind, seconds] }]
        end
        Core::Planning::Learning.factors(history)
      end

      private

      # Pieces that are finished and on which steps were ticked off.
      def finished
        Records::Piece.live.joins(:summary).where(flip_summaries: { stage: DONE }, id: Records::StepMark.live.select(:piece_id))
                      .order(id: :desc).limit(MAX_PIECES).to_a
      end
    end
  end
end
