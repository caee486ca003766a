# frozen_string_literal: true

module Operations
  module Market
    # What others ask and get, entered once and used for all pieces of the kind.
    module Comparables
      extend Support::Refusing

      extend self

      # given: {"what", "price", "sold" (yes or no), "likeness"?, "condition"?, "seen_on"?, "place"?, "note"?}.
      # Returns the comparable.
      def create(piece_id, given)
        piece = Support::Finder.find(Records::Piece, piece_id)
        refuse_kind unless piece.kind
        Records::Comparable.create!(kind: piece.kind, piece: piece, seen_on: Support::Workshop.today,
                                    **read(given, new: true).compact)
      end

      # Those that were looked up for a piece.
      def of(piece)
        today = Support::Workshop.today
        known = Support::VersionedCache.once([:comparables, today]) { Record.of(today)[:seen].select { |row| row.seen_on <= today }.group_by(&:piece_id) }
        known.fetch(piece.id, [])
      end

      def update(id, given)
        row = Support::Finder.find(Records::Comparable, id)
        row.update!(read(given))
        row
      end

      def remove(id)
        row = Support::Finder.find(Records::Comparable, id)
        Support::Removal.of([row], what: "#{row.what} removed from the prices you looked up")
      end

      private

      def refuse_kind
        refuse(:piece_has_no_kind, field: :what)
      end

      def read(given, new: false)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:what, max: 120, required: new || params.sent?(:what))
        params.with(:price, into: :price_minor, required: new || params.sent?(:price)) { |raw| above_zero(raw) }
        params.choice(:sold, %w[yes no], required: params.sent?(:sold))
        params.count(:likeness, 1..3, required: params.sent?(:likeness))
        params.date(:seen_on, what: "Seen", required: !new && params.sent?(:seen_on))
        %i[condition place].each { |field| params.text(field, max: 60) }
        params.text(:note, max: 200)
        params.values[:sold] = params.values[:sold] == "yes" if params.values.key?(:sold)
        params.done!
      end

      def above_zero(raw)
        minor = Core::Units::MoneyText.parse(raw, currency: Support::Workshop.current.money)
        return minor if minor.positive?

        raise Core::Refusal.new(:price_of_nothing)
      end
    end
  end
end
