# frozen_string_literal: true

module Core
  module Books
    # What pieces in hand had cost at the end of a day.
    class StockTake
      # One piece. bought_on: Date or nil; ended_on: Date or nil; ended: whether it has ended at all; payments:
      # Array of [Date or nil, minor units, nil where not known], what has no date counting from the day it was
      # bought.
      Piece = Struct.new(:name, :bought_on, :ended_on, :ended, :payments, keyword_init: true)
      # rows: Array of [name, minor units or nil]; total: minor units of those known; unknown: pieces whose cost is
      # not known; undated: pieces left out, for no day of purchase or end is known.
      Answer = Struct.new(:rows, :total, :unknown, :undated, keyword_init: true)

      def initialize(pieces)
        @pieces = pieces
      end

      def at(day)
        dated, undated = @pieces.partition { |piece| piece.bought_on && (!piece.ended || piece.ended_on) }
        rows = dated.select { |piece| piece.bought_on <= day && (piece.ended_on.nil? || piece.ended_on > day) }
                    .map { |piece| [piece.name, cost(piece, day)] }
        Answer.new(rows: rows, total: rows.filter_map(&:last).sum, unknown: rows.count do |_, cost|
          cost.nil?
        end, undated: undated.size).freeze
      end

      private

      def cost(piece, day)
        amounts = piece.payments.select { |on, _| (on || piece.bought_on) <= day }.map(&:last)
        amounts.sum unless amounts.any?(&:nil?)
      end
    end
  end
end
