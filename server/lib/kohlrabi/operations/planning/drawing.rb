# frozen_string_literal: true

module Operations
  module Planning
    # Hands a piece's measures to the core to be drawn and zoned.
    module Drawing
      LENGTHS = %i[width depth height leg leaf upper_height upper_depth].freeze
      SHAPES = Support::LruCache.new(400) # lists draw the same pieces over and over
      ELEVATIONS = Support::LruCache.new(400)
      PLAIN = %i[doors shelves inner_shelves compartments base top_shape front door_style upper_doors
                 upper_style].freeze

      # What the front view of a piece shows. finishes: Array of Finish; the colours are those that it was bought in, as
      # swatches or nil.
      View = Struct.new(:elevation, :finishes, :body_colour, :front_colour, keyword_init: true)
      # How a zone is finished by the chosen look. colour: a swatch or nil; pattern: what was put on it, or "distressed".
      Finish = Struct.new(:zone, :finish, :colour, :pattern, keyword_init: true)

      extend self

      # View of a piece. elevation: as it is planned unless given.
      def view(piece, elevation = elevation(piece)) = view_of(piece, elevation, finishes([piece]).fetch(piece.id, []))

      # {piece id => View} of several: two queries for all of them.
      def views(pieces)
        finishes = finishes(pieces)
        pieces.to_h { |piece| [piece.id, view_of(piece, elevation(piece), finishes.fetch(piece.id, []))] }
      end

      # Core::Planning::Shape::PieceShape as it was bought. Raises Core::Refusal.
      def bought(piece) = made(piece.kind, fields(piece), checked: piece.shape_checked)

      # As it will be: areas, drawing and fit follow it. Raises Core::Refusal.
      def shape(piece)
        planned = piece.planned_shape
        return bought(piece) unless planned

        was = bought(piece)
        own = fields(planned).compact
        all = fields(piece).merge(own)
        all = all.except(:upper_depth, :upper_doors, :upper_style).merge(upper_height: 0.0) if planned.without_upper
        made(piece.kind, all.merge(height: own[:height] || lower(was, planned, own)), checked: piece.shape_checked)
      end

      # What passes through doors: the shape as planned, where it was measured.
      Measures = Struct.new(:width_mm, :depth_mm, :height_mm, :leg_mm, keyword_init: true)

      def measures(piece)
        shape = shape(piece)
        leg = shape.base == "none" ? nil : shape.leg
        Measures.new(width_mm: shape.width, depth_mm: shape.depth, height_mm: shape.height, leg_mm: leg)
      end

      # Core::Planning::Shape::Elevation of a record.
      def elevation(piece)
        shape = shape(piece)
        ELEVATIONS.of(shape.object_id) { Core::Planning::Shape::Elevation.new(shape).tap(&:parts) }
      end

      # Array of Core::Planning::Shape::Zone of the shape as planned, with what people changed.
      def zones(piece)
        changes = piece.zone_changes.map do |row|
          Core::Planning::Shape::Zones::Change.new(zone: row.zone, label: row.label, area: row.area_mm2, grade: row.grade, material: row.material,
                                                   relief: row.relief, relief_depth: row.relief_depth_mm, relief_pitch: row.relief_pitch_mm,
                                                   pieces: row.parts, into: row.into)
        end
        Core::Planning::Shape::Zones.of(shape(piece), changes: changes,
                                                      surface: piece.surface_material || piece.body_material)
      end

      private

      def view_of(piece, elevation, finishes)
        View.new(elevation: elevation, finishes: finishes, body_colour: piece.body_colour, front_colour: piece.front_colour)
      end

      # {piece id => Array of Finish}
      def finishes(pieces)
        ids = pieces.filter_map(&:id)
        return {} if ids.empty?

        chosen = Records::Look.live.where(piece_id: ids, chosen: true)
        zones = Records::LookZone.joins(:look).merge(chosen).order(:id)
        rows = Records::Base.rows(zones, "looks.piece_id", "look_zones.zone", "look_zones.finish", "look_zones.colour", "look_zones.over")
        return {} if rows.empty?

        put_on = put_on(pieces, chosen)
        rows.group_by(&:first).to_h do |id, all|
          [id, all.map { |_, zone, finish, colour, over| finish(zone, finish, colour, put_on.dig(id, zone) || worn(over)) }]
        end
      end

      def finish(zone, finish, colour, pattern)
        Finish.new(zone: zone, finish: finish, colour: Shelf::Colours.core.hex(colour), pattern: pattern)
      end

      def worn(over) = ("distressed" if over.split(",").include?("distressed"))

      # {piece id => {zone => key of the tool that set out what is on it}}
      def put_on(pieces, chosen)
        by_id = pieces.index_by(&:id)
        rows = Records::ToolResult.live.where(look_id: chosen.select(:id)).order(:id)
        rows.each_with_object({}) do |row, all|
          AppliedWorks.zones(row, by_id.fetch(row.piece_id)).each { |zone| (all[row.piece_id] ||= {})[zone] = row.tool }
        end
      end

      # Without its base or its upper part a piece is so much lower, unless its new height was given.
      def lower(was, planned, own)
        drawn = was.drawn
        return was.height unless was.height

        was.height - (own[:base] == "none" ? drawn[:leg] : 0) - (planned.without_upper ? drawn[:upper_height] : 0)
      end

      def fields(row)
        lengths = LENGTHS.to_h { |name| [name, row["#{name}_mm"]] }
        { **lengths, **PLAIN.to_h { |name| [name, row[name]] }, drawer_rows: row.drawer_rows&.split(",")&.map(&:to_i),
                                                                row_heights: row.row_heights&.split(",")&.map(&:to_f) }
      end

      # A word that the core does not know is drawn in the form that was said of it.
      def made(kind, fields, checked: false)
        form = Core::Planning::Shape::Kinds.known?(kind) ? nil : Kinds.form(kind)
        SHAPES.of([kind, form, checked == true, fields]) do
          Core::Planning::Shape::PieceShape.new(kind: kind, form: form, checked: checked == true, **fields)
        end
      end
    end
  end
end
