# frozen_string_literal: true

module Api
  module Serializers
    module Bench
      # A climate, and what it means for a coat now.
      module ClimateWords
        module_function

        # climate: Core::Bench::Climate.
        def of(climate, formatter)
          dew = climate.dew_point
          against = climate.against(unit: formatter.workshop.length_unit)
          { dew_point: dew && formatter.degrees(dew), against: against, may: against.empty? }
        end

        # row: a reading that was kept.
        def reading(row, formatter)
          { air: formatter.degrees(row.air), humidity: "#{Core::Units::Numerals.text(row.humidity.to_r, 0)}%",
            surface: row.surface && formatter.degrees(row.surface), source: row.source,
            taken: row.taken_at.in_time_zone(formatter.workshop.zone).strftime("%H:%M"), **of(Operations::Bench::Climate.of(row), formatter) }
        end
      end
    end
  end
end
