# frozen_string_literal: true

module Api
  module Routes
    module Flips
      # Pieces, their events, and undoing removals.
      module Pieces
        LIST = %w[view sort query year stage by trait].freeze

        def self.registered(app)
          pieces(app)
          diary(app)
          events(app)
          app.post("/api/deletions/:id/undo") { removal { Operations::Support::Removal.undo(params[:id]) } }
          app.post("/api/acts/:id/undo") { change { { undone: Operations::Support::Acts.undo(params[:id]) } } }
          app.get("/api/search") { json(hits: Serializers::Support::SearchHits.new(params[:query]).to_a) }
          app.get("/api/find") do
            json(Serializers::Flips::PieceName.present(Operations::Flips::Lists.find(params[:query]), formatter))
          end
        end

        def self.pieces(app)
          app.get("/api/pieces") do
            options = LIST.to_h { |name| [name.to_sym, params[name]] }.compact_blank
            options[:descending] = params[:descending].to_s != "false"
            options[:page] = params[:page].to_i if params[:page]
            options[:per] = params[:per].to_i if params[:per]
            page = Operations::Flips::Lists.page(**options)
            json(rows: Serializers::Flips::PieceRows.present(page.rows, formatter), total: page.total, page: page.page, per: page.per,
                 choices: Operations::Flips::Lists.choices(options.fetch(:view, "in_hand")),
                 in_hand: Serializers::Books::BooksPage.in_hand(formatter))
          end
          app.post("/api/pieces") { change(201) { piece_page(Operations::Flips::Pieces.create(given)) } }
          app.get("/api/pieces/:id") do
            json(Serializers::Flips::PiecePage.new(Operations::Flips::Pieces.find(params[:id]), formatter).to_h)
          end
          app.patch("/api/pieces/:id") { change { piece_page(Operations::Flips::Pieces.update(params[:id], given)) } }
          app.delete("/api/pieces/:id") { removal { Operations::Flips::Pieces.remove(params[:id]) } }
        end

        def self.diary(app)
          app.get("/api/pieces/:id/diary") do
            json(Serializers::Flips::DiaryLine.present(
                   Operations::Flips::Diary.of(Operations::Flips::Pieces.find(params[:id])), formatter
                 ))
          end
          app.post("/api/pieces/:id/notes") do
            change(201) { { id: Operations::Flips::Notes.create(params[:id], given).id } }
          end
          app.delete("/api/notes/:id") { removal { Operations::Flips::Notes.remove(params[:id]) } }
        end

        def self.events(app)
          app.post("/api/pieces/:id/events") do
            change(201) { Serializers::Flips::Event.present(Operations::Flips::Events.create(params[:id], given), formatter) }
          end
          app.post("/api/events/several") do
            change(201) { { ids: Operations::Flips::Several.create(given).map(&:id) } }
          end
          app.patch("/api/events/:id") do
            change { Serializers::Flips::Event.present(Operations::Flips::Events.update(params[:id], given), formatter) }
          end
          app.delete("/api/events/:id") { removal { Operations::Flips::Events.remove(params[:id]) } }
        end
      end
    end
  end
end
