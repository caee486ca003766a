# frozen_string_literal: true

module Kohlrabi
  module Api
    module Routes
      # Mixes, what was mixed, and settings of the sprayer.
      module Mixes
        # What is asked to be scaled: an amount, or what a piece needs.
        def self.whole(mix, params)
          return Desk::MixUses.needed(mix, Desk::Finder.find(Records::Piece, params[:piece_id])) if params[:piece_id]

          Core::Units::Quantity.parse(params[:amount], unit: "ml")
        rescue Core::Refusal => e
          raise Desk::Refused, [e.at(:amount)]
        end

        def self.registered(app)
          reading(app)
          changing(app)
          batches(app)
        end

        def self.reading(app)
          app.get("/api/mixes") { json(MixPage.new(say).list) }
          app.get("/api/mixes/:id") { json(MixPage.new(say).mix(Desk::Finder.find(Records::Mix, params[:id]))) }
          app.get("/api/mixes/:id/amounts") do
            mix = Desk::Finder.find(Records::Mix, params[:id])
            json(MixPage.new(say).amounts(mix, Mixes.whole(mix, params)))
          end
          app.get("/api/pieces/:id/mixes") { json(MixPage.new(say).of_piece(Desk::Finder.find(Records::Piece, params[:id]))) }
          app.get("/api/spray-settings") { json(settings: Resources::SpraySetting.present(Desk::Sprayers.all, say)) }
        end

        def self.changing(app)
          app.post("/api/mixes") { change(201) { MixPage.new(say).mix(Desk::Mixes.create(given)) } }
          app.patch("/api/mixes/:id") { change { MixPage.new(say).mix(Desk::Mixes.update(params[:id], given)) } }
          app.delete("/api/mixes/:id") { removal { Desk::Mixes.remove(params[:id]) } }
          app.post("/api/mixes/:id/versions") { change(201) { MixPage.new(say).mix(Desk::Mixes.version(params[:id], given).mix.reload) } }
          app.put("/api/spray-settings") { change { Resources::SpraySetting.present(Desk::Sprayers.set(given), say) } }
        end

        def self.batches(app)
          app.post("/api/mixes/:id/batches") { change(201) { { id: Desk::Batches.make(params[:id], given).id } } }
          app.post("/api/batches/:id/additions") { change(201) { { id: Desk::Batches.add(params[:id], given).id } } }
          app.post("/api/batches/:id/correction") { change(201) { { id: Desk::Batches.correct(params[:id], given).id } } }
        end
        private_class_method :reading, :changing, :batches
      end
    end
  end
end
