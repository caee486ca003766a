# frozen_string_literal: true

module Core
  module Planning
    # Floor that a step takes up, in mm²: the piece where it stands, or its parts laid out flat once they are off.
    module Space
      OFF = %w[fronts doors shelves].freeze
      ROOM = 1.3 # walking round what lies flat (assumed)

      extend self

      # step: Step; zones: Array of Shape::Zone; width, depth: of the piece in mm. Hardware by itself needs no floor: 0.
      def of(step, zones, width:, depth:)
        worked = zones.select { |zone| step.zones.include?(zone.key) }
        return 0.0 if worked.empty?

        loose, body = worked.partition { |zone| OFF.include?(zone.group) }
        laid = %w[prime coat clear wax].include?(step.phase) ? loose.sum(&:area) * ROOM : 0.0
        (body.any? || laid.zero? ? width * depth : 0.0) + laid
      end
    end
  end
end
