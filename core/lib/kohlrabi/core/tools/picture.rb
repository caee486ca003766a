# frozen_string_literal: true

module Core
  module Tools
    # A picture to scale: shapes in mm, the origin at the upper left. role: what a shape stands for (wood, gap, part,
    # offcut, hole, old, cut, ghost, screw, paint).
    class Picture
      attr_reader :width, :height, :shapes, :description

      # description: in words, for whoever cannot see it.
      def initialize(width, height, description)
        @width = width.to_f
        @height = height.to_f
        @description = description
        @shapes = []
      end

      def rect(x, y, wide, high, role, label = nil)
        add(kind: "rect", x: x, y: y, w: wide, h: high, role: role, label: label)
      end

      def circle(x, y, radius, role, label = nil) = add(kind: "circle", x: x, y: y, r: radius, role: role, label: label)
      def line(x1, y1, x2, y2, role = "cut") = add(kind: "line", x: x1, y: y1, x2: x2, y2: y2, role: role)
      def polygon(points, role, label = nil) = add(kind: "polygon", points: points, role: role, label: label)
      def text(x, y, words) = add(kind: "text", x: x, y: y, label: words, role: "ghost")

      # A dimension line between two points, with its words.
      def measure(x1, y1, x2, y2, words)
        add(kind: "measure", x: x1, y: y1, x2: x2, y2: y2, label: words, role: "ghost")
      end

      private

      def add(**shape)
        @shapes << shape.transform_values { |value| value.is_a?(Numeric) ? value.to_f : value }.freeze
        self
      end
    end
  end
end
