# frozen_string_literal: true

module Api
  module Routes
    module Flips
      # However a piece came home and goes again: lots, trips, splits, sets, damage.
      module Bought
        def self.registered(app)
          lots(app)
          trips(app)
          splits(app)
          sets(app)
          app.post("/api/pieces/:id/damages") do
            change(201) { Serializers::Flips::Damage.present(Operations::Flips::Damages.create(params[:id], given), formatter) }
          end
          app.delete("/api/damages/:id") { removal { Operations::Flips::Damages.remove(params[:id]) } }
        end

        def self.lots(app)
          app.get("/api/lots") { paged(Serializers::Flips::Lot) { |page| Operations::Flips::Lots.page(page: page) } }
          app.post("/api/lots") do
            change(201) { Serializers::Flips::Lot.present(Operations::Flips::Lots.create(given), formatter) }
          end
          app.get("/api/lots/:id") do
            json(Serializers::Flips::Lot.present(Operations::Flips::Lots.read_whole(params[:id]), formatter))
          end
          app.patch("/api/lots/:id") do
            change do
              lot, changes = Operations::Flips::Lots.update(params[:id], given)
              { lot: Serializers::Flips::Lot.present(lot, formatter), changes: changes }
            end
          end
          app.delete("/api/lots/:id") { removal { Operations::Flips::Lots.remove(params[:id]) } }
        end

        def self.trips(app)
          app.get("/api/trips") { paged(Serializers::Flips::Trip) { |page| Operations::Flips::Trips.page(page: page) } }
          app.post("/api/trips") do
            change(201) { Serializers::Flips::Trip.present(Operations::Flips::Trips.create(given), formatter) }
          end
          app.patch("/api/trips/:id") do
            change do
              trip, changes = Operations::Flips::Trips.update(params[:id], given)
              { trip: Serializers::Flips::Trip.present(trip, formatter), changes: changes }
            end
          end
          app.delete("/api/trips/:id") { removal { Operations::Flips::Trips.remove(params[:id]) } }
        end

        def self.splits(app)
          app.post("/api/pieces/:id/split") do
            change(201) do
              event = Operations::Flips::Splits.create(params[:id], given)
              { event_id: event.id, pieces: Serializers::Flips::PieceName.present(event.split_parts.map(&:piece), formatter) }
            end
          end
          app.patch("/api/splits/:id") do
            change { { changes: Operations::Flips::Splits.update(params[:id], given).last } }
          end
        end

        def self.sets(app)
          app.get("/api/sets") do
            paged(Serializers::Flips::PieceSet) { |page| Operations::Flips::Sets.page(page: page) }
          end
          app.post("/api/sets") do
            change(201) { Serializers::Flips::PieceSet.present(Operations::Flips::Sets.create(given), formatter) }
          end
          app.get("/api/sets/:id") do
            json(Serializers::Flips::PieceSet.present(Operations::Support::Finder.find(Records::PieceSet, params[:id]),
                                                      formatter))
          end
          app.get("/api/sets/:id/plan") do
            json(Serializers::Flips::SetPlan.new(Operations::Support::Finder.find(Records::PieceSet, params[:id]),
                                                 formatter).to_h)
          end
          app.delete("/api/sets/:id") { removal { Operations::Flips::Sets.break_up(params[:id]) } }
          app.post("/api/sets/:id/events") do
            change(201) { Serializers::Flips::PieceSet.present(Operations::Flips::Sets.happen(params[:id], given).piece_set.reload, formatter) }
          end
          app.patch("/api/set-events/:id") do
            change do
              event, changes = Operations::Flips::Sets.correct(params[:id], given)
              { set: Serializers::Flips::PieceSet.present(event.piece_set.reload, formatter), changes: changes }
            end
          end
          app.delete("/api/set-events/:id") { removal { Operations::Flips::Sets.take_back(params[:id]) } }
        end
      end
    end
  end
end
