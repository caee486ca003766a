# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Planning
        # A finding with its consequence.
        class FindingRow
          # finding: Core::Planning::Inspection::Finding; row: its record; zones: Array of Core::Planning::Shape::Zone.
          def initialize(finding, row, zones, say)
            @finding = finding
            @row = row
            @zones = zones
            @say = say
            @asked = finding.row[:measure]
          end

          def to_h
            { id: @finding.id, kind: @finding.key, own_finding_id: @row.own_finding_id, label: @finding.label, walk: @finding.walk,
              zone: @finding.zone,
              zone_label: zone_label, says: @finding.says, why: @finding.why, note: @finding.note, measure: measure, measure_typed: typed,
              expected_on: @say.day(@finding.expected_on), photos: Flips::Photo.present(@row.photos, @say) }
          end

          private

          def zone_label = @zones.find { |zone| zone.key == @finding.zone }&.label || @finding.zone
          def length? = @asked[:unit] == "mm"

          def measure
            return unless @finding.measure

            return @say.length(@finding.measure) if length?

            count = @finding.measure.to_i
            "#{count} #{count == 1 ? @asked[:label].singularize : @asked[:label]}"
          end

          def typed
            return "" unless @finding.measure

            length? ? @say.typed_length(@finding.measure) : @finding.measure.to_i.to_s
          end
        end
      end
    end
  end
end
