# frozen_string_literal: true

module Core
  module Planning
    # Where two zones of the body meet, and how long they do: only there tape makes an edge. What is worked on by itself
    # (drawers and doors that are off) meets nothing. Lengths from the rectangles of the zones, mm.
    module Boundaries
      # Pairs of roles that meet, with the length of their line; roles by Shape::Zone.
      MEET = { %w[top edge] => ->(top, _) { top.width + (2 * top.height) }, %w[top side] => ->(_, side) { side.width },
               %w[edge side] => ->(_, side) { side.width }, %w[top frame] => ->(_, frame) { frame.width },
               %w[edge frame] => ->(_, frame) { frame.width }, %w[side frame] => ->(side, _) { side.height },
               %w[side leg] => ->(_, leg) { leg.edge / 4 }, %w[frame leg] => ->(_, leg) { leg.edge / 4 },
               %w[side plinth] => ->(side, _) { side.width }, %w[frame plinth] => ->(frame, _) { frame.width } }.freeze

      extend self

      # mm along which two zones of one unit meet; 0 where they do not.
      def between(one, other)
        return 0.0 unless unit(one) == unit(other)

        MEET.each do |(first, second), length|
          return length.call(one, other) if one.role == first && other.role == second
          return length.call(other, one) if other.role == first && one.role == second
        end
        0.0
      end

      private

      def unit(zone) = zone.key[/@\d+\z/]
    end
  end
end
