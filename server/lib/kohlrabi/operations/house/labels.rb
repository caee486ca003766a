# frozen_string_literal: true

module Operations
  module House
    # What stands on the ticket of a piece, of its tub of parts, or of a tin.
    module Labels
      # number, name, line as Formats::Label says; path: of the page that it leads to.
      Ticket = Struct.new(:number, :name, :line, :path, keyword_init: true)

      extend self

      # Raises NotFound.
      def piece(id)
        piece = Support::Finder.find(Records::Piece, id)
        Ticket.new(number: piece.ticket_text, name: piece.name, line: piece.kind, path: "/pieces/#{piece.id}")
      end

      def parts(id)
        piece = Support::Finder.find(Records::Piece, id)
        count = piece.numbered_parts.size
        line = count.zero? ? "Parts and hardware" : "Parts and hardware, #{count} numbered"
        Ticket.new(number: "#{piece.ticket_text} parts", name: piece.name, line: line,
                   path: "/pieces/#{piece.id}/parts")
      end

      # words: what the shelf calls it, and how much it held.
      def tin(id, words)
        container = Support::Finder.find(Records::Container, id)
        line = [words[:size], container.place].compact_blank.join(", ")
        Ticket.new(number: format("T-%03d", container.id), name: words.fetch(:label), line: line,
                   path: "/shelf?tin=#{container.id}")
      end
    end
  end
end
