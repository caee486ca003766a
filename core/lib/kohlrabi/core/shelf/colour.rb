# frozen_string_literal: true

module Core
  module Shelf
    # A colour that a material can have. key: how looks, tins and mixes refer to it ("c12" of the workshop's own, a word
    # of the palette, or the bare "#rrggbb"); hex: its swatch; own: whether it is the workshop's.
    Colour = Struct.new(:key, :name, :hex, :note, :own, keyword_init: true) do
      # As it is said of a material: its name, or the swatch where nobody has named it.
      def to_s = name || hex
    end
  end
end
