# frozen_string_literal: true

module Kohlrabi
  module Api
    module Routes
      module Bench
        # What the core computed: Today, and how a time worked is read.
        module Today
          def self.registered(app)
            app.get("/api/today") { json(Serializers::Bench::TodayPage.new(Operations::Bench::Today.answer(minutes: params[:minutes]&.to_i, person: params[:person]&.to_i), say).to_h) }
            app.get("/api/pieces/:id/diary") { json(Today.diary(Operations::Flips::Pieces.find(params[:id]), say)) }
            app.get("/api/read/climate") { json(Today.climate(Operations::Bench::Climate.now(params), say)) }
            app.get("/api/read/effort") { json(say.effort(Core::Units::Effort.parse(params[:text]))) }
          end

          def self.climate(climate, say)
            dew = climate.dew_point
            { dew_point: dew && say.degrees(dew), against: climate.against, may: climate.against.empty? }
          end

          # Everything on a piece in order, the latest first.
          def self.diary(piece, say)
            Operations::Flips::Diary.of(piece).map do |line|
              { on: say.day(line.on), kind: line.kind, text: line.text, effort: say.effort(line.seconds), money: say.money(line.minor) }
            end
          end

          # A reading that was kept, and what it means for a coat now.
          def self.reading(row, say)
            climate = Operations::Bench::Climate.of(row)
            taken = row.taken_at.in_time_zone(say.workshop.zone).strftime("%H:%M")
            humidity = "#{Core::Units::Numerals.text(row.humidity.to_r, 0)}%"
            { air: say.degrees(row.air), humidity: humidity, surface: row.surface && say.degrees(row.surface),
              source: row.source, taken: taken, **climate(climate, say) }
          end
        end
      end
    end
  end
end
