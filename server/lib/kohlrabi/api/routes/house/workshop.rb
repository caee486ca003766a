# frozen_string_literal: true

module Api
  module Routes
    module House
      # House rules and people.
      module Workshop
        def self.registered(app)
          openings(app)
          stash(app)
          archive(app)
          app.get("/api/workshop") do
            json(Serializers::House::Workshop.present(Operations::Support::Workshop.current, formatter))
          end
          app.patch("/api/workshop") do
            change do
              Operations::House::WorkshopSettings.update(given).then do |workshop|
                Serializers::House::Workshop.present(workshop, Serializers::Support::Formatter.new(workshop))
              end
            end
          end
          app.post("/api/people") do
            change(201) { Serializers::House::Person.present(Operations::House::WorkshopSettings.add_person(given), formatter) }
          end
          app.patch("/api/people/:id") do
            change { Serializers::House::Person.present(Operations::House::WorkshopSettings.rename_person(params[:id], given), formatter) }
          end
        end

        # What of the stash would fit a piece, and what was used on it.
        def self.stash_of(piece)
          fits = Operations::Shelf::StashUses.fits(piece).map do |answer|
            { item_id: answer.item.id, name: answer.item.name, what: answer.need.what, wanted: answer.need.number, there: answer.item.number,
              state: answer.state, why: answer.why }
          end
          { fits: fits, used: Operations::Shelf::StashUses.of_piece(piece).map { |use| { id: use.id, name: use.stash_item.name, count: use.count } } }
        end

        def self.openings(app)
          app.post("/api/openings") do
            change(201) { Serializers::House::Opening.present(Operations::House::Openings.create(given), formatter) }
          end
          app.patch("/api/openings/:id") do
            change { Serializers::House::Opening.present(Operations::House::Openings.update(params[:id], given), formatter) }
          end
          app.delete("/api/openings/:id") { removal { Operations::House::Openings.remove(params[:id]) } }
        end

        # The whole workshop in one file, written beside the data and sent off.
        def self.archive(app)
          app.get("/api/archive.zip") do
            content_type "application/zip"
            cache_control :no_store
            attachment "workshop-#{Operations::Support::Workshop.today.iso8601}.zip"
            Dir.mktmpdir { |folder| File.binread(Backups.write(File.join(folder, "workshop.zip"))) }
          end
        end

        def self.stash(app)
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
          app.get("/api/pieces/:id/stash") { json(Workshop.stash_of(Operations::Flips::Pieces.find(params[:id]))) }
        end
      end
    end
  end
end
