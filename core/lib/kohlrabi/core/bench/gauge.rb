# frozen_string_literal: true

module Core
  module Bench
    # A simulated thermometer and hygrometer: an unheated workshop through the year and the day, the same at the same
    # hour. It stands in for a device and measures nothing.
    module Gauge
      YEAR = [12.0, 7.0].freeze # °C: middle of the year's curve, and how far it swings (invented)
      DAY = 2.5 # °C: how far a day swings (invented)
      DAMP = [66.0, 9.0].freeze # % in the middle of the curve, and how far it swings against warmth (invented)
      COLDEST = 20 # day of the year
      WARMEST = 15 # hour of the day

      extend self

      # day: of the year, 1 to 366; hour: of the day, 0 to 24. Returns Climate to a tenth of a degree and a whole
      # percent.
      def read(day:, hour:)
        year = -Math.cos(2 * Math::PI * (day - COLDEST) / 365.25)
        swing = Math.cos(2 * Math::PI * (hour - WARMEST) / 24.0)
        Bench::Climate.new(air: (YEAR[0] + (YEAR[1] * year) + (DAY * swing)).round(1),
                           humidity: (DAMP[0] - (DAMP[1] * swing) - (3 * year)).round)
      end
    end
  end
end
