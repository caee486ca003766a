# frozen_string_literal: true

module Api
  module Serializers
    module Planning
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
    end
  end
end
