# frozen_string_literal: true

module Kohlrabi
  module Api
    module Routes
      # House rules and people.
      module Workshop
        def self.registered(app)
          passages(app)
          stash(app)
          archive(app)
          app.get("/api/workshop") { json(Resources::Workshop.present(Desk::House.workshop, say)) }
          app.patch("/api/workshop") { change { Desk::House.update(given).then { |workshop| Resources::Workshop.present(workshop, Say.new(workshop)) } } }
          app.post("/api/people") { change(201) { Resources::Person.present(Desk::House.add_person(given), say) } }
          app.patch("/api/people/:id") { change { Resources::Person.present(Desk::House.rename_person(params[:id], given), say) } }
        end

        # What of the stash would fit a piece, and what was used on it.
        def self.stash_of(piece)
          fits = Desk::StashUses.fits(piece).map do |answer|
            { item_id: answer.item.id, name: answer.item.name, what: answer.need.what, wanted: answer.need.number, there: answer.item.number,
              state: answer.state, why: answer.why }
          end
          used = Records::StashUse.live.where(piece: piece).includes(:stash_item).order(:id)
          { fits: fits, used: used.map { |use| { id: use.id, name: use.stash_item.name, count: use.count } } }
        end

        def self.passages(app)
          app.post("/api/passages") { change(201) { Resources::Passage.present(Desk::Passages.create(given), say) } }
          app.patch("/api/passages/:id") { change { Resources::Passage.present(Desk::Passages.update(params[:id], given), say) } }
          app.delete("/api/passages/:id") { removal { Desk::Passages.remove(params[:id]) } }
        end

        # The whole workshop in one file, written beside the data and sent off.
        def self.archive(app)
          app.get("/api/archive.zip") do
            content_type "application/zip"
            cache_control :no_store
            attachment "workshop-#{Desk::House.today.iso8601}.zip"
            Dir.mktmpdir { |folder| File.binread(Backups.write(File.join(folder, "workshop.zip"))) }
          end
        end

        def self.stash(app)
          app.get("/api/stash") do
            worth, unknown = Desk::Stash.worth
            page = (params[:page] || 1).to_i
            items, total = Desk::Stash.page(page: page)
            json(items: Resources::StashItem.present(items, say), worth: say.money(worth), unknown: unknown, total: total, page: page, per: 100,
                 kinds: Core::Shelf::StashFit::KINDS.map { |key, label| { key: key, label: label } })
          end
          app.post("/api/stash") { change(201) { Resources::StashItem.present(Desk::Stash.create(given), say) } }
          app.patch("/api/stash/:id") { change { Resources::StashItem.present(Desk::Stash.update(params[:id], given), say) } }
          app.delete("/api/stash/:id") { removal { Desk::Stash.remove(params[:id]) } }
          app.post("/api/stash/:id/uses") { change(201) { { id: Desk::StashUses.create(params[:id], given).id } } }
          app.delete("/api/stash-uses/:id") { removal { Desk::StashUses.remove(params[:id]) } }
          app.get("/api/pieces/:id/stash") { json(Workshop.stash_of(Desk::Pieces.find(params[:id]))) }
        end
      end
    end
  end
end
