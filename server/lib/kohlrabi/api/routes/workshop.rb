# frozen_string_literal: true

module Kohlrabi
  module Api
    module Routes
      # House rules and people.
      module Workshop
        def self.registered(app)
          app.get("/api/workshop") { json(Resources::Workshop.present(Desk::House.workshop, say)) }
          app.patch("/api/workshop") { change { Desk::House.update(given).then { |workshop| Resources::Workshop.present(workshop, Say.new(workshop)) } } }
          app.post("/api/people") { change(201) { Resources::Person.present(Desk::House.add_person(given), say) } }
          app.patch("/api/people/:id") { change { Resources::Person.present(Desk::House.rename_person(params[:id], given), say) } }
        end
      end
    end
  end
end
