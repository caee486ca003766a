# frozen_string_literal: true

module Api
  module Serializers
    module Planning
      # A shape as it is drawn, with its parts as they would be typed. Of Operations::Planning::Shapes::Drawn.
      class Shape < Support::Base
        LENGTHS = Operations::Planning::Shapes::LENGTHS
        COUNTS = Core::Planning::Shape::PieceShape::COUNTS.keys
        DRAWN = %i[upper_height leg].freeze # measures that are filled in as they are drawn
        CHOICES = Operations::Planning::Shapes::CHOICES.keys

        attribute(:known, &:known)
        attribute(:assumed) { |drawn| drawn.shape.assumed? }
        attribute(:kind) { |drawn| drawn.shape.template[:kind] }
        attribute(:drawing) { |drawn| params[:formatter].elevation(Core::Planning::Shape::Elevation.new(drawn.shape), drawn.record) }
        attribute(:filled) { |drawn| Shape.filled(drawn.shape, params[:formatter]) }
        attribute(:fields) { |drawn| drawn.shape.said.map(&:to_s) }
        attribute(:says) { |drawn| Shape.says(drawn) }

        # {field => text}: measures that were given, parts as they are drawn; empty where there are none.
        def self.filled(shape, formatter)
          drawn = shape.drawn
          lengths = LENGTHS.to_h do |name|
            [name, formatter.typed_length(DRAWN.include?(name) ? positive(drawn[name]) : shape[name])]
          end
          counts = COUNTS.to_h { |name| [name, positive(drawn[name]).to_s] }
          choices = CHOICES.to_h { |name| [name, drawn[name].to_s] }
          { **lengths, **counts, **choices, drawer_rows: drawn[:drawer_rows].join(","),
                                            row_heights: formatter.typed_lengths(shape.row_heights&.join(",")) }
        end

        def self.positive(number) = (number if number&.positive?)

        def self.article(word) = word.match?(/\A[aeiou]/i) ? "an" : "a"

        # What nobody has looked at yet, in words; nil where somebody has, or nothing was assumed.
        def self.says(drawn)
          kind = drawn.record.kind
          return "Nobody has said what a “#{kind}” is like. Choose its form." if kind.present? && !drawn.known
          return unless drawn.shape.assumed?

          parts = Core::Planning::Shape::Elevation.new(drawn.shape).contents
          "Assumed as usual#{" for #{article(kind)} #{kind}" if kind.present?}#{": #{parts.join(', ')}" if parts.any?}. Not looked at yet."
        end
      end
    end
  end
end
