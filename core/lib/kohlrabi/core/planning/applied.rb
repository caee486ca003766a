# frozen_string_literal: true

module Core
  module Planning
    # Work that is put on a piece as part of its look: slats, wrap, legs and the like, set out with a bench tool.
    # id: number; tool: key of ROWS; zones: keys; parts: how many, on each zone or in all as the row says; relief: face
    # to paint ÷ flat face;
    # materials: {product key => amount} that the tool found.
    Applied = Struct.new(:id, :tool, :zones, :parts, :relief, :materials, keyword_init: true)

    # What is done for it, by data/planning/applied.yml.
    class Applied
      USUAL = { fixed: 0, each: 0, m2: 0, glue: 0, glue_m2: 0, wait: 0, cautions: [] }.freeze # of a step, unless its row says otherwise
      ROWS = Core.table("planning/applied").to_h do |row|
        [row[:tool], { **row, steps: row[:steps].map { |step| { **USUAL, **step } } }]
      end.freeze
      STEPS = ROWS.flat_map do |tool, row|
        row[:steps].map do |step|
          ["#{tool.tr('_', '-')}-#{step[:key]}", step]
        end
      end.to_h.freeze

      class << self
        # Keys of the zones that it is on unless somebody says otherwise: of the first group that there is. zones: Array
        # of Shape::Zone.
        def usual(tool, zones)
          group = ROWS.fetch(tool)[:groups].find { |one| zones.any? { |zone| on?(zone, one) } }
          zones.select { |zone| on?(zone, group) }.map(&:key)
        end

        # Verb of a step by the name in its key; nil where it is none of these.
        def verb(name) = STEPS[name]&.fetch(:verb)

        private

        def on?(zone, group)
          return zone.role == "seat" if group == "seats"

          zone.group == (group == "tops" ? "top" : group) && !zone.trim?
        end
      end

      def row = ROWS.fetch(tool)
      def on?(zone) = zones.include?(Repeats.base(zone.key))
      def covers? = row[:covers]
      def fresh? = row[:fresh] == true

      # [key, row] of each step.
      def steps = row[:steps].map { |step| ["#{tool.tr('_', '-')}-#{step[:key]}/#{id}", step] }
    end
  end
end
