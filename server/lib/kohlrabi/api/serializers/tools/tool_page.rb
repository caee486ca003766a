# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Tools
        # The bench tools, their answers and what is kept of them, as the contract says them.
        class ToolPage
          # say: Say.
          def initialize(say)
            @say = say
            @bench = Core::Tools::Say.new(say.workshop.length_unit)
          end

          # piece: Records::Piece that the fields begin with, or nil.
          def list(piece = nil)
            { groups: Core::Tools::Catalogue::GROUPS.map { |key, label| { key: key, label: label, tools: of(key).map { |tool| tool(tool, piece) } } } }
          end

          # answer: Core::Tools::Answer; unit: in which it speaks.
          def answer(answer)
            { headline: answer.headline, lines: answer.lines.map do |line|
              { label: line.label, text: line.text, why: line.why }
            end, table: table(answer.table),
              picture: picture(answer.picture), template: !answer.template.nil?, assumes: answer.assumes, warnings: answer.warnings,
              cautions: answer.cautions.map { |key| Core::Planning::Cautions.text(key.to_sym, unit: @say.workshop.length_unit) }, **leads_to(answer) }
          end

          def results(piece) = { results: Operations::Tools::SavedResults.of(piece).map { |row| result(row) } }

          def result(row)
            found = Operations::Tools::SavedResults.again(row)
            { id: row.id, tool: row.tool, label: Operations::Tools::SavedResults.label(row), values: JSON.parse(row.given),
              headline: found&.headline || "It cannot be reckoned any more.",
              done_on: @say.day(row.done_on), cuts: found ? cuts(found) : [], offcuts: found ? found.offcuts.size : 0,
              materials: materials(JSON.parse(row.materials).transform_values(&:to_r)), kept_on: @say.day(@say.workshop.date_of(row.created_at)) }
          end

          private

          def of(group) = Core::Tools::Catalogue::ALL.select { |tool| tool.group == group }

          def tool(tool, piece)
            begun = Operations::Tools::SavedResults.begun(tool, piece)
            { key: tool.key, label: tool.label, about: tool.about, fields: tool.fields.map { |field| field(field, begun.fetch(field.key)) } }
          end

          def field(field, value)
            { name: field.key, label: field.label, kind: field.kind, value: value, optional: field.optional == true, unit: unit(field),
              help: field.help,
              choices: choices(field) }
          end

          def unit(field)
            return @bench.unit if %i[length lengths].include?(field.kind)

            { area: Core::Units::Square::NAMES.fetch(@bench.unit), run: Core::Units::Measures.run_unit(@bench.unit),
              volume: us? ? "fl oz" : "ml", weight: us? ? "lb" : "kg",
              temperature: Core::Units::Measures.temperature_unit(@bench.unit) }[field.kind]
          end

          def us? = Core::Units::Measures.us?(@bench.unit)

          def choices(field)
            if field.kind == :product
              return Operations::Shelf::Products.core.all.select do |row|
                row[:unit] == "ml"
              end.map { |row| row.slice(:key, :label) }
            end

            field.choices.to_h.map { |key, label| { key: key, label: label } }
          end

          def table(table) = table && { columns: table.columns, rows: table.rows }

          def picture(picture)
            picture && { width: picture.width, height: picture.height, description: picture.description, shapes: picture.shapes }
          end

          def leads_to(answer)
            { materials: materials(answer.materials), steps: answer.steps.map { |step| { label: step.label, time: @say.effort(step.minutes * 60) } },
              cuts: cuts(answer), offcuts: answer.offcuts.map { |one| "#{one.number} × #{one.name.downcase}, #{sizes(one)}" } }
          end

          def materials(amounts)
            amounts.map do |key, amount|
              row = Operations::Shelf::Containers.product(key)
              { product: key, label: row[:label], text: @say.amount(amount, row) }
            end
          end

          def cuts(answer) = answer.cuts.map { |cut| { mark: cut.mark, name: cut.name, count: cut.number, size: sizes(cut), from: cut.from } }
          def sizes(one) = [one.long, one.wide].compact.map { |mm| @bench.length(mm) }.join(" × ")
        end
      end
    end
  end
end
