# frozen_string_literal: true

module Kohlrabi
  module Api
    module Routes
      # Materials on the shelf, what is taken from them, and what is to be bought.
      module Shelf
        def self.registered(app)
          app.get("/api/shelf") { json(ShelfPage.new(say).shelf(finished: params[:finished] == "true")) }
          app.get("/api/shopping") { json(ShelfPage.new(say).shopping) }
          app.post("/api/containers") { change(201) { { ids: Desk::Shelf.create(given).map(&:id) } } }
          app.patch("/api/containers/:id") { change { ShelfPage.new(say).container(Desk::Shelf.update(params[:id], given)) } }
          app.delete("/api/containers/:id") { removal { Desk::Shelf.remove(params[:id]) } }
          app.post("/api/containers/:id/level") { change { ShelfPage.new(say).container(Desk::Shelf.level(params[:id], given)) } }
          app.post("/api/draws") { change(201) { Resources::Cost.present(Desk::Draws.create(given), say) } }
        end
      end
    end
  end
end
