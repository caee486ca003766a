# frozen_string_literal: true

module Operations
  module Flips
    # The same event on several pieces at once: ready, listed, price changed. All of them, or none.
    module Several
      MAX_PIECES = 100

      extend Support::Refusing

      extend self

      # given: {"kind", "on", "channel"?, "rows": [{"piece_id", "asking"?}]}; the contract lets no other kind than the
      # three through. Returns the events. Raises Refused that names the row (rows/2/asking) and the piece.
      def create(given)
        kind = given["kind"]
        rows = Array(given["rows"])
        refuse(:several_of_nothing, field: :rows) if rows.empty?
        refuse(:too_many_at_once, field: :rows, most: MAX_PIECES) if rows.size > MAX_PIECES
        Records::Base.transaction do
          rows.each_with_index.map do |row, index|
            at(index, row) do
              Events.create(row["piece_id"], event(kind, row, given))
            end
          end
        end
      end

      private

      def event(kind, row, given)
        { "kind" => kind, **given.slice("on", "channel", "open_steps"), **(kind == "ready" ? {} : row.slice("asking")) }
      end

      # Says of which piece something was refused.
      def at(index, row)
        yield
      rescue Support::Refused => e
        name = Support::Finder.find(Records::Piece, row["piece_id"]).name
        raise(Support::Refused, e.refusals.map { |refusal| refusal.at("rows/#{index}/#{refusal.field}").of(name) })
      end
    end
  end
end
