# frozen_string_literal: true

module Api
  module Routes
    module Bench
      # Hours and timers.
      module Hours
        def self.registered(app)
          app.post("/api/work") do
            change(201) { Serializers::Flips::Work.present(Operations::Flips::Work.create(given), formatter) }
          end
          app.patch("/api/work/:id") do
            change { Serializers::Flips::Work.present(Operations::Flips::Work.update(params[:id], given), formatter) }
          end
          app.delete("/api/work/:id") { removal { Operations::Flips::Work.remove(params[:id]) } }
          app.get("/api/done-with") { json(rows: Serializers::Planning::DoneWithRow.all(params, formatter)) }
          timers(app)
        end

        def self.timers(app)
          app.post("/api/work/timed") do
            change(201) do
              Serializers::Flips::Work.present(Operations::Bench::FinishedTimers.record(given), formatter)
            end
          end
          app.get("/api/timers") do
            json(timers: Serializers::Bench::Timer.present(Operations::Bench::Timers.with_references, formatter))
          end
          app.post("/api/timers") do
            change(201) { Serializers::Bench::Timer.present(Operations::Bench::Timers.start(given), formatter) }
          end
          app.post("/api/timers/:id/stop") do
            change(201) { Serializers::Flips::Work.present(Operations::Bench::Timers.stop(params[:id], given), formatter) }
          end
          app.delete("/api/timers/:id") { removal { Operations::Bench::Timers.discard(params[:id]) } }
        end
      end
    end
  end
end
