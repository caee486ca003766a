# frozen_string_literal: true

module Operations
  module Market
    # Pieces in hand by what they pay from here on: what to finish first, what to sell as it is, what to drop.
    module FromHere
      STAGES = ["bought", "on the bench", "ready"].freeze
      MOST = 200 # pieces that are shown, those bought last
      ORDER = Core::Market::FromHere::ORDER

      extend self

      # Array of [Records::Piece, Core::Market::Standing].
      def rows
        found = Standings.all.values.select { |standing| STAGES.include?(standing.stage) }.max_by(MOST, &:id)
        pieces = Records::Piece.where(id: found.map(&:id)).preload(:summary).index_by(&:id)
        found.sort_by { |one| [ORDER.index(one.advice), -(one.pay_from_here || one.row.gain || 0), one.id] }
             .map { |standing| [pieces.fetch(standing.id), standing] }
      end
    end
  end
end
