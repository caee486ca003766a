# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Planning
      # The measures of a piece as they are typed, and the shape it shall have.
      module Shapes
        LENGTHS = %i[width depth height leg leaf upper_height upper_depth].freeze
        COUNTS = { doors: Core::Planning::Shape::PieceShape::MAX_DOORS, upper_doors: Core::Planning::Shape::PieceShape::MAX_DOORS,
                   shelves: Core::Planning::Shape::PieceShape::MAX_SHELVES }.freeze

        module_function

        # Reads the fields of a shape. reading: Reading.
        def read(reading)
          LENGTHS.each { |field| reading.length(field) }
          reading.with(:drawer_rows) { |raw| Core::Planning::Shape::PieceShape.parse_rows(raw).join(",") }
          reading.with(:row_heights) { |raw| heights(raw) }
          COUNTS.each { |field, most| reading.with(field) { |raw| count(raw, field, most) } }
          reading.choice(:base, Core::Planning::Shape::PieceShape::BASES.keys)
          reading.choice(:top_shape, Core::Planning::Shape::PieceShape::TOPS.keys)
          reading.with(:panelled) { |raw| raw == "yes" }
        end

        # The shape as planned, in place of the one before; empty fields are as bought. Returns the piece. Raises Refused, Missing.
        def plan(piece_id, given)
          Records::Base.transaction do
            piece = Support::Finder.find(Records::Piece, piece_id)
            reading = Support::Reading.new(given, House::WorkshopSettings.workshop)
            read(reading)
            reading.with(:without_upper) { |raw| raw == "yes" }
            values = reading.done!
            row = piece.planned_shape || piece.build_planned_shape
            row.assign_attributes(row.class.column_names.grep(/_mm\z|rows|heights|doors|shelves|base|top_shape|panelled/).to_h { |name| [name, nil] })
            row.assign_attributes(values.merge(without_upper: values[:without_upper] == true))
            check(piece)
            row.save!
            Plans.refresh(piece)
            piece
          end
        end

        # The piece keeps the shape it was bought in.
        def keep(piece_id)
          Records::Base.transaction do
            piece = Support::Finder.find(Records::Piece, piece_id)
            piece.planned_shape&.destroy!
            piece.reload
            Plans.refresh(piece)
            piece
          end
        end

        # Raises Refused when the measures cannot be those of one piece.
        def check(piece)
          Drawing.bought(piece)
          Drawing.shape(piece)
        rescue Core::Refusal => e
          raise Support::Refused, [e]
        end

        def heights(raw)
          unit = House::WorkshopSettings.workshop.length_unit
          raw.split(/[,;]/).map { |one| Core::Units::Length.parse(one, unit: unit) }.join(",")
        end
        private_class_method :heights

        def count(raw, field, most)
          return raw.to_i if raw.match?(/\A\d{1,2}\z/) && raw.to_i <= most

          raise Core::Refusal.new(:cannot_be_drawn, given: raw, part: field.to_s.tr("_", " "), most: most)
        end
        private_class_method :count
      end
    end
  end
end
