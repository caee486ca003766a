# frozen_string_literal: true

module Api
  module Routes
    module House
      # House rules and people.
      module Workshop
        def self.registered(app)
          openings(app)
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
      end
    end
  end
end
