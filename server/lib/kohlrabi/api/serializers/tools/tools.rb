# frozen_string_literal: true

module Api
  module Serializers
    module Tools
      # How cuts and materials of bench tools are said; for pages that have a Say.
      module ToolWords
        private

        # Amounts of products: {key => amount}.
        def materials(amounts)
          amounts.map do |key, amount|
            row = Operations::Shelf::Containers.product(key)
            { product: key, label: row[:label], text: @formatter.amount(amount, row) }
          end
        end

        # Pieces that a bench tool has cut, and the sizes of one.
        def cuts(answer)
          answer.cuts.map do |cut|
            { mark: cut.mark, name: cut.name, count: cut.number, size: sizes(cut), from: cut.from }
          end
        end

        def sizes(one)
          tools = Core::Tools::Formatter.new(@formatter.workshop.length_unit)
          [one.long, one.wide].compact.map { |mm| tools.length(mm) }.join(" × ")
        end
      end

      # What a bench tool answers (Core::Tools::Answer).
      class ToolAnswer < Support::Page
        include ToolWords

        attributes :headline, :assumes, :warnings
        shows :table, :picture
        attribute(:lines) { |answer| answer.lines.map { |line| { label: line.label, text: line.text, why: line.why } } }
        attribute(:template) { |answer| !answer.template.nil? }
        attribute(:cautions) do |answer|
          answer.cautions.map { |key| Core::Planning::Cautions.text(key.to_sym, unit: @formatter.workshop.length_unit) }
        end
        attribute(:materials) { |answer| materials(answer.materials) }
        attribute(:steps) do |answer|
          answer.steps.map do |step|
            { label: step.label, time: @formatter.effort(step.minutes * 60) }
          end
        end
        attribute(:cuts) { |answer| cuts(answer) }
        attribute(:offcuts) do |answer|
          answer.offcuts.map do |one|
            "#{one.number} × #{one.name.downcase}, #{sizes(one)}"
          end
        end

        private

        def table = object.table && { columns: object.table.columns, rows: object.table.rows }

        def picture
          picture = object.picture
          picture && { width: picture.width, height: picture.height, description: picture.description,
                       shapes: picture.shapes }
        end
      end

      # What was kept of a bench tool on a piece.
      class ToolResult < Support::Page
        include ToolWords

        attributes :id, :tool
        said :day, :done_on
        attribute(:label) { |row| Operations::Tools::SavedResults.label(row) }
        attribute(:values) { |row| JSON.parse(row.given) }
        attribute(:headline) { @found&.headline || "This can't be calculated anymore." }
        attribute(:cuts) { @found ? cuts(@found) : [] }
        attribute(:offcuts) { @found ? @found.offcuts.size : 0 }
        attribute(:materials) { |row| materials(JSON.parse(row.materials).transform_values(&:to_r)) }
        attribute(:in_look) { |row| row.look_id.present? }
        attribute(:where) { |row| row.look_id ? where(row) : "" }
        attribute(:cost) { |row| @formatter.money(row.cost_minor) }
        attribute(:kept_on) { |row| @formatter.day(@formatter.workshop.date_of(row.created_at)) }

        # row: Records::ToolResult.
        def initialize(row, formatter)
          super
          @found = Operations::Tools::SavedResults.again(row)
        end

        private

        def where(row)
          Core::Planning::ZoneWords.list(Operations::Planning::AppliedWorks.zones(row), Operations::Planning::Drawing.zones(row.piece))
        end
      end

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
