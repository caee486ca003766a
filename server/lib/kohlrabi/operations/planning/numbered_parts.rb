# frozen_string_literal: true

module Operations
  module Planning
    # Drawers, doors, shelves and tubs of screws: a number for the back of each and the place it belongs to, ticked off
    # when put back.
    module NumberedParts
      extend Support::Refusing

      extend self

      # Numbers what the shape of the piece has and is not numbered yet. Returns the parts.
      def number(piece_id)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          have = piece.numbered_parts.map(&:what)
          fresh = Core::Planning::Parts.of(Drawing.zones(piece)).reject { |part| have.include?(part[:what]) }
          refuse(:all_parts_numbered) if fresh.empty?

          fresh.each { |part| add(piece, part) }
          piece.numbered_parts.reload.to_a
        end
      end

      # given: {"what", "place"?}. Returns the part.
      def create(piece_id, given)
        Records::Base.transaction { add(Support::Finder.find(Records::Piece, piece_id), read(given, new: true)) }
      end

      # given: {"what"?, "place"?, "back"? (yes or no)}.
      def update(id, given)
        part = Support::Finder.find(Records::NumberedPart, id)
        part.update!(read(given))
        part
      end

      def remove(id)
        part = Support::Finder.find(Records::NumberedPart, id)
        Support::Removal.of([part], what: "Part #{part.number} removed")
      end

      private

      # Numbers are never given twice on a piece, not even those of removed parts: they stand on the wood.
      def add(piece, values)
        piece.numbered_parts.create!(**values,
number: Records::NumberedPart.where(piece_id: piece.id).maximum(:number).to_i + 1)
      end

      def read(given, new: false)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:what, max: 60, required: new || params.sent?(:what))
        params.text(:place, max: 80)
        params.with(:back, into: :back_on) { |raw| raw == "yes" ? Support::Workshop.today : nil }
        params.done!
      end
    end
  end
end
