# frozen_string_literal: true

module Kohlrabi
  module Api
    module Routes
      # Costs, hours and timers.
      module Work
        def self.registered(app)
          app.post("/api/costs") { change(201) { Resources::Cost.present(Desk::Costs.create(given), say) } }
          app.patch("/api/costs/:id") { change { Resources::Cost.present(Desk::Costs.update(params[:id], given), say) } }
          app.delete("/api/costs/:id") { removal { Desk::Costs.remove(params[:id]) } }
          app.post("/api/work") { change(201) { Resources::Work.present(Desk::Work.create(given), say) } }
          app.patch("/api/work/:id") { change { Resources::Work.present(Desk::Work.update(params[:id], given), say) } }
          app.delete("/api/work/:id") { removal { Desk::Work.remove(params[:id]) } }
          timers(app)
        end

        def self.timers(app)
          app.post("/api/timers") { change(201) { Resources::Timer.present(Desk::Timers.start(given), say) } }
          app.post("/api/timers/:id/stop") { change(201) { Resources::Work.present(Desk::Timers.stop(params[:id], given), say) } }
          app.delete("/api/timers/:id") { removal { Desk::Timers.discard(params[:id]) } }
        end
      end
    end
  end
end
