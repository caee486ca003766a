# frozen_string_literal: true

module Api
  module Routes
    module Books
      # Files for other programs and other people.
      module Exports
        CSV = "text/csv"

        class << self
          def registered(app)
            app.helpers do
              define_method(:file) do |name, type, &body|
                type == "application/pdf" ? content_type(type) : content_type(type, charset: "utf-8")
                cache_control :no_store
                attachment name
                body.call
              end
            end
            tables(app)
            money(app)
          end

          private

          def tables(app)
            app.get("/api/export/flips.csv") { file("flips.csv", CSV) { Operations::Books::Exports.flips } }
            app.get("/api/export/costs.csv") { file("costs.csv", CSV) { Operations::Books::Exports.costs } }
            app.get("/api/export/hours.csv") { file("hours.csv", CSV) { Operations::Books::Exports.hours } }
            app.get("/api/export/sales.csv") { file("sales.csv", CSV) { Operations::Books::Exports.sales } }
          end

          def money(app)
            app.get("/api/export/books.journal") do
              file("books.journal", "text/plain") { Operations::Books::Exports.journal }
            end
            app.get("/api/export/tax/:year") do
              file("tax-#{params[:year].to_i}.csv", CSV) { Operations::Books::TaxYear.new(params[:year].to_i).to_s }
            end
            app.get("/api/export/year/:year") do
              file("year-#{params[:year].to_i}.pdf", "application/pdf") { Formats::YearPdf.new(params[:year].to_i).to_s }
            end
            app.get("/api/pieces/:id/card") do
              file("flip-#{params[:id].to_i}.pdf", "application/pdf") do
                Formats::FlipCard.new(Operations::Flips::Pieces.find(params[:id])).to_s
              end
            end
          end
        end
      end
    end
  end
end
