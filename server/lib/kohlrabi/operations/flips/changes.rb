# frozen_string_literal: true

module Operations
  module Flips
    # Says what a change of shares did to the figures of each piece, and keeps it in their diaries: before and after.
    module Changes
      FIGURES = { "cash_in_minor" => "spent so far", "cash_profit_minor" => "profit" }.freeze

      extend self

      # Does the change in the block and returns [its value, Array of sentences]. piece_ids: those that may be
      # touched before it; what: "Shares of the lot “Barn clearance” changed".
      def tell(piece_ids, what)
        before = figures(piece_ids)
        value = yield
        lines = differences(before, figures(before.keys))
        lines.each { |piece, text| write(piece, "shares", "#{what}: #{text}.") }
        [value, lines.map { |piece, text| "#{piece.ticket_text} #{piece.name}: #{text}." }]
      end

      # A line of a piece's diary. on: the day it happened, today unless it is known otherwise.
      def write(piece, kind, text, on: nil)
        Records::DiaryEntry.create!(piece: piece, happened_on: on || Support::Workshop.today, kind: kind,
                                    text: text)
      end

      private

      def figures(piece_ids)
        Records::FlipSummary.where(piece_id: Splits.family(piece_ids)).to_h { |row| [row.piece_id, row.attributes.slice(*FIGURES.keys)] }
      end

      def differences(before, after)
        pieces = Records::Piece.where(id: before.keys).index_by(&:id)
        before.filter_map do |id, old|
          changed = FIGURES.reject { |column, _| old[column] == after.dig(id, column) }
          next if changed.empty?

          [pieces[id], changed.map do |column, name|
            "#{name} #{money(old[column])} → #{money(after.dig(id, column))}"
          end.join(", ")]
        end
      end

      def money(minor) = Support::Workshop.current.amounts.exact(minor) || "unknown"
    end
  end
end
