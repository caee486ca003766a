# frozen_string_literal: true

module Api
  module Routes
    module Bench
      # The schedule over all pieces, working hours, weather and climate.
      module Schedule
        def self.registered(app)
          app.get("/api/schedule") do
            json(Serializers::Bench::SchedulePage.new(
              params[:from] ? Date.iso8601(params[:from]) : Operations::Support::Workshop.today, formatter
            ).to_h)
          end
          app.put("/api/schedule/moves") do
            change { { changes: Operations::Bench::ReadyDateChanges.of { Operations::Bench::Moves.put(given) } } }
          end
          app.put("/api/schedule/weather") do
            change { { changes: Operations::Bench::ReadyDateChanges.of { Operations::House::WorkingTimes.weather(given) } } }
          end
          app.get("/api/calendar.ics") do
            content_type "text/calendar"
            cache_control :no_store
            attachment "kohlrabi.ics", :inline
            Operations::Bench::Feed.text
          end
          hours(app)
          climate(app)
        end

        def self.hours(app)
          app.get("/api/people/:id/week") do
            json(Schedule.week(Operations::Support::Finder.find(Records::Person, params[:id])))
          end
          app.put("/api/people/:id/week") do
            change do
              Operations::House::WorkingTimes.week(params[:id], given)
              Schedule.week(Operations::Support::Finder.find(Records::Person, params[:id]))
            end
          end
          app.put("/api/people/:id/day") do
            change { { changes: Operations::Bench::ReadyDateChanges.of { Operations::House::WorkingTimes.day(params[:id], given) } } }
          end
        end

        def self.climate(app)
          app.post("/api/climate") do
            change(201) { Serializers::Bench::ClimateWords.reading(Operations::Bench::Climate.keep(given), formatter) }
          end
          app.post("/api/climate/simulated") do
            change(201) { Serializers::Bench::ClimateWords.reading(Operations::Bench::Climate.simulate, formatter) }
          end
        end

        # A person's hours by weekday, as they would be typed.
        def self.week(person)
          rows = Operations::House::WorkingTimes.rows(person)
          clock = Core::Bench::Hours.method(:text)
          { assumed: Operations::House::WorkingTimes.assumed?(person), rows: rows.map { |row| { weekday: row.weekday, from: clock.call(row.from), to: clock.call(row.to) } } }
        end
      end
    end
  end
end
