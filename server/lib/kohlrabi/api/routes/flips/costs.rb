# frozen_string_literal: true

module Api
  module Routes
    module Flips
      # Costs and receipts, and the day that is written down in the evening.
      module Costs
        def self.registered(app)
          app.post("/api/costs") do
            change(201) { Serializers::Flips::Cost.present(Operations::Flips::Costs.create(given), formatter) }
          end
          app.patch("/api/costs/:id") do
            change { Serializers::Flips::Cost.present(Operations::Flips::Costs.update(params[:id], given), formatter) }
          end
          app.delete("/api/costs/:id") { removal { Operations::Flips::Costs.remove(params[:id]) } }
          app.get("/api/days/offers") do
            json(rows: Serializers::Flips::DayOffer.present(Operations::Flips::DayRecords.offers, formatter), shops: Operations::Flips::Receipts.shops,
                 receipts: Serializers::Flips::Receipt.present(Operations::Flips::Receipts.recent, formatter),
                 yesterday: (Operations::Support::Workshop.today - 1).iso8601)
          end
          app.get("/api/still-to-buy") { json(rows: Serializers::Planning::StillToBuyRow.all(params, formatter)) }
          app.post("/api/days") { change(201) { { ids: Operations::Flips::DayRecords.create(given).map(&:id) } } }
          app.post("/api/days/removals") { removal { Operations::Flips::DayRecords.remove(given["ids"]) } }
          app.get("/api/read/category") { json(category: Core::Flips::CostCategories.guess(params[:what])) }
          app.post("/api/receipts") do
            change(201) { Serializers::Flips::Receipt.present(Operations::Flips::Receipts.create(given), formatter) }
          end
          app.delete("/api/receipts/:id") { removal { Operations::Flips::Receipts.remove(params[:id]) } }
        end
      end
    end
  end
end
