# frozen_string_literal: true

module Operations
  module Planning
    # What people change about single zones: area, grade, material, relief, splitting, merging.
    module ZoneChanges
      extend self

      # given: {"label"?, "area"?, "grade"?, "material"?, "relief"?, "relief_depth"?, "relief_pitch"?, "parts"?,
      # "into"?}; all of a zone's
      # changes at once: what is empty is as the measures give it. Returns the piece. Raises Refused, NotFound.
      def update(piece_id, zone, given)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          keys = Core::Planning::Shape::Elevation.new(Drawing.shape(piece)).zones.map(&:key)
          Core::Planning::Shape::Zones.check!(zone, keys)
          store(piece, zone, read(given, keys - [zone]))
          piece.reload
          Drawing.zones(piece) # raises where relief and measures do not go together
          Plans.refresh(piece)
          piece
        end
      end

      private

      def store(piece, zone, values)
        piece.zone_changes.where(zone: zone).destroy_all
        piece.zone_changes.create!(values.merge(zone: zone)) if values.values.any?
      end

      def read(given, others)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:label, max: 60)
        params.with(:area, into: :area_mm2) { |raw| Core::Units::Square.parse(raw, unit: Support::Workshop.current.length_unit) }
        params.choice(:grade, Core::Planning::Shape::Zone::GRADES.keys)
        params.choice(:material, Core::Planning::Shape::Zone::MATERIALS)
        params.choice(:relief, Core::Planning::Shape::Area::RELIEFS.keys)
        %i[relief_depth relief_pitch].each { |field| params.length(field) }
        params.count(:parts, 1..Core::Planning::Shape::Zones::MAX_PIECES)
        params.choice(:into, others)
        params.done!
      end
    end
  end
end
