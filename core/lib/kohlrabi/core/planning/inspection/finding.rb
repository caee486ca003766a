# frozen_string_literal: true

module Core
  module Planning
    module Inspection
      # Something found on a piece. key: of Findings, or nil for the workshop's own; zone: key, or nil for the whole
      # piece;
      # measure: Numeric in the unit of its row, or nil; expected_on: when an ordered part comes; own: {label:, says:,
      # kind:, minutes:, wait:};
      # late: whether it was noted after the zone had been filled, sanded or coated.
      Finding = Struct.new(:id, :key, :zone, :measure, :note, :expected_on, :own, :late, keyword_init: true)

      # What a finding answers.
      class Finding
        COATINGS = %w[varnish painted bare failing].freeze

        def row
          @row ||= key ? Findings.fetch(key) : own.merge(key: "own-#{id}", walk: own[:walk], signs: [], treat: [])
        end

        def label = row[:label]
        def walk = row[:walk]
        def signs = @signs ||= row[:signs] || []

        # The consequence, said at once. choice: key of finish planned there, or nil.
        def says = row[:says]
        def why = row[:why]

        # Measure, the usual one where it was not taken, else 1.
        def size = measure || row.dig(:measure, :usual) || 1

        # What its size is of: "depth", "length", or "count".
        def sized_by = %w[depth length].include?(row.dig(:measure, :label)) ? row.dig(:measure, :label) : "count"

        # Treatments under a finish of the family. Returns rows of Findings::TREATMENTS.
        def treatments(family)
          when_key = { "opaque" => "opaque", "clear" => "clear", "none" => "leave" }.fetch(family, "opaque")
          (row[:treat] || []).filter_map do |treat|
            next Findings.treatment(treat) if treat.is_a?(String)

            Findings.treatment(treat[:do]) if treat[:when].nil? || treat[:when] == when_key
          end
        end

        # Deep damage is filled twice.
        def deep? = %w[gouge burn].include?(key) && size >= 3
      end
    end
  end
end
