# frozen_string_literal: true

module Api
  module Routes
    module Shelf
      # Materials on the shelf, what is taken from them, and what is to be bought.
      module Containers
        def self.registered(app)
          app.get("/api/shelf") do
            json(Serializers::Shelf::ShelfPage.new(formatter, finished: params[:finished] == "true").to_h)
          end
          app.get("/api/shopping") { json(Serializers::Shelf::ShoppingPage.new(formatter).to_h) }
          app.post("/api/containers") { change(201) { { ids: Operations::Shelf::Containers.create(given).map(&:id) } } }
          app.patch("/api/containers/:id") do
            change { Serializers::Shelf::Container.new(Operations::Shelf::Containers.update(params[:id], given), formatter).to_h }
          end
          app.delete("/api/containers/:id") { removal { Operations::Shelf::Containers.remove(params[:id]) } }
          app.post("/api/containers/:id/level") do
            change { Serializers::Shelf::Container.new(Operations::Shelf::Containers.level(params[:id], given), formatter).to_h }
          end
          app.post("/api/draws") do
            change(201) { Serializers::Flips::Cost.present(Operations::Shelf::Draws.create(given), formatter) }
          end
        end
      end
    end
  end
end
