# frozen_string_literal: true

module Operations
  module Flips
    # Who bears a cost or a stretch of work: one piece, or several by weight (equal unless weights are given).
    module Sharing
      extend Support::Refusing

      extend self

      # given: Array of {"piece_id", "weight"?}. Returns Array of [piece_id, weight text]. Raises Refused, NotFound.
      def read(given)
        rows = Array(given)
        refuse(:no_piece_named, field: :pieces) if rows.empty?
        ids = rows.map { |row| row["piece_id"] }
        refuse(:piece_named_twice, field: :pieces) if ids.uniq.size < ids.size
        Support::Finder.pieces(ids)
        rows.map { |row| [row["piece_id"], weight(row["weight"])] }
      end

      # Writes the shares of a cost or work entry again from its whole. Returns the ids of all pieces touched.
      def write(record, rows)
        before = record.shares.map(&:piece_id)
        steps = record.is_a?(Records::WorkEntry) ? record.shares.to_h { |share| [share.piece_id, { step: share.step }] } : {}
        record.shares.each(&:destroy!)
        record.shares.reset
        weights = rows.map(&:last)
        rows.zip(amounts(record, weights)) do |(piece_id, weight), amount|
          record.shares.create!({ piece_id: piece_id, weight: weight, **amount, **steps.fetch(piece_id, {}) })
        end
        before | rows.map(&:first)
      end

      # The present shares as rows, to be written again when the whole changes.
      def rows(record) = record.shares.map { |share| [share.piece_id, share.weight] }

      # A part as it is written down; "1" where none is. Raises Refused for what is no number from 0.
      def weight(text)
        text = text.to_s.strip
        return "1" if text.empty?

        value = Core::Units::Numerals.parse(text)
        refuse(:share_given_negative, field: :pieces, given: text) if value.negative?
        text
      rescue Core::Refusal => e
        raise Support::Refused, [e.at(:pieces)]
      end

      private

      def amounts(record, weights)
        if record.is_a?(Records::Cost)
          both = [record.amount_minor, record.value_minor].map { |whole| Core::Flips::Shares.split(whole, weights) }
          both.transpose.map { |amount, value| { amount_minor: amount, value_minor: value } }
        else
          Core::Flips::Shares.split_seconds(record.seconds, weights).map { |part| { seconds: part } }
        end
      end
    end
  end
end
