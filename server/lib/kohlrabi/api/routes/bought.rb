# frozen_string_literal: true

module Kohlrabi
  module Api
    module Routes
      # However a piece came home and goes again: lots, trips, splits, sets, damage.
      module Bought
        def self.registered(app)
          lots(app)
          trips(app)
          splits(app)
          sets(app)
          app.post("/api/pieces/:id/damages") { change(201) { Resources::Damage.present(Desk::Damages.create(params[:id], given), say) } }
          app.delete("/api/damages/:id") { removal { Desk::Damages.remove(params[:id]) } }
        end

        def self.lots(app)
          app.get("/api/lots") { paged(Resources::Lot) { |page| Desk::Lots.page(page: page) } }
          app.post("/api/lots") { change(201) { Resources::Lot.present(Desk::Lots.create(given), say) } }
          app.get("/api/lots/:id") { json(Resources::Lot.present(Desk::Finder.find(Records::Lot, params[:id]), say)) }
          app.patch("/api/lots/:id") do
            change do
              lot, changes = Desk::Lots.update(params[:id], given)
              { lot: Resources::Lot.present(lot, say), changes: changes }
            end
          end
          app.delete("/api/lots/:id") { removal { Desk::Lots.remove(params[:id]) } }
        end

        def self.trips(app)
          app.get("/api/trips") { paged(Resources::Trip) { |page| Desk::Trips.page(page: page) } }
          app.post("/api/trips") { change(201) { Resources::Trip.present(Desk::Trips.create(given), say) } }
          app.patch("/api/trips/:id") do
            change do
              trip, changes = Desk::Trips.update(params[:id], given)
              { trip: Resources::Trip.present(trip, say), changes: changes }
            end
          end
          app.delete("/api/trips/:id") { removal { Desk::Trips.remove(params[:id]) } }
        end

        def self.splits(app)
          app.post("/api/pieces/:id/split") do
            change(201) do
              event = Desk::Splits.create(params[:id], given)
              { event_id: event.id, pieces: Resources::PieceName.present(event.split_parts.map(&:piece), say) }
            end
          end
          app.patch("/api/splits/:id") { change { { changes: Desk::Splits.update(params[:id], given).last } } }
        end

        def self.sets(app)
          app.get("/api/sets") { paged(Resources::PieceSet) { |page| Desk::Sets.page(page: page) } }
          app.post("/api/sets") { change(201) { Resources::PieceSet.present(Desk::Sets.create(given), say) } }
          app.get("/api/sets/:id") { json(Resources::PieceSet.present(Desk::Finder.find(Records::PieceSet, params[:id]), say)) }
          app.delete("/api/sets/:id") { removal { Desk::Sets.break_up(params[:id]) } }
          app.post("/api/sets/:id/events") do
            change(201) { Resources::PieceSet.present(Desk::Sets.happen(params[:id], given).piece_set.reload, say) }
          end
          app.patch("/api/set-events/:id") do
            change do
              event, changes = Desk::Sets.correct(params[:id], given)
              { set: Resources::PieceSet.present(event.piece_set.reload, say), changes: changes }
            end
          end
          app.delete("/api/set-events/:id") { removal { Desk::Sets.take_back(params[:id]) } }
        end
      end
    end
  end
end
