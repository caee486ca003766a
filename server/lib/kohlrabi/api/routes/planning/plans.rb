# frozen_string_literal: true

module Api
  module Routes
    module Planning
      # Looking over, looks, plans, and what goes with them.
      module Plans
        def self.registered(app)
          app.get("/api/pieces/:id/plan") do
            json(Serializers::Planning::PlanPage.new(Operations::Flips::Pieces.find(params[:id]), formatter).to_h)
          end
          app.get("/api/catalogue") { json(Serializers::Planning::Catalogue.new(formatter).to_h) }
          shapes(app)
          findings(app)
          looks(app)
          steps(app)
          parts(app)
          keeping(app)
        end

        def self.shapes(app)
          app.post("/api/shape") do
            json(Serializers::Planning::Shape.present(Operations::Planning::Shapes.draw(given), formatter))
          end
          app.put("/api/pieces/:id/shape") do
            change { plan_page(Operations::Planning::Shapes.look(params[:id], given)) }
          end
          app.put("/api/pieces/:id/planned-shape") do
            change { plan_page(Operations::Planning::Shapes.plan(params[:id], given)) }
          end
          app.delete("/api/pieces/:id/planned-shape") do
            change { plan_page(Operations::Planning::Shapes.keep(params[:id])) }
          end
          app.put("/api/pieces/:id/zones") do
            change { plan_page(Operations::Planning::ZoneChanges.update(params[:id], given["zone"], given.except("zone"))) }
          end
        end

        def self.findings(app)
          app.post("/api/pieces/:id/findings") do
            change(201) { { id: Operations::Planning::Findings.create(params[:id], given).id } }
          end
          app.patch("/api/findings/:id") do
            change { { id: Operations::Planning::Findings.update(params[:id], given).id } }
          end
          app.delete("/api/findings/:id") { removal { Operations::Planning::Findings.remove(params[:id]) } }
          app.post("/api/own-findings") { change(201) { { id: Operations::Planning::Findings.add_kind(given).id } } }
          app.delete("/api/own-findings/:id") { removal { Operations::Planning::Findings.remove_kind(params[:id]) } }
        end

        def self.looks(app)
          app.get("/api/pieces/:id/starter-looks") do
            piece = Operations::Flips::Pieces.find(params[:id])
            json(rows: Operations::Planning::Starters.of(piece).map do |row|
              Serializers::Planning::StarterLook.new(piece, row, formatter).to_h
            end)
          end
          app.post("/api/pieces/:id/looks") do
            change(201) { { id: Operations::Planning::Looks.create(params[:id], given).id } }
          end
          app.patch("/api/looks/:id") { change { looked(*Operations::Planning::Looks.update(params[:id], given)) } }
          app.put("/api/looks/:id/zones") { change { looked(*Operations::Planning::Looks.paint(params[:id], given)) } }
          app.put("/api/looks/:id/fittings") { change { looked(*Operations::Planning::Looks.fit(params[:id], given)) } }
          app.post("/api/looks/:id/choose") { change { looked(*Operations::Planning::Looks.choose(params[:id])) } }
          app.post("/api/looks/:id/alike") do
            change(201) { Operations::Planning::Looks.spread(params[:id]).then { |looks, differences| { looks: looks.map(&:id), told: differences } } }
          end
          app.delete("/api/looks/:id") { removal { Operations::Planning::Looks.remove(params[:id]) } }
        end

        def self.steps(app)
          app.post("/api/pieces/:id/plan-edits") do
            change(201) { { id: Operations::Planning::PlanEdits.create(params[:id], given).id } }
          end
          app.delete("/api/plan-edits/:id") { removal { Operations::Planning::PlanEdits.remove(params[:id]) } }
          app.post("/api/pieces/:id/steps/done") { change { Operations::Planning::Ticks.tick(params[:id], given) } }
          app.post("/api/pieces/:id/steps/done-up-to") do
            change { { steps: Operations::Planning::Steps.finish_up_to(params[:id], given).map { |step, zones| { step: step, zones: zones } } } }
          end
          app.post("/api/pieces/:id/steps/open") { removal { Operations::Planning::Steps.reopen(params[:id], given) } }
          app.post("/api/pieces/:id/lead") do
            change { { changes: Operations::Planning::LeadAnswers.answer(params[:id], given) } }
          end
          app.post("/api/pieces/:id/confirmations") do
            change { { caution: Operations::Planning::Steps.confirm(params[:id], given).caution } }
          end
          app.post("/api/pieces/:id/experiences") do
            change(201) { { id: Operations::Planning::Experiences.create(params[:id], given).id } }
          end
          app.delete("/api/experiences/:id") { removal { Operations::Planning::Experiences.remove(params[:id]) } }
          app.get("/api/pieces/:id/substitutes") do
            json(rows: substitutes(Operations::Planning::Substitutes.of(params[:id], params[:product].to_s)))
          end
        end

        def self.parts(app)
          app.post("/api/pieces/:id/parts/number") do
            change(201) do
              { parts: Serializers::Planning::NumberedPart.present(Operations::Planning::NumberedParts.number(params[:id]), formatter) }
            end
          end
          app.post("/api/pieces/:id/parts") do
            change(201) { Serializers::Planning::NumberedPart.present(Operations::Planning::NumberedParts.create(params[:id], given), formatter) }
          end
          app.patch("/api/parts/:id") do
            change { Serializers::Planning::NumberedPart.present(Operations::Planning::NumberedParts.update(params[:id], given), formatter) }
          end
          app.delete("/api/parts/:id") { removal { Operations::Planning::NumberedParts.remove(params[:id]) } }
        end

        def self.keeping(app)
          app.post("/api/pieces/:id/recipes") do
            change(201) { { id: Operations::Planning::Recipes.keep(params[:id], given).id } }
          end
          app.delete("/api/recipes/:id") { removal { Operations::Planning::Recipes.remove(params[:id]) } }
        end
      end
    end
  end
end
