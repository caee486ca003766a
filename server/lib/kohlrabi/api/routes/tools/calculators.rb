# frozen_string_literal: true

module Api
  module Routes
    module Tools
      # Bench tools: their list, answers while one types, templates to print at 1:1, and what is kept on a piece.
      module Calculators
        extend Operations::Support::Refusing

        TYPES = { "svg" => "image/svg+xml", "pdf" => "application/pdf" }.freeze

        class << self
          # The file of a template. params: "given" as JSON, "paper". Raises Refused where the tool has none.
          def template(key, form, params)
            found = Operations::Tools::SavedResults.answer(key, typed(params[:given]))
            refuse(:tool_has_no_template) unless found.template

            unit = Operations::Support::Workshop.current.length_unit
            return Formats::TemplateSvg.new(found.template, unit: unit).to_s if form == "svg"

            Formats::TemplatePdf.new(found.template, paper: params[:paper] || "A4", unit: unit).to_s
          end

          # {field => text} of what the page sent along as JSON.
          def typed(text)
            found = text.to_s.empty? ? {} : JSON.parse(text)
            return found.transform_values(&:to_s) if found.is_a?(Hash) && found.values.none?(Enumerable)

            raise JSON::ParserError
          rescue JSON::ParserError
            raise Core::Refusal.new(:template_unreadable, field: :given)
          end

          def registered(app)
            app.get("/api/tools") do
              json(Serializers::Tools::ToolsPage.new(
                params[:piece_id] && Operations::Flips::Pieces.find(params[:piece_id]), formatter
              ).to_h)
            end
            app.post("/api/tools/:tool/answer") do
              json(Serializers::Tools::ToolAnswer.new(
                Operations::Tools::SavedResults.answer(params[:tool], given["values"].to_h), formatter
              ).to_h)
            end
            app.get("/api/tools/:tool/template.:form") do
              halt 404 unless TYPES.key?(params[:form])

              content_type TYPES.fetch(params[:form])
              headers["Content-Disposition"] = "attachment; filename=\"#{params[:tool]}-1-to-1.#{params[:form]}\""
              Calculators.template(params[:tool], params[:form], params)
            end
            kept(app)
          end

          private

          def kept(app)
            app.get("/api/pieces/:id/tool-results") do
              rows = Operations::Tools::SavedResults.of(Operations::Flips::Pieces.find(params[:id]))
              json(results: rows.map { |row| Serializers::Tools::ToolResult.present(row, formatter) })
            end
            app.post("/api/pieces/:id/tool-results") do
              change(201) { Serializers::Tools::ToolResult.new(Operations::Tools::SavedResults.save(params[:id], given), formatter).to_h }
            end
            app.patch("/api/tool-results/:id") do
              change { Serializers::Tools::ToolResult.new(Operations::Tools::SavedResults.finish(params[:id], given), formatter).to_h }
            end
            app.delete("/api/tool-results/:id") { removal { Operations::Tools::SavedResults.remove(params[:id]) } }
          end
        end
      end
    end
  end
end
