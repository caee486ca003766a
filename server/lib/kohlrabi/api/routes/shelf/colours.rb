# frozen_string_literal: true

module Api
  module Routes
    module Shelf
      # Colours to choose from: the workshop's own, then the palette.
      module Colours
        def self.registered(app)
          app.get("/api/colours") do
            json(colours: Serializers::Shelf::Colour.present(Operations::Shelf::Colours.core.all, formatter))
          end
          app.post("/api/colours") do
            change(201) { Colours.present(Operations::Shelf::Colours.create(given), formatter) }
          end
          app.patch("/api/colours/:id") do
            change { Colours.present(Operations::Shelf::Colours.update(params[:id], given), formatter) }
          end
          app.delete("/api/colours/:id") { removal { Operations::Shelf::Colours.remove(params[:id]) } }
        end

        def self.present(row, formatter)
          Serializers::Shelf::Colour.present(
            Operations::Shelf::Colours.core.fetch(Operations::Shelf::Colours.key(row)), formatter
          )
        end
      end
    end
  end
end
