# frozen_string_literal: true

module Operations
  module Books
    # A flip of an import as Flip wants to read it, without loading back what was just written.
    module ImportedFlip
      KIND = "other" # of hours that a spreadsheet gives in one sum
      Piece = Struct.new(:id, :bought_on, :purchase_minor, :sundries_minor, :events, :lot_member, :deletion_id,
                         keyword_init: true)
      Event = Struct.new(:kind, :happened_on, :position, :listing, :sale, :refund, keyword_init: true)
      Listing = Struct.new(:asking_minor, :channel, :channel_id, keyword_init: true)
      Sale = Struct.new(:price_minor, :tip_minor, :fee_minor, :delivery_minor, :asking_minor, :channel, :channel_id,
                        keyword_init: true)
      Refund = Struct.new(:amount_minor, :fee_back_minor, keyword_init: true)

      extend self

      # row: Formats::CsvFlip; id: of its piece; channels: as Market::Channels.ids. Returns Flip.
      def flip(row, id, channels)
        piece = Piece.new(id: id, **row.piece.slice(:bought_on, :purchase_minor), events: events(row, channels))
        costs = row.costs.to_h { |cost| [cost[:category], cost[:amount_minor]] }
        Flips::Flip.new(piece, costs: costs, work: row.seconds ? { KIND => row.seconds } : {}, worked_from: nil)
      end

      private

      def events(row, channels)
        row.events.each_with_index.map do |event, index|
          Event.new(kind: event[:kind], happened_on: event[:happened_on], position: index + 1,
                    listing: event[:listing] && Listing.new(**Market::Channels.linked(event[:listing], channels)),
                    sale: event[:sale] && Sale.new(**Market::Channels.linked(event[:sale], channels)),
                    refund: event[:refund] && Refund.new(**event[:refund]))
        end
      end
    end
  end
end
