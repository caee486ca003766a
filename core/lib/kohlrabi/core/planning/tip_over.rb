# frozen_string_literal: true

module Core
  module Planning
    # Whether a piece can tip over, by its form and measures, whatever it is called: clothing storage (a case with
    # drawers or doors) from 686 mm high (ASTM F2057, from memory); any other case above 600 mm that is more than one
    # and a half times as high as it is deep; an upper part that stands on a lower one (common practice, no source). A
    # measure that is not known is taken to be the usual one of its kind.
    module TipOver
      CLOTHING = 686 # mm
      LOW = 600
      SLENDER = 3/2r
      FORM = "case"

      extend self

      # shape: Shape::PieceShape, as it will stand.
      def any?(shape)
        drawn = shape.drawn
        return false unless drawn[:form] == FORM
        return true if drawn[:upper_height].positive?

        high, deep = drawn.values_at(:height, :depth).map(&:to_r)
        stores = drawn[:drawer_rows].any? || drawn[:doors].positive?
        (stores && high >= CLOTHING) || (high > LOW && high > SLENDER * deep)
      end

      # The same before anything was measured. kind: name.
      def kind?(kind) = any?(Shape::PieceShape.new(kind: kind, width: nil, height: nil))
    end
  end
end
