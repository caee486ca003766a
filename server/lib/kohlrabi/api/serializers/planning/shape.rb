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
        attribute(:drawing) { |drawn| params[:formatter].drawing(Operations::Planning::Drawing.view(drawn.record, Core::Planning::Shape::Elevation.new(drawn.shape))) }
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
          return "Kohlrabi doesn't know what a “#{kind}” looks like. Choose its shape." if kind.present? && !drawn.known
          return unless drawn.shape.assumed?

          parts = Core::Planning::Shape::Elevation.new(drawn.shape).contents
          "Assumed as usual#{" for #{article(kind)} #{kind}" if kind.present?}#{": #{parts.join(', ')}" if parts.any?}. Not checked yet."
        end
      end

      # A finding with its consequence.
      class FindingRow < Support::Page
        shows :zone_label, :measure
        attributes :id, :label, :walk, :zone, :says, :why, :note
        attribute(:kind, &:key)
        attribute(:own_finding_id) { @row.own_finding_id }
        attribute(:measure_typed) { typed }
        attribute(:expected_on) { @formatter.day(@finding.expected_on) }
        attribute(:photos) { Flips::Photo.present(@row.photos, @formatter) }

        # finding: Core::Planning::Inspection::Finding; row: its record; zones: Array of Core::Planning::Shape::Zone.
        def initialize(finding, row, zones, formatter)
          super(finding, formatter)
          @finding = finding
          @row = row
          @zones = zones
          @asked = finding.row[:measure]
        end

        private

        def zone_label = @zones.find { |zone| zone.key == @finding.zone }&.label || @finding.zone
        def length? = @asked[:unit] == "mm"

        def measure
          return unless @finding.measure

          return @formatter.length(@finding.measure) if length?

          count = @finding.measure.to_i
          "#{count} #{count == 1 ? @asked[:label].singularize : @asked[:label]}"
        end

        def typed
          return "" unless @finding.measure

          length? ? @formatter.typed_length(@finding.measure) : @finding.measure.to_i.to_s
        end
      end

      # A part with the number on its back.
      class NumberedPart < Support::Base
        attributes :id, :number, :what, :place
        said :day, :back_on
      end
    end
  end
end
