# frozen_string_literal: true

module Operations
  module Flips
    # What somebody notes of a piece: a line in its diary.
    module Notes
      KIND = "note"

      extend self

      # given: {"text"}. Returns the entry. Raises Refused, NotFound.
      def create(piece_id, given)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          params = Support::Params.new(given, Support::Workshop.current)
          params.text(:text, max: 1000, required: true)
          Changes.write(piece, KIND, params.done![:text])
        end
      end

      # Raises NotFound.
      def remove(id) = Support::Removal.of([Support::Finder.find(Records::DiaryEntry, id)], what: "Note removed")
    end
  end
end
