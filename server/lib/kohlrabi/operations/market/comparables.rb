# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Market
      # What others ask and get, entered once and used for all pieces of the kind.
      module Comparables
        extend Support::Refusing

        module_function

        # given: {"what", "price", "sold" (yes or no), "likeness"?, "condition"?, "seen_on"?, "place"?, "note"?}. Returns the comparable.
        def create(piece_id, given)
          piece = Support::Finder.find(Records::Piece, piece_id)
          refuse_kind unless piece.kind
          Records::Comparable.create!(kind: piece.kind, seen_on: House::WorkshopSettings.today, **read(given, new: true).compact)
        end

        def refuse_kind
          refuse(:piece_has_no_kind, field: :what)
        end
        private_class_method :refuse_kind

        def update(id, given)
          row = Support::Finder.find(Records::Comparable, id)
          row.update!(read(given))
          row
        end

        def remove(id)
          row = Support::Finder.find(Records::Comparable, id)
          Support::Removal.of([row], what: "#{row.what} taken off the comparables")
        end

        def read(given, new: false)
          reading = Support::Reading.new(given, House::WorkshopSettings.workshop)
          reading.text(:what, max: 120, required: new || reading.sent?(:what))
          reading.with(:price, into: :price_minor, required: new || reading.sent?(:price)) { |raw| above_zero(raw) }
          reading.choice(:sold, %w[yes no], required: reading.sent?(:sold))
          reading.count(:likeness, 1..3, required: reading.sent?(:likeness))
          reading.date(:seen_on, what: "Seen", required: !new && reading.sent?(:seen_on))
          %i[condition place].each { |field| reading.text(field, max: 60) }
          reading.text(:note, max: 200)
          reading.values[:sold] = reading.values[:sold] == "yes" if reading.values.key?(:sold)
          reading.done!
        end
        private_class_method :read

        def above_zero(raw)
          minor = Core::Units::MoneyText.parse(raw, currency: House::WorkshopSettings.workshop.money)
          return minor if minor.positive?

          raise Core::Refusal.new(:price_of_nothing)
        end
        private_class_method :above_zero
      end
    end
  end
end
