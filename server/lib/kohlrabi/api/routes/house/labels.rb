# frozen_string_literal: true

module Api
  module Routes
    module House
      # Tickets to print.
      module Labels
        def self.registered(app)
          app.helpers do
            define_method(:ticket) do |one|
              address = Network.open_at(request) and address += one.path
              file("label-#{one.number.downcase.tr(' ', '-')}.pdf", "application/pdf") do
                Formats::Label.new(one.number, one.name, line: one.line, address: address).to_s
              end
            end
          end
          app.get("/api/pieces/:id/label") { ticket(Operations::House::Labels.piece(params[:id])) }
          app.get("/api/pieces/:id/parts/label") { ticket(Operations::House::Labels.parts(params[:id])) }
          app.get("/api/containers/:id/label") do
            said = Serializers::Shelf::Container.new(
              Operations::Support::Finder.find(Records::Container, params[:id]), formatter
            ).to_h
            ticket(Operations::House::Labels.tin(params[:id], said.symbolize_keys.slice(:label, :size)))
          end
        end
      end
    end
  end
end
