# frozen_string_literal: true

module Api
  module Routes
    module Bench
      # Today, whether a coat may go on now, and how a time worked is read.
      module Today
        def self.registered(app)
          app.get("/api/today") do
            json(Serializers::Bench::TodayPage.new(
              Operations::Bench::Today.answer(minutes: params[:minutes]&.to_i, person: params[:person]&.to_i), formatter
            ).to_h)
          end
          app.get("/api/version") { json(Operations::House::Versions.now) }
          app.post("/api/questions/:id/answer") do
            change { { told: Operations::Flips::Questions.answer(params[:id], given) } }
          end
          app.delete("/api/questions/:id/answer") do
            change { { told: "Undone. You can answer it again." }.tap { Operations::Flips::Questions.ask_again(params[:id]) } }
          end
          app.get("/api/read/climate") do
            json(Serializers::Bench::ClimateWords.of(Operations::Bench::Climate.now(params), formatter))
          end
          app.get("/api/read/effort") do
            json(formatter.effort(Core::Units::Effort.parse(params[:text], bare: { "h" => :hours, "min" => :minutes }.fetch(params[:bare], :auto),
                                                                           most: Core::Units::Effort::MOST_LEFT)))
          end
        end
      end
    end
  end
end
