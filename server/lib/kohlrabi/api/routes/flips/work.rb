# frozen_string_literal: true

module Api
  module Routes
    module Flips
      # Costs, hours and timers.
      module Work
        def self.registered(app)
          app.post("/api/costs") do
            change(201) { Serializers::Flips::Cost.present(Operations::Flips::Costs.create(given), formatter) }
          end
          app.patch("/api/costs/:id") do
            change { Serializers::Flips::Cost.present(Operations::Flips::Costs.update(params[:id], given), formatter) }
          end
          app.delete("/api/costs/:id") { removal { Operations::Flips::Costs.remove(params[:id]) } }
          app.post("/api/work") do
            change(201) { Serializers::Flips::Work.present(Operations::Flips::Work.create(given), formatter) }
          end
          app.patch("/api/work/:id") do
            change { Serializers::Flips::Work.present(Operations::Flips::Work.update(params[:id], given), formatter) }
          end
          app.get("/api/days/offers") do
            json(rows: Serializers::Flips::DayOffer.present(Operations::Flips::DayRecords.offers, formatter), shops: Operations::Shelf::Receipts.shops,
                 receipts: Serializers::Shelf::Receipt.present(Operations::Shelf::Receipts.recent, formatter),
                 yesterday: (Operations::Support::Workshop.today - 1).iso8601)
          end
          app.get("/api/done-with") { json(rows: Serializers::Planning::DoneWithRow.all(params, formatter)) }
          app.get("/api/still-to-buy") { json(rows: Serializers::Planning::StillToBuyRow.all(params, formatter)) }
          app.post("/api/days") { change(201) { { ids: Operations::Flips::DayRecords.create(given).map(&:id) } } }
          app.post("/api/days/removals") { removal { Operations::Flips::DayRecords.remove(given["ids"]) } }
          app.get("/api/read/category") { json(category: Core::Flips::CostCategories.guess(params[:what])) }
          app.post("/api/receipts") do
            change(201) { Serializers::Shelf::Receipt.present(Operations::Shelf::Receipts.create(given), formatter) }
          end
          app.delete("/api/receipts/:id") { removal { Operations::Shelf::Receipts.remove(params[:id]) } }
          app.delete("/api/work/:id") { removal { Operations::Flips::Work.remove(params[:id]) } }
          timers(app)
        end

        def self.timers(app)
          app.post("/api/work/timed") do
            change(201) do
              Serializers::Flips::Work.present(Operations::Bench::FinishedTimers.record(given), formatter)
            end
          end
          app.get("/api/timers") do
            json(timers: Serializers::Bench::Timer.present(Operations::Bench::Timers.with_references, formatter))
          end
          app.post("/api/timers") do
            change(201) { Serializers::Bench::Timer.present(Operations::Bench::Timers.start(given), formatter) }
          end
          app.post("/api/timers/:id/stop") do
            change(201) { Serializers::Flips::Work.present(Operations::Bench::Timers.stop(params[:id], given), formatter) }
          end
          app.delete("/api/timers/:id") { removal { Operations::Bench::Timers.discard(params[:id]) } }
        end
      end
    end
  end
end
