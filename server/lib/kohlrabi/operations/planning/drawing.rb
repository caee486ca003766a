# frozen_string_literal: true

module Operations
  module Planning
    # Hands a piece's measures to the core to be drawn and zoned.
    module Drawing
      LENGTHS = %i[width depth height leg leaf upper_height upper_depth].freeze
      DRAWN = Support::Memory.new(200) # lists draw the same pieces over and over
      PLAIN = %i[doors shelves inner_shelves compartments base top_shape front door_style upper_doors
                 upper_style].freeze

      module_function

      # Core::Planning::Shape::PieceShape as it was bought. Raises Core::Refusal.
      def bought(piece) = made(piece.kind, fields(piece), checked: piece.shape_checked)

      # As it shall be: areas, drawing and fit follow it. Raises Core::Refusal.
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
        DRAWN.of([shape.measured?, shape.drawn]) { Core::Planning::Shape::Elevation.new(shape).tap(&:parts) }
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

      # Without its base or its upper part a piece is so much lower, unless its new height was given.
      def lower(was, planned, own)
        drawn = was.drawn
        return was.height unless was.height

        was.height - (own[:base] == "none" ? drawn[:leg] : 0) - (planned.without_upper ? drawn[:upper_height] : 0)
      end
      private_class_method :lower

      def fields(row)
        lengths = LENGTHS.to_h { |name| [name, row["#{name}_mm"]] }
        { **lengths, **PLAIN.to_h { |name| [name, row[name]] }, drawer_rows: row.drawer_rows&.split(",")&.map(&:to_i),
                                                                row_heights: row.row_heights&.split(",")&.map(&:to_f) }
      end
      private_class_method :fields

      # A word that the core does not know is drawn in the form that was said of it.
      def made(kind, fields, checked: false)
        form = Core::Planning::Shape::Kinds.known?(kind) ? nil : Kinds.form(kind)
        Core::Planning::Shape::PieceShape.new(kind: kind, form: form, checked: checked == true, **fields)
      end
      private_class_method :made
    end
  end
end
