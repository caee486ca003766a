# frozen_string_literal: true

module Api
  module Routes
    module Shelf
      # Mixes, what was mixed, and settings of the sprayer.
      module Mixes
        class << self
          # What is asked to be scaled: an amount, or what a piece needs.
          def whole(mix, params)
            if params[:piece_id]
              return Operations::Shelf::MixUses.needed(mix,
                                                       Operations::Support::Finder.find(Records::Piece,
                                                                                        params[:piece_id]))
            end

            Core::Units::Quantity.parse(params[:amount], unit: "ml", house: Operations::Support::Workshop.current.length_unit)
          rescue Core::Refusal => e
            raise Operations::Support::Refused, [e.at(:amount)]
          end

          def registered(app)
            reading(app)
            changing(app)
            batches(app)
          end

          private

          def reading(app)
            app.get("/api/mixes") { json(Serializers::Shelf::MixesPage.new(formatter).to_h) }
            app.get("/api/mixes/:id") do
              json(Serializers::Shelf::Mix.new(Operations::Shelf::Mixes.find(params[:id]), formatter).to_h)
            end
            app.get("/api/mixes/:id/amounts") do
              mix = Operations::Support::Finder.find(Records::Mix, params[:id])
              json(Serializers::Shelf::MixAmounts.new(mix, Mixes.whole(mix, params), formatter).to_h)
            end
            app.get("/api/pieces/:id/mixes") do
              json(Serializers::Shelf::PieceMixes.new(Operations::Flips::Pieces.find(params[:id]), formatter).to_h)
            end
            app.get("/api/spray-settings") do
              json(settings: Serializers::Shelf::SpraySetting.present(Operations::Shelf::Sprayers.all, formatter))
            end
          end

          def changing(app)
            app.post("/api/mixes") do
              change(201) { Serializers::Shelf::Mix.new(Operations::Shelf::Mixes.create(given), formatter).to_h }
            end
            app.patch("/api/mixes/:id") do
              change { Serializers::Shelf::Mix.new(Operations::Shelf::Mixes.update(params[:id], given), formatter).to_h }
            end
            app.delete("/api/mixes/:id") { removal { Operations::Shelf::Mixes.remove(params[:id]) } }
            app.post("/api/mixes/:id/versions") do
              change(201) { Serializers::Shelf::Mix.new(Operations::Shelf::Mixes.version(params[:id], given).mix.reload, formatter).to_h }
            end
            app.put("/api/spray-settings") do
              change { Serializers::Shelf::SpraySetting.present(Operations::Shelf::Sprayers.set(given), formatter) }
            end
          end

          def batches(app)
            app.post("/api/mixes/:id/batches") do
              change(201) { { id: Operations::Shelf::Batches.make(params[:id], given).id } }
            end
            app.post("/api/batches/:id/additions") do
              change(201) { { id: Operations::Shelf::Batches.add(params[:id], given).id } }
            end
            app.post("/api/batches/:id/correction") do
              change(201) { { id: Operations::Shelf::Batches.correct(params[:id], given).id } }
            end
          end
        end
      end
    end
  end
end
