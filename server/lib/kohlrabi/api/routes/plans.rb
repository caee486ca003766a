# frozen_string_literal: true

module Kohlrabi
  module Api
    module Routes
      # Looking over, looks, plans, and what goes with them.
      module Plans
        def self.registered(app)
          app.get("/api/pieces/:id/plan") { json(plan_page(Desk::Pieces.find(params[:id]))) }
          app.get("/api/catalogue") { json(Catalogue.new(say).to_h) }
          shapes(app)
          findings(app)
          looks(app)
          steps(app)
          parts(app)
          keeping(app)
        end

        def self.shapes(app)
          app.put("/api/pieces/:id/planned-shape") { change { plan_page(Desk::Shapes.plan(params[:id], given)) } }
          app.delete("/api/pieces/:id/planned-shape") { change { plan_page(Desk::Shapes.keep(params[:id])) } }
          app.put("/api/pieces/:id/zones") { change { plan_page(Desk::ZoneChanges.update(params[:id], given["zone"], given.except("zone"))) } }
        end

        def self.findings(app)
          app.post("/api/pieces/:id/findings") { change(201) { { id: Desk::Findings.create(params[:id], given).id } } }
          app.patch("/api/findings/:id") { change { { id: Desk::Findings.update(params[:id], given).id } } }
          app.delete("/api/findings/:id") { removal { Desk::Findings.remove(params[:id]) } }
          app.post("/api/own-findings") { change(201) { { id: Desk::Findings.add_kind(given).id } } }
          app.delete("/api/own-findings/:id") { removal { Desk::Findings.remove_kind(params[:id]) } }
        end

        def self.looks(app)
          app.post("/api/pieces/:id/looks") { change(201) { { id: Desk::Looks.create(params[:id], given).id } } }
          app.patch("/api/looks/:id") { change { looked(*Desk::Looks.update(params[:id], given)) } }
          app.put("/api/looks/:id/zones") { change { looked(*Desk::Looks.paint(params[:id], given)) } }
          app.post("/api/looks/:id/choose") { change { looked(*Desk::Looks.choose(params[:id])) } }
          app.post("/api/looks/:id/alike") { change(201) { { looks: Desk::Looks.spread(params[:id]).map(&:id) } } }
          app.delete("/api/looks/:id") { removal { Desk::Looks.remove(params[:id]) } }
        end

        def self.steps(app)
          app.post("/api/pieces/:id/plan-edits") { change(201) { { id: Desk::PlanEdits.create(params[:id], given).id } } }
          app.delete("/api/plan-edits/:id") { removal { Desk::PlanEdits.remove(params[:id]) } }
          app.post("/api/pieces/:id/steps/done") do
            change do
              after = Desk::Steps.aftermath(params[:id], given)
              { marks: Desk::Steps.finish(params[:id], given).size, now: after }
            end
          end
          app.post("/api/pieces/:id/steps/open") { removal { Desk::Steps.reopen(params[:id], given) } }
          app.post("/api/pieces/:id/lead") { change { { changes: Desk::Steps.answer_lead(params[:id], given) } } }
          app.post("/api/pieces/:id/confirmations") { change { { caution: Desk::Steps.confirm(params[:id], given).caution } } }
          app.post("/api/pieces/:id/experiences") { change(201) { { id: Desk::Experiences.create(params[:id], given).id } } }
          app.delete("/api/experiences/:id") { removal { Desk::Experiences.remove(params[:id]) } }
          app.get("/api/pieces/:id/substitutes") { json(rows: substitutes(Desk::Substitutes.of(params[:id], params[:product].to_s))) }
        end

        def self.parts(app)
          app.post("/api/pieces/:id/parts/number") { change(201) { { parts: Resources::NumberedPart.present(Desk::NumberedParts.number(params[:id]), say) } } }
          app.post("/api/pieces/:id/parts") { change(201) { Resources::NumberedPart.present(Desk::NumberedParts.create(params[:id], given), say) } }
          app.patch("/api/parts/:id") { change { Resources::NumberedPart.present(Desk::NumberedParts.update(params[:id], given), say) } }
          app.delete("/api/parts/:id") { removal { Desk::NumberedParts.remove(params[:id]) } }
        end

        def self.keeping(app)
          app.post("/api/pieces/:id/recipes") { change(201) { { id: Desk::Recipes.keep(params[:id], given).id } } }
          app.delete("/api/recipes/:id") { removal { Desk::Recipes.remove(params[:id]) } }
          app.post("/api/products") { change(201) { Resources::Product.present(Desk::Products.create(given), say) } }
          app.patch("/api/products/:id") { change { Resources::Product.present(Desk::Products.update(params[:id], given), say) } }
          app.delete("/api/products/:id") { removal { Desk::Products.remove(params[:id]) } }
        end
      end
    end
  end
end
