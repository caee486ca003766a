# frozen_string_literal: true

module Kohlrabi
  module Api
    module Routes
      # Pieces, their events, and undoing removals.
      module Pieces
        LIST = %w[view sort query year by trait].freeze

        def self.registered(app)
          pieces(app)
          events(app)
          app.post("/api/deletions/:id/undo") { removal { Desk::Removal.undo(params[:id]) } }
          app.get("/api/find") { json(Resources::PieceName.present(Desk::Lists.find(params[:query]), say)) }
        end

        def self.pieces(app)
          app.get("/api/pieces") do
            options = LIST.to_h { |name| [name.to_sym, params[name]] }.compact_blank
            options[:descending] = params[:descending].to_s != "false"
            options[:page] = params[:page].to_i if params[:page]
            options[:per] = params[:per].to_i if params[:per]
            page = Desk::Lists.page(**options)
            json(rows: Rows.present(page.rows, say), total: page.total, page: page.page, per: page.per,
                 in_hand: BooksPage.in_hand(say))
          end
          app.post("/api/pieces") { change(201) { piece_page(Desk::Pieces.create(given)) } }
          app.get("/api/pieces/:id") { json(PiecePage.new(Desk::Pieces.find(params[:id]), say).to_h) }
          app.patch("/api/pieces/:id") { change { piece_page(Desk::Pieces.update(params[:id], given)) } }
          app.delete("/api/pieces/:id") { removal { Desk::Pieces.remove(params[:id]) } }
        end

        def self.events(app)
          app.post("/api/pieces/:id/events") { change(201) { Resources::Event.present(Desk::Events.create(params[:id], given), say) } }
          app.patch("/api/events/:id") { change { Resources::Event.present(Desk::Events.update(params[:id], given), say) } }
          app.delete("/api/events/:id") { removal { Desk::Events.remove(params[:id]) } }
        end
      end
    end
  end
end
