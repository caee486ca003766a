# frozen_string_literal: true

module Kohlrabi
  module Core
    module Shape
      # The few measures a piece is drawn from, in mm; nil where not given, and then the kind's usual one stands in.
      class PieceShape < Value
        MAX_ROWS = 12
        MAX_IN_ROW = 8
        MAX_DOORS = 8

        attribute :kind, Types::String.optional
        attribute :width, Types::Float.optional
        attribute :height, Types::Float.optional
        attribute :drawer_rows, Types::Array.of(Types::Integer).optional.default(nil)
        attribute :doors, Types::Integer.optional.default(nil)
        attribute :leg, Types::Float.optional.default(nil)

        # text: "2,1,1", drawers in each row from the top; "" or "0" for none. Returns Array of Integers. Raises Refusal.
        def self.parse_rows(text)
          return [] if text.strip.empty? || text.strip == "0"

          rows = text.split(/[,\s]+/).map { |row| row.match?(/\A\d{1,2}\z/) ? row.to_i : 0 }
          return rows if rows.size <= MAX_ROWS && rows.all? { |row| row.between?(1, MAX_IN_ROW) }

          raise Refusal.new("“#{Units::Numerals.clip(text)}” is not a stack of drawers.",
                            "Write the drawers of each row from the top, such as 2,1,1 (at most #{MAX_ROWS} rows of #{MAX_IN_ROW}).",
                            field: :drawer_rows)
        end

        # Raises Refusal when the legs are as tall as the piece.
        def initialize(attributes)
          super
          return unless leg && height && leg >= height

          raise Refusal.new("The legs are as tall as the whole piece.", "Give legs below the height.", field: :leg)
        end

        def template = Kinds.template(kind)

        # Whether the drawing can be to scale.
        def measured? = !width.nil? && !height.nil?

        # Measures with the template's standing in for missing ones.
        def drawn
          row = template
          { form: row[:form], width: width || row[:width].to_f, height: height || row[:height].to_f,
            leg: [leg || (row[:leg] || 0).to_f, (height || row[:height]) * 0.92].min,
            drawer_rows: drawer_rows || row[:drawer_rows] || [], doors: doors || row[:doors] || 0,
            shelves: row[:shelves] || 0 }
        end
      end
    end
  end
end
