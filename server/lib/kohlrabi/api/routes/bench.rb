# frozen_string_literal: true

module Kohlrabi
  module Api
    module Routes
      # The schedule over all pieces, working hours, weather and climate.
      module Bench
        def self.registered(app)
          app.get("/api/schedule") { json(SchedulePage.new(params[:from] ? Date.iso8601(params[:from]) : Desk::House.today, say).to_h) }
          app.put("/api/schedule/moves") { change { { changes: Desk::Effects.of { Desk::Moves.put(given) } } } }
          app.put("/api/schedule/weather") { change { { changes: Desk::Effects.of { Desk::WorkingTimes.weather(given) } } } }
          app.get("/api/calendar.ics") do
            content_type "text/calendar"
            cache_control :no_store
            attachment "kohlrabi.ics", :inline
            Desk::Feed.text
          end
          hours(app)
          climate(app)
        end

        def self.hours(app)
          app.get("/api/people/:id/week") { json(Bench.week(Desk::Finder.find(Records::Person, params[:id]))) }
          app.put("/api/people/:id/week") do
            change do
              Desk::WorkingTimes.week(params[:id], given)
              Bench.week(Desk::Finder.find(Records::Person, params[:id]))
            end
          end
          app.put("/api/people/:id/day") { change { { changes: Desk::Effects.of { Desk::WorkingTimes.day(params[:id], given) } } } }
        end

        def self.climate(app)
          app.post("/api/climate") { change(201) { Answers.reading(Desk::Coating.keep(given), say) } }
          app.post("/api/climate/simulated") { change(201) { Answers.reading(Desk::Coating.simulate, say) } }
        end

        # A person's hours by weekday, as they would be typed.
        def self.week(person)
          rows = Desk::WorkingTimes.rows(person)
          clock = Core::Bench::Hours.method(:text)
          { assumed: Desk::WorkingTimes.assumed?(person), rows: rows.map { |row| { weekday: row.weekday, from: clock.call(row.from), to: clock.call(row.to) } } }
        end
      end
    end
  end
end
