# frozen_string_literal: true

module Kohlrabi
  module Desk
    # Hands a piece's measures to the core to be drawn.
    module Drawing
      module_function

      # Core::Shape::PieceShape of a record. Raises Core::Refusal.
      def shape(piece)
        Core::Shape::PieceShape.new(kind: piece.kind, width: piece.width_mm, height: piece.height_mm,
                                    drawer_rows: piece.drawer_rows&.split(",")&.map(&:to_i), doors: piece.doors, leg: piece.leg_mm)
      end

      # Core::Shape::Elevation of a record.
      def elevation(piece) = Core::Shape::Elevation.new(shape(piece))
    end
  end
end
