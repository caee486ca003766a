# frozen_string_literal: true

module Api
  module Routes
    module Shelf
      # The stash, and products of the workshop's own.
      module Stash
        def self.registered(app)
          app.get("/api/stash") do
            worth, unknown = Operations::Shelf::Stash.worth
            page = (params[:page] || 1).to_i
            items, total = Operations::Shelf::Stash.page(page: page)
            json(items: Serializers::Shelf::StashItem.present(items, formatter), worth: formatter.money(worth),
                 unknown: unknown, total: total, page: page,
                 per: Operations::Shelf::Stash::PER_PAGE,
                 kinds: Core::Shelf::StashFit::KINDS.map { |key, label| { key: key, label: label } })
          end
          app.post("/api/stash") do
            change(201) { Serializers::Shelf::StashItem.present(Operations::Shelf::Stash.create(given), formatter) }
          end
          app.patch("/api/stash/:id") do
            change { Serializers::Shelf::StashItem.present(Operations::Shelf::Stash.update(params[:id], given), formatter) }
          end
          app.delete("/api/stash/:id") { removal { Operations::Shelf::Stash.remove(params[:id]) } }
          app.post("/api/stash/:id/uses") do
            change(201) { { id: Operations::Shelf::StashUses.create(params[:id], given).id } }
          end
          app.delete("/api/stash-uses/:id") { removal { Operations::Shelf::StashUses.remove(params[:id]) } }
          app.get("/api/pieces/:id/stash") { json(Stash.of(Operations::Flips::Pieces.find(params[:id]))) }
          products(app)
        end

        def self.products(app)
          app.post("/api/products") do
            change(201) { Serializers::Shelf::Product.present(Operations::Shelf::Products.create(given), formatter) }
          end
          app.patch("/api/products/:id") do
            change { Serializers::Shelf::Product.present(Operations::Shelf::Products.update(params[:id], given), formatter) }
          end
          app.delete("/api/products/:id") { removal { Operations::Shelf::Products.remove(params[:id]) } }
        end

        # What of the stash would fit a piece, and what was used on it.
        def self.of(piece)
          fits = Operations::Shelf::StashUses.fits(piece).map do |answer|
            { item_id: answer.item.id, name: answer.item.name, what: answer.need.what, wanted: answer.need.number, there: answer.item.number,
              state: answer.state, why: answer.why }
          end
          { fits: fits, used: Operations::Shelf::StashUses.of_piece(piece).map { |use| { id: use.id, name: use.stash_item.name, count: use.count } } }
        end
      end
    end
  end
end
