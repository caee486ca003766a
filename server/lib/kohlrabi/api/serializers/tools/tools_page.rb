# frozen_string_literal: true

module Api
  module Serializers
    module Tools
      # The bench tools with their fields.
      class ToolsPage < Support::Page
        attribute(:groups) do
          Core::Tools::Catalogue::GROUPS.map { |key, label| { key: key, label: label, tools: of(key).map { |tool| tool(tool) } } }
        end

        # piece: Records::Piece that the fields begin with, or nil.
        def initialize(piece, formatter)
          super
          @bench = Core::Tools::Formatter.new(formatter.workshop.length_unit)
        end

        private

        def of(group) = Core::Tools::Catalogue::ALL.select { |tool| tool.group == group }

        def tool(tool)
          begun = Operations::Tools::SavedResults.begun(tool, object)
          { key: tool.key, label: tool.label, about: tool.about, applied: Core::Planning::Applied::ROWS.key?(tool.key),
            fields: tool.fields.map { |field| field(field, begun.fetch(field.key)) } }
        end

        def field(field, value)
          { name: field.key, label: field.label, kind: field.kind, value: value, optional: field.optional == true, unit: unit(field),
            help: field.help, choices: choices(field) }
        end

        def unit(field)
          return @bench.unit if %i[length lengths].include?(field.kind)

          { area: Core::Units::Square::NAMES.fetch(@bench.unit), run: Core::Units::Measures.run_unit(@bench.unit), volume: us? ? "fl oz" : "ml",
            weight: us? ? "lb" : "kg", temperature: Core::Units::Measures.temperature_unit(@bench.unit) }[field.kind]
        end

        def us? = Core::Units::Measures.us?(@bench.unit)

        def choices(field)
          return field.choices.to_h.map { |key, label| { key: key, label: label } } unless field.kind == :product

          Operations::Shelf::Products.core.all.select { |row| row[:unit] == "ml" }.map { |row| row.slice(:key, :label) }
        end
      end
    end
  end
end
