# frozen_string_literal: true

module Core
  module Tools
    # What a piece brings to a tool. mm throughout: width, depth, height, leg (nil without legs); fronts, doors: Array
    # of [wide, high];
    # drawers: number;
    # painted: mm² of the zones that will be painted; material: words in which its wood may be named.
    Start = Struct.new(:width, :depth, :height, :leg, :fronts, :doors, :painted, :material, :coats, keyword_init: true)
  end
end
